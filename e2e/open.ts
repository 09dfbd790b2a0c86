import { expect, type Page } from '@playwright/test'

/** A June morning, so that the demo's water is the same whenever the tests run. */
export const DAY = new Date('2026-06-12T10:00:00')

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
  await page.getByRole('combobox', { name: label, exact: true }).focus()
  await page.keyboard.press('ArrowDown')
  await page.getByRole('option', { name: option, exact: true }).click()
  await expect(page.getByRole('listbox')).toBeHidden()
}
