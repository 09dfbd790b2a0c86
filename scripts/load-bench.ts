import type { Browser } from '@playwright/test'
import { median } from './timing'

const VISITS = 5
const KB = 1024

interface Visit {
  readonly headingMs: number
  readonly rowMs: number
  readonly wholeMs: number
  readonly kb: number
}

/** One visit to the match from an empty cache; bytes as they came over the wire, fonts and the worker’s script among them. */
async function visit(browser: Browser, base: string): Promise<Visit> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  const page = await context.newPage()
  const from = performance.now()
  await page.goto(base, { waitUntil: 'commit' })
  await page.locator('main h1').first().waitFor()
  const headingMs = performance.now() - from
  await page.locator('[data-lure]').first().waitFor()
  const rowMs = performance.now() - from
  const bytes = await page.evaluate(() =>
    performance
      .getEntries()
      .reduce((sum, entry) => sum + (entry instanceof PerformanceResourceTiming ? entry.transferSize : 0), 0),
  )
  await page.waitForFunction(() => document.querySelector('[data-lure]') && !document.querySelector('[aria-busy=true]'))
  const wholeMs = performance.now() - from
  await context.close()
  return { headingMs, rowMs, wholeMs, kb: bytes / KB }
}

/** What a first visit fetches, and when its heading, its first row and its whole answer stand: medians of a few visits, each with an empty cache. */
export async function firstVisit(browser: Browser, base: string): Promise<void> {
  const visits: Visit[] = []
  for (let i = 0; i < VISITS; i++) visits.push(await visit(browser, base))
  const s = (of: (one: Visit) => number) => (median(visits.map(of)) / 1000).toFixed(2)
  console.log(
    `first visit, empty cache: ${median(visits.map((v) => v.kb)).toFixed(0)} KB until the first row; heading ${s((v) => v.headingMs)} s, row ${s((v) => v.rowMs)} s, answer whole ${s((v) => v.wholeMs)} s`,
  )
}
