import { expect, test, type Page } from './browser'
import { open } from './open'

const cell = (page: Page, lure: string, column: number) =>
  page.locator(`[data-row="${lure}"]`).getByRole('gridcell').nth(column)
async function table(page: Page) {
  await open(page, '/box')
  await page.getByRole('button', { name: 'Table' }).click()
  await expect(page.locator('[data-row="Bumblecrag D"]')).toBeVisible()
}
const WEIGHT = 3

test('typed, moved and undone with the keys alone', async ({ page }) => {
  await table(page)
  await cell(page, 'Bumblecrag D', WEIGHT).click()
  await page.keyboard.type('5/8 oz')
  await page.keyboard.press('Enter')
  await expect(cell(page, 'Bumblecrag D', WEIGHT)).toHaveText('17.7')
  await expect(cell(page, 'Bumblecrag D Hush', WEIGHT)).toHaveClass(/active/)
  await page.keyboard.type('heavy')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('alert')).toContainText('Bumblecrag D Hush, Weight: “heavy” is not a number')
  await expect(cell(page, 'Bumblecrag D Hush', WEIGHT)).toHaveText('15')
  await page.keyboard.press('Control+z')
  await expect(cell(page, 'Bumblecrag D', WEIGHT)).toHaveText('17')
})
