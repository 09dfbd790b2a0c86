/** Files that would stop a page, given to one: how long it stands still, at the longest, while each is read, looked through and told. */
import { spawn } from 'node:child_process'
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { chromium, type Page } from 'playwright-core'
import { BROWSER_ARGS, CHROMIUM, ROOT } from './setup.mjs'
import type { Finding } from './torture-server'

const PORT = 4468
/** Longest that a page may stand still while a file is read, ms; and how much of that is left to a noisy machine where a box of 19,000 lures is exchanged. */
const STILL_MS = 200
const STILL_LARGE_MS = 400
const LONGEST_WAIT_MS = 120_000

const HEADINGS = 'Name,Family,Length (mm),Weight (g)'
const lures = (n: number) =>
  [HEADINGS, ...Array.from({ length: n }, (_, i) => `L ${i},Crankbait,${40 + (i % 60)},${5 + (i % 20)}`)].join('\n')
const SHEETS: Readonly<Record<string, string>> = {
  '100 columns': `${HEADINGS}${',x'.repeat(96)}\nA,Crankbait,50,8${',1'.repeat(96)}`,
  '1,000 columns': `${'c,'.repeat(1000)}\n${'1,'.repeat(1000)}`,
  'a million columns': `${'c,'.repeat(1_000_000)}\n1`,
  'a cell of 1 MB': `Name,b\n1,${'x'.repeat(1_000_000)}`,
  '100,000 brackets in a heading': `${'('.repeat(100_000)},b\n1,2`,
  '30,000 rows': lures(30_000),
  '20,000 rows': lures(20_000),
}

/** Longest gap between two ticks of the page since it was asked last, ms. */
const still = (page: Page) =>
  page.evaluate(() => {
    const now = Number(Reflect.get(window, 'still'))
    Reflect.set(window, 'still', 0)
    return Math.round(now)
  })

export async function torturePage(): Promise<Finding[]> {
  const server = spawn('node', ['.output/server/index.mjs'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(PORT), HOST: '127.0.0.1' },
    stdio: 'ignore',
  })
  const dir = await mkdtemp(join(tmpdir(), 'ygrion-'))
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: BROWSER_ARGS })
  const found: Finding[] = []
  const tell = (what: string, ms: number, most: number) =>
    found.push({ what, found: `the page stood still ${ms} ms at most`, ok: ms <= most })
  try {
    await wait(2500)
    const page = await browser.newPage({ serviceWorkers: 'block' })
    page.setDefaultTimeout(LONGEST_WAIT_MS)
    await page.goto(`http://127.0.0.1:${PORT}/box/files`)
    await page.getByRole('button', { name: 'Export to a file' }).waitFor()
    await wait(3000)
    await page.evaluate(() => {
      Reflect.set(window, 'still', 0)
      let last = performance.now()
      setInterval(() => {
        const now = performance.now()
        Reflect.set(window, 'still', Math.max(Number(Reflect.get(window, 'still')), now - last - 20))
        last = now
      }, 20)
    })
    for (const [what, text] of Object.entries(SHEETS)) {
      const file = join(dir, 'sheet.csv')
      await writeFile(file, text)
      await page.getByLabel('Spreadsheet to bring').setInputFiles(file)
      await page.locator('.sheet .map, .sheet .wrong').first().waitFor()
      const look = page.getByRole('button', { name: 'Look through the rows' })
      if (await look.count()) {
        await look.click()
        await page.getByRole('button', { name: 'Take them in' }).waitFor()
        await wait(300)
        await page.getByRole('button', { name: 'Cancel' }).click()
      }
      tell(`a sheet of ${what}`, await still(page), STILL_MS)
    }
    const save = async (to: string) => {
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Export to a file' }).click(),
      ])
      await download.saveAs(to)
    }
    const archive = join(dir, 'archive.json')
    await save(archive)
    const content = JSON.parse(await readFile(archive, 'utf8')) as { box: { lures: { id: string }[] } }
    const some = content.box.lures
    content.box.lures = Array.from({ length: 19_000 }, (_, i) => ({
      ...some[i % some.length],
      id: `many-${i}`,
      trayId: null,
      slot: null,
    }))
    await writeFile(archive, JSON.stringify(content))
    await still(page)
    await page.getByLabel('Archive to import').setInputFiles(archive)
    const replace = page.getByRole('button', { name: 'Replace everything' })
    await replace.waitFor()
    tell('an archive of 19,000 lures, read', await still(page), STILL_MS)
    await replace.click()
    await replace.waitFor({ state: 'hidden' })
    await wait(3000)
    tell('the box replaced by 19,000 lures', await still(page), STILL_LARGE_MS)
    await save(archive)
    tell('19,000 lures, exported and read again', await still(page), STILL_LARGE_MS)
  } finally {
    await browser.close()
    server.kill()
    await rm(dir, { recursive: true })
  }
  return found
}
