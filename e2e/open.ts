import { expect, type Locator, type Page } from '@playwright/test'

/** A June morning, so that the demo's water is the same whenever the tests run. */
export const DAY = new Date('2026-06-12T10:00:00')
/** Lures of the demo box. */
export const DEMO_LURES = 120

export async function open(page: Page, path = '/') {
  await page.clock.setFixedTime(DAY)
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible()
}

export const ranking = (page: Page) => page.getByRole('region', { name: 'Ranking' }).locator('[data-lure]')

export async function rankedNames(page: Page): Promise<string[]> {
  await expect(ranking(page).first()).toBeVisible()
  return ranking(page).evaluateAll((rows) => rows.map((row) => row.getAttribute('data-lure') ?? ''))
}

export async function choose(page: Page, label: string, option: string) {
  const select = page.getByRole('combobox', { name: label, exact: true })
  // A dialog that opens takes the focus once for itself: then the key is pressed again.
  await expect(async () => {
    await select.focus()
    await page.keyboard.press('ArrowDown')
    await expect(page.getByRole('listbox')).toBeVisible({ timeout: 2000 })
  }).toPass()
  const one = page.getByRole('option', { name: option, exact: true })
  await expect(page.getByRole('option').first()).toBeVisible()
  // Long lists draw only what is on screen: from the top down, until the choice is there.
  if (!(await one.isVisible())) {
    await page.getByRole('listbox').hover()
    await page.mouse.wheel(0, -20_000)
    await expect
      .poll(async () => {
        if (await one.isVisible()) return true
        await page.mouse.wheel(0, 160)
        return false
      })
      .toBe(true)
  }
  // A click that falls while the list is still opening chooses nothing, or leaves it open: then it is clicked again.
  await expect(async () => {
    if (await page.getByRole('listbox').isVisible()) await one.click({ timeout: 2000 })
    await expect(page.getByRole('listbox')).toBeHidden({ timeout: 2000 })
  }).toPass()
}

/** A lure in the box, searched for by its whole name: trays further down are not drawn until they are scrolled to. */
export async function lureInBox(page: Page, name: string): Promise<Locator> {
  const search = page.getByRole('textbox', { name: 'Search' })
  await search.fill(name)
  return page.locator(`[data-lure="${name}"]`)
}

/** How many lures the box says it holds. */
export async function expectLures(page: Page, count: number) {
  await expect(page.getByText(new RegExp(`^\\s*${count} lures in `))).toBeVisible()
}
