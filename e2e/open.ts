import { expect, type Locator, type Page } from '@playwright/test'

/** A June morning, so that the demo's water is the same whenever the tests run. */
export const DAY = new Date('2026-06-12T10:00:00')
/** Lures of the demo box. */
export const DEMO_LURES = 124

export async function open(page: Page, path = '/') {
  await page.clock.setFixedTime(DAY)
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible()
}

/** Goes to another page within the application, as a link does: nothing is loaded anew. */
export async function goWithin(page: Page, path: string) {
  await page.evaluate((to) => {
    history.pushState({}, '', to)
    dispatchEvent(new PopStateEvent('popstate', { state: {} }))
  }, path)
  await expect.poll(() => page.evaluate(() => location.pathname + location.search)).toBe(path)
}

export const ranking = (page: Page) => page.getByRole('region', { name: 'Ranking' }).locator('[data-lure]')

/** The lures of the list once every lure has been compared: the first rows stand before that, and are fewer. */
export async function rankedNames(page: Page): Promise<string[]> {
  await expect(page.getByText(/\d lures? compared in \d/)).toBeAttached()
  await expect(ranking(page).first()).toBeVisible()
  return ranking(page).evaluateAll((rows) => rows.map((row) => row.getAttribute('data-lure') ?? ''))
}

/** A choice in a list by keys, as in any list of a browser: its first letters choose it. For choices of one word. */
export async function choose(page: Page, label: string, option: string) {
  const select = page.getByRole('combobox', { name: label, exact: true })
  // A dialog that opens takes the focus once for itself: then it is typed again.
  await expect(async () => {
    await select.focus()
    await page.keyboard.type(option)
    await expect(select.locator('..')).toContainText(option, { timeout: 2000 })
  }).toPass()
}

/** A lure in the box, searched for by its whole name: trays further down are not drawn until they are scrolled to. */
export async function lureInBox(page: Page, name: string): Promise<Locator> {
  const search = page.getByRole('textbox', { name: 'Search' })
  const lure = page.locator(`[data-lure="${name}"]`)
  // What is typed while the page is still waking up is typed again.
  await expect(async () => {
    await search.fill('')
    await search.fill(name)
    await expect(lure).toBeVisible({ timeout: 5000 })
  })
    .toPass({ timeout: 40_000 })
    .catch(() => undefined)
  return lure
}

/** How many lures the box says it holds. */
export async function expectLures(page: Page, count: number) {
  await expect(page.getByText(new RegExp(`^\\s*${count.toLocaleString('en')} lures? in `))).toBeVisible()
}
