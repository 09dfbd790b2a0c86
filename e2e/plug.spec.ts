import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createServer } from 'node:net'
import { chromium } from '@playwright/test'
import { expect, test, type Page } from './browser'
import { chance } from '../core/chance'

const ARGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--remote-debugging-port=0',
]
const PULLS = 50
/** At every so many pulls the whole browser goes, at the others the page's process. */
const WHOLE_EVERY = 5
const SEED = 12

/** A browser of its own with a profile that outlives it, and two ways to end what runs in it at once. */
async function browserOn(profile: string, viewport = '390,844') {
  const child: ChildProcess = spawn(
    '/usr/bin/chromium',
    [...ARGS, `--user-data-dir=${profile}`, `--window-size=${viewport}`, 'about:blank'],
    {
      detached: true,
      stdio: ['ignore', 'ignore', 'pipe'],
    },
  )
  const endpoint = await new Promise<string>((resolve, reject) => {
    let said = ''
    child.stderr?.on('data', (part) => {
      said += String(part)
      const found = /ws:\/\/\S+/.exec(said)
      if (found) resolve(found[0])
    })
    child.on('exit', () => reject(new Error(`the browser ended: ${said.slice(-300)}`)))
  })
  const browser = await chromium.connectOverCDP(endpoint)
  const [context] = browser.contexts()
  if (!context) throw new Error('no context')
  const cdp = await browser.newBrowserCDPSession()
  return {
    newPage: () => context.newPage(),
    /** The processes in which pages run are killed; the browser stays. */
    async pullPage(page: Page) {
      const { processInfo } = await cdp.send('SystemInfo.getProcessInfo')
      const crashed = page.waitForEvent('crash')
      for (const { id } of processInfo.filter(({ type }) => type === 'renderer')) process.kill(id, 'SIGKILL')
      await crashed
      await page.close()
    },
    /** The whole browser is killed: it is many processes. */
    async pullAll() {
      const ended = new Promise((resolve) => child.on('exit', resolve))
      process.kill(-(child.pid ?? 0), 'SIGKILL')
      await ended
      await browser.close().catch(() => undefined)
    },
  }
}
const entriesShown = async (page: Page) => Number(await page.locator('.live').getAttribute('data-entries'))

test(`the plug is pulled at ${PULLS} moments of a logged day, and no confirmed entry is lost`, async ({ baseURL }) => {
  test.setTimeout(600_000)
  const profile = mkdtempSync(join(tmpdir(), 'ygrion-plug-'))
  const luck = chance(SEED)
  let confirmed = 0
  let lost = 0
  let browser: Awaited<ReturnType<typeof browserOn>> | null = null
  try {
    for (let pull = 0; pull <= PULLS; pull++) {
      browser ??= await browserOn(profile)
      const page = await browser.newPage()
      await page.goto(`${baseURL}/outing`)
      if (pull === 0) await page.getByRole('button', { name: /^Start with/ }).click({ timeout: 60_000 })
      await page.locator('.live').waitFor({ timeout: 60_000 })
      const found = await entriesShown(page)
      lost += Math.max(0, confirmed - found)
      confirmed = found
      // Taps go on by themselves, and what the page shows as written down is heard of at once; then the plug goes, wherever it all stands.
      const heard = (count: number) => (confirmed = Math.max(confirmed, count))
      await page.exposeFunction('heard', heard)
      await page.evaluate(() => {
        const shown = document.querySelector('.live')
        if (!shown) return
        new MutationObserver(() =>
          (window as unknown as { heard: (n: number) => void }).heard(Number(shown.getAttribute('data-entries'))),
        ).observe(shown, { attributes: true })
        let n = 0
        setInterval(() => {
          const sheet = document.querySelector<HTMLElement>('[data-answer=peck]')
          if (sheet) sheet.click()
          else document.querySelector<HTMLElement>(n++ % 3 ? '.thumb .cast' : '.thumb .fish')?.click()
        }, 20)
      })
      await new Promise((resolve) => setTimeout(resolve, 60 + Math.floor(420 * luck.next())))
      if (pull % WHOLE_EVERY !== 0) await browser.pullPage(page)
      else {
        await browser.pullAll()
        browser = null
      }
    }
    console.info(`${PULLS} pulls of the plug, ${confirmed} entries confirmed, ${lost} lost`)
    expect(lost).toBe(0)
    expect(confirmed).toBeGreaterThan(PULLS)
  } finally {
    await browser?.pullAll()
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 })
  }
})

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } })
  test('opens and works with the server stopped', async ({ page }) => {
    const port = await new Promise<number>((resolve) => {
      const probe = createServer().listen(0, () => {
        const address = probe.address()
        probe.close(() => resolve(typeof address === 'object' && address ? address.port : 4396))
      })
    })
    const url = `http://127.0.0.1:${port}`
    const server = spawn('node', ['.output/server/index.mjs'], {
      env: { ...process.env, PORT: String(port), HOST: '127.0.0.1' },
      stdio: 'ignore',
    })
    try {
      await expect
        .poll(
          () =>
            fetch(url).then(
              (r) => r.status,
              () => 0,
            ),
          { timeout: 30_000 },
        )
        .toBe(200)
      await page.goto(`${url}/outing`)
      await page.evaluate(async () => {
        await navigator.serviceWorker.ready
      })
      await page.getByRole('button', { name: /^Start with/ }).click()
      await expect(page.locator('.live')).toBeVisible()
      const stopped = new Promise((resolve) => server.on('exit', resolve))
      server.kill('SIGKILL')
      await stopped
      await expect
        .poll(() =>
          fetch(url).then(
            () => 'answers',
            () => 'gone',
          ),
        )
        .toBe('gone')
      await page.reload()
      await expect(page.locator('.live')).toHaveAttribute('data-entries', '1')
      await page.locator('.thumb .fish').click()
      await page.locator('[data-answer=peck]').click()
      await expect(page.locator('.live')).toHaveAttribute('data-entries', '2')
      // Every view is at hand, and the match still answers: it never needed the server.
      for (const [name, seen] of [
        ['Match', '[data-lure]'],
        ['Box', '[data-lure]'],
        ['Review', 'svg .dot'],
        ['Bench', '[data-bench]'],
      ] as const) {
        await page.getByRole('link', { name, exact: true }).click()
        await expect(page.locator(seen).first()).toBeVisible()
      }
      await page.goto(`${url}/review/season`)
      await expect(page.getByRole('heading', { name: 'The season' })).toBeVisible()
      await page.goto(`${url}/outing`)
      await expect(page.locator('.live')).toHaveAttribute('data-entries', '2')
    } finally {
      server.kill('SIGKILL')
    }
  })
  test('it can be installed: manifest, icons, and a page that starts on the water', async ({ page, request }) => {
    await page.goto('/')
    const href = await page.locator('link[rel=manifest]').getAttribute('href')
    const manifest = await (await request.get(href ?? '')).json()
    expect(manifest).toMatchObject({ name: 'Ygrion', display: 'standalone', start_url: '/outing' })
    for (const { src } of manifest.icons) expect((await request.get(src)).ok()).toBe(true)
  })
})
