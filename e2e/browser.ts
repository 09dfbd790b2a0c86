import { readFileSync } from 'node:fs'
import { test as base, type BrowserContext, type BrowserContextOptions, type Page } from '@playwright/test'
import { DEMO_FILE } from './seed-demo'
import { QUIET_PATH, writeStored, type Stored } from './stored'

export { expect, type Locator, type Page } from '@playwright/test'

interface Settings {
  /** A context that no other test sees: for tests that take the page's clock in hand. */
  ownContext: boolean
  /** Storage as before the first visit, instead of the demo's. */
  firstVisit: boolean
}
interface Kept {
  readonly context: BrowserContext
  /** A page in which the application does not run; from it storage is made anew. */
  readonly keeper: Page
}
interface Worker {
  demo: Stored
  /** Contexts of this worker by their options: what was fetched and compiled once is at hand for the next test. */
  kept: Map<string, Kept>
}

/**
 * Each test starts from the storage of a freshly opened demo (or of none) in a context without other pages. Tests that ask for the same kind of context share its
 * cache, and nothing else.
 */
export const test = base.extend<Settings, Worker>({
  ownContext: [false, { option: true }],
  firstVisit: [false, { option: true }],
  demo: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const file = process.env[DEMO_FILE]
      if (!file) throw new Error(`${DEMO_FILE} is not set: was the demo seeded?`)
      await use(JSON.parse(readFileSync(file, 'utf8')) as Stored)
    },
    { scope: 'worker' },
  ],
  kept: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const kept = new Map<string, Kept>()
      await use(kept)
      for (const { context } of kept.values()) await context.close()
    },
    { scope: 'worker' },
  ],
  context: async (
    { browser, baseURL, kept, demo, ownContext, firstVisit, viewport, hasTouch, isMobile, serviceWorkers },
    use,
  ) => {
    // What glides arrives at once: nothing is judged halfway, and nothing is waited for.
    const reducedMotion = 'reduce'
    const options: BrowserContextOptions = { baseURL, viewport, hasTouch, isMobile, serviceWorkers, reducedMotion }
    const key = JSON.stringify(options)
    const start = async (): Promise<Kept> => {
      const context = await browser.newContext(options)
      const keeper = await context.newPage()
      await keeper.goto(QUIET_PATH)
      return { context, keeper }
    }
    const own = ownContext || serviceWorkers === 'allow'
    const { context, keeper } = (own ? undefined : kept.get(key)) ?? (await start())
    await writeStored(keeper, demo, firstVisit)
    await use(context)
    if (own) return context.close()
    kept.set(key, { context, keeper })
    await context.setOffline(false)
    await context.clearPermissions()
    for (const page of context.pages()) if (page !== keeper) await page.close()
  },
})
