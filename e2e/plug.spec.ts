import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { seededRandom } from '../core/random'
import type { Outing } from '../core/outing'
import { expect, test, type Page } from './browser'
import { readStored } from './stored'
import { mortalBrowser, withProfile, type MortalBrowser } from './mortal-browser'

/** `npm run torture page` pulls two hundred times. */
const PULLS = Number(process.env.PULLS ?? 10)
/** At every so many pulls the whole browser goes, at the others the page's process. */
const WHOLE_EVERY = 5
const SEED = 12

/** What is tapped between two pulls. */
const KINDS = ['altered', 'answer', 'cast', 'companion', 'lost-part', 'rig', 'sign']

const kindsStored = async (page: Page): Promise<string[]> => {
  const { stores } = await readStored(page)
  const outings = stores.find(({ name }) => name === 'outings')?.rows as Outing[]
  return outings.filter((o) => !o.entries.some((e) => e.kind === 'end')).flatMap((o) => o.entries.map((e) => e.kind))
}

const entriesShown = async (page: Page) => Number(await page.locator('.live').getAttribute('data-entries'))

/** Waits for the outing; what stands there instead is told. */
async function outingShown(page: Page, pull: number): Promise<void> {
  await page
    .locator('.live')
    .waitFor({ timeout: 60_000 })
    .catch(async () => {
      const instead = await page.locator('body').innerText()
      throw new Error(`after pull ${pull} the page shows: ${instead.slice(0, 600)}`)
    })
}

test(`the plug is pulled at ${PULLS} moments of a logged day, and no confirmed entry is lost`, async ({ baseURL }) => {
  test.setTimeout(PULLS * 12_000)
  const luck = seededRandom(SEED)
  let confirmed = 0
  let lost = 0
  /** Kinds of entries that were written down over the day. */
  const kinds = new Set<string>()
  await withProfile(async (profile) => {
    let browser: MortalBrowser | null = null
    for (let pull = 0; pull <= PULLS; pull++) {
      browser ??= await mortalBrowser(profile)
      const page = await browser.newPage()
      await page.goto(`${baseURL}/outing`)
      if (pull === 0) await page.getByRole('button', { name: /^Start with/ }).click({ timeout: 60_000 })
      await outingShown(page, pull)
      const found = await entriesShown(page)
      for (const kind of await kindsStored(page)) kinds.add(kind)
      lost += Math.max(0, confirmed - found)
      confirmed = found
      // Taps go on by themselves, and what the page shows as written down is heard of at once; then the plug goes, wherever it all stands.
      const heard = (count: number) => (confirmed = Math.max(confirmed, count))
      await page.exposeFunction('heard', heard)
      await page.evaluate((from) => {
        const shown = document.querySelector('.live')
        if (!shown) return
        new MutationObserver(() =>
          (window as unknown as { heard: (n: number) => void }).heard(Number(shown.getAttribute('data-entries'))),
        ).observe(shown, { attributes: true })
        // One after another: answers, what others caught, signs, lost parts, what is done to a lure in the hand, and more told of a follower.
        const answers = ['peck', 'follow', 'lost', 'landed', 'seen'].map((id) => `[data-answer=${id}]`)
        const beside = ['companion', 'birds', 'sinker'].map((id) => `[data-beside=${id}]`)
        const sheets = [...beside, ...answers]
        let [next, n] = [from, from]
        setInterval(() => {
          const find = (selector = '') => document.querySelector<HTMLElement>(selector)
          const chosen = find(sheets[next % sheets.length])
          const [alter, farther] = [find('[data-altered=trailer]'), find('button[aria-label=Farther]')]
          if (chosen) next += 1
          n += 1
          const tapped = alter ?? chosen ?? (n % 4 === 0 ? farther : null)
          ;(tapped ?? find(['.thumb .cast', '.thumb .fish', '.hand'][n % 3]))?.click()
        }, 20)
      }, pull)
      await new Promise((resolve) => setTimeout(resolve, 60 + Math.floor(420 * luck.next())))
      if (pull % WHOLE_EVERY !== 0) await browser.crashPage(page)
      else {
        await browser.kill()
        browser = null
      }
    }
    await browser?.kill()
  })
  console.info(`${PULLS} pulls of the plug, ${confirmed} entries confirmed, ${lost} lost`)
  expect(lost).toBe(0)
  expect(confirmed).toBeGreaterThan(PULLS)
  if (PULLS >= 50) expect([...kinds].sort()).toEqual(KINDS)
})

/** `npm run torture page` kills it more often. */
const KILLS = Number(process.env.KILLS ?? 3)

test(`the browser dies ${KILLS} times 300 ms after the last key, and all that was typed is there`, async ({
  baseURL,
}) => {
  test.setTimeout(60_000 + KILLS * 30_000)
  await withProfile(async (profile) => {
    let typed: string | null = null
    for (let kill = 0; kill <= KILLS; kill++) {
      const browser = await mortalBrowser(profile)
      const page = await browser.newPage()
      await page.goto(`${baseURL}/water/places`)
      const note = page.getByLabel('Note', { exact: true }).first()
      await expect(note).toBeVisible()
      if (typed !== null) await expect(note).toHaveValue(typed)
      typed = `After kill ${kill} the reed edge was bare, and the drop-off lay farther out than it did`
      await note.fill('')
      // As fast as a hand can, so that a slow disk falls behind.
      await note.pressSequentially(typed, { delay: 8 })
      await new Promise((resolve) => setTimeout(resolve, 300))
      await browser.kill()
    }
  })
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
      await expect(page.getByText('Ready without a network')).toBeVisible({ timeout: 60_000 })
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
      // A new tab, never opened before, on a page never seen before.
      const other = await page.context().newPage()
      await other.goto(`${url}/box/files`)
      await expect(other.getByText('Ready without a network')).toBeVisible()
      await other.close()
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
