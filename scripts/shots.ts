/** Refreshes docs/screenshots from the demo data on a fixed June morning. */
import { chromium, type Page } from '@playwright/test'
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { CHROMIUM, ROOT, ensureBrowser, ensureBuild } from './setup.mjs'

ensureBrowser()
ensureBuild()
const port = '4397'
const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  cwd: ROOT,
  env: { ...process.env, PORT: port, HOST: '127.0.0.1' },
})
await new Promise((resolve) => server.stdout.once('data', resolve))
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
const folder = join(ROOT, 'docs/screenshots')
mkdirSync(folder, { recursive: true })

const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const button = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).first()
interface Shot {
  readonly name: string
  readonly path: string
  readonly size: { readonly width: number; readonly height: number }
  /** What is done on the page before the picture. */
  readonly then?: (page: Page) => Promise<unknown>
}
/** A plan of the demo's day, to the proof. */
async function workOut(page: Page) {
  await page.getByRole('button', { name: 'Work it out' }).click()
  await page.getByText(/^No kit of/).waitFor({ timeout: 240_000 })
  await page.getByText('Undo', { exact: true }).waitFor({ state: 'hidden' })
}
const SHOTS: readonly Shot[] = [
  { name: 'match', path: '/', size: DESK },
  {
    name: 'how-to',
    path: '/',
    size: DESK,
    then: async (page) => {
      await page.getByRole('tab', { name: 'How to fish it' }).click()
      await page.getByRole('heading', { name: 'What they tell you' }).waitFor()
      await page.getByRole('tablist').evaluate((tabs) => tabs.scrollIntoView())
    },
  },
  {
    name: 'what-if',
    path: '/',
    size: DESK,
    then: async (page) => {
      await page.getByRole('tab', { name: 'What if' }).click()
      await page.getByTestId('slid').waitFor({ timeout: 60_000 })
      await page.getByRole('tablist').evaluate((tabs) => tabs.scrollIntoView())
    },
  },
  { name: 'rules', path: '/rules', size: DESK },
  {
    name: 'techniques',
    path: '/rules/techniques?t=rip-pause',
    size: DESK,
    then: async (page) => {
      await page.locator('.entry svg').first().waitFor()
    },
  },
  {
    name: 'instruments',
    path: '/water/instruments',
    size: DESK,
    then: async (page) => {
      await button(page, 'Listen (simulated)').click()
      await button(page, 'Ask for the day').click()
      await page.getByTestId('report').waitFor()
      await page.getByTestId('nmea').getByText('°C').waitFor()
    },
  },
  {
    name: 'water',
    path: '/water',
    size: DESK,
    then: (page) => page.locator('.asked li').first().waitFor({ timeout: 60_000 }),
  },
  { name: 'box', path: '/box', size: DESK },
  {
    name: 'lure-form',
    path: '/box',
    size: DESK,
    then: async (page) => {
      await page.getByRole('textbox', { name: 'Search' }).fill('Nimbletwig 110')
      await page.locator('[data-lure="Nimbletwig 110"]').click()
      await page.getByText('What was done to it').waitFor()
    },
  },
  { name: 'rig', path: '/box/rigs', size: DESK, then: (page) => page.locator('[data-rig="Drowned birches"]').click() },
  { name: 'bench', path: '/bench?lure=demo-025', size: DESK },
  { name: 'dive-chart', path: '/bench/chart?lure=demo-025', size: DESK },
  { name: 'plan', path: '/plan', size: DESK, then: workOut },
  {
    name: 'outing',
    path: '/outing',
    size: PHONE,
    then: async (page) => {
      await page.getByRole('button', { name: /^Start with/ }).click()
      await page.locator('.live').waitFor()
      await button(page, 'Spot').click()
      await page.locator('[data-spot=foot]').click()
      for (const answer of ['peck', 'lost']) {
        await page.locator('.thumb .fish').click()
        await page.locator(`[data-answer=${answer}]`).click()
      }
      for (let i = 0; i < 4; i++) await page.locator('.thumb .cast').click()
    },
  },
  {
    name: 'party',
    path: '/outing',
    size: PHONE,
    then: async (page) => {
      await button(page, 'Fish as a party').click()
      await page.getByLabel('Your name').fill('Anouk')
      await page.getByLabel('Friend 1').fill('Bren')
      await page.getByRole('button', { name: /^Start with/ }).click()
      await page.locator('.live .party').waitFor()
      await page.clock.setFixedTime(new Date('2026-06-12T10:26:00'))
      await page.getByText('Turn 2 ').waitFor()
      await page.getByText('All turns').click()
    },
  },
  {
    name: 'practice',
    path: '/outing/practice',
    size: DESK,
    then: async (page) => {
      await page.getByText('A day on the lake').click()
      await page.getByLabel('Number of the lake').fill('3')
      await button(page, 'Begin').click()
      const five = page.locator('[data-practice=five]')
      for (let i = 0; i < 9; i++) await five.click()
      await page.locator('.hand').click()
      await page.locator('.sheet [data-carried=rig-3]').click()
      for (let i = 0; i < 10; i++) await five.click()
      await button(page, 'Spot').click()
      await page.locator('[data-spot]').nth(1).click()
      for (let i = 0; i < 40 && (await five.isVisible()); i++) await five.click()
      await page.getByRole('heading', { name: 'How it went' }).waitFor({ timeout: 60_000 })
    },
  },
  { name: 'review', path: '/review', size: DESK },
  {
    name: 'patterns',
    path: '/review/patterns',
    size: DESK,
    then: (page) => page.locator('.found li, .start .go, form').first().waitFor(),
  },
  { name: 'match-phone', path: '/', size: PHONE },
]
/** What tells that a view is there. */
const READY =
  '[data-lure], [data-bench], [data-testid=watch], [data-part], [data-rig], [data-rule], [data-technique], .shelves, td, .sheet, svg.chart, .carry li, .dot, .found li, .start .go, form'
for (const { name, path, size, then } of SHOTS) {
  const page = await browser.newPage({ viewport: size })
  await page.clock.setFixedTime(new Date('2026-06-12T10:00:00'))
  await page.goto(`http://127.0.0.1:${port}${path}`)
  await page.locator(READY).first().waitFor()
  await then?.(page)
  await page.evaluate(() => document.fonts.ready)
  // What the answer hangs on is worked out once the water has stood still.
  if (path === '/' && !then) await page.getByTestId('gap-note').waitFor({ timeout: 60_000 })
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 600)))
  await page.screenshot({ path: join(folder, `${name}.png`) })
  await page.close()
}
await browser.close()
server.kill()
