import { expect, test, type Page } from './browser'
import { open, undo } from './open'

const cell = (page: Page, lure: string, column: number) =>
  page.locator(`[data-row="${lure}"]`).getByRole('gridcell').nth(column)
async function table(page: Page) {
  await open(page, '/box')
  await page.getByRole('button', { name: 'Table' }).click()
  await expect(page.locator('[data-row="Bumblecrag D"]')).toBeVisible()
}
async function paste(page: Page, text: string) {
  await page.getByRole('grid', { name: 'Lures' }).evaluate((grid, data) => {
    const clipboardData = new DataTransfer()
    clipboardData.setData('text/plain', data)
    grid.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  }, text)
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

test('a block from a spreadsheet is pasted, filled down, and each is one step back', async ({ page }) => {
  await table(page)
  await cell(page, 'Bumblecrag D', WEIGHT).click()
  await paste(page, '16.5\t16,8\n0.5 oz\t14.3\n')
  await expect(cell(page, 'Bumblecrag D', WEIGHT + 1)).toHaveText('16.8')
  await expect(cell(page, 'Bumblecrag D Hush', WEIGHT)).toHaveText('14.2')
  await cell(page, 'Bumblecrag D', 8).click()
  await cell(page, 'Bumblecrag M', 8).click({ modifiers: ['Shift'] })
  await page.keyboard.press('Control+d')
  await expect(cell(page, 'Bumblecrag D Hush', 8)).toHaveText('plain')
  await undo(page).click()
  await expect(cell(page, 'Bumblecrag D Hush', 8)).toHaveText('scales')
  await undo(page).click()
  await expect(cell(page, 'Bumblecrag D', WEIGHT)).toHaveText('17')
  await expect(cell(page, 'Bumblecrag D', WEIGHT + 1)).toHaveText('')
})

test('what is copied is what a spreadsheet takes', async ({ page }) => {
  await table(page)
  await cell(page, 'Bumblecrag D', 0).click()
  await cell(page, 'Bumblecrag D Hush', 2).click({ modifiers: ['Shift'] })
  const copied = await page.getByRole('grid', { name: 'Lures' }).evaluate((grid) => {
    const clipboardData = new DataTransfer()
    grid.dispatchEvent(new ClipboardEvent('copy', { clipboardData, bubbles: true, cancelable: true }))
    return clipboardData.getData('text/plain')
  })
  expect(copied).toBe('Bumblecrag D\tCrankbait\t6.5\nBumblecrag D Hush\tCrankbait\t6.2')
})

test('in the angler’s own units, and sorted as asked', async ({ page }) => {
  await table(page)
  await page.getByRole('button', { name: /Units: metric/ }).click()
  await expect(page.getByRole('columnheader', { name: 'Weight (oz)' })).toBeVisible()
  await cell(page, 'Bumblecrag D', WEIGHT).click()
  await page.keyboard.type('1/2')
  await page.keyboard.press('Enter')
  await expect(cell(page, 'Bumblecrag D', WEIGHT)).toHaveText('1/2')
})
