import { readFile } from 'node:fs/promises'
import { expect, test, type Page } from './browser'
import { BROKEN_ROWS, MENDED, messySheet } from '../core/testing/sheet'
import { DEMO_LURES, choose, expectLures, open, undo } from './open'

const give = (page: Page, name: string, text: string) =>
  page.getByLabel('Spreadsheet to bring in').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
const LABELS: Readonly<Record<string, string>> = {
  name: 'Name',
  family: 'Family',
  length: 'Length',
  weight: 'Weight',
  count: 'How many',
}
const toBox = (page: Page) => page.getByRole('link', { name: 'Lures', exact: true }).click()
const toFiles = (page: Page) => page.getByRole('link', { name: 'Files and bin' }).click()

test('300 lures from a spreadsheet: exactly the five broken rows are set aside, kept, and mended in place', async ({
  page,
}) => {
  await open(page, '/box/files')
  await give(page, 'shed.csv', messySheet().text)
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  await expect(page.getByText('295 new')).toBeVisible()
  await expect(page.getByText('5 to fix first')).toBeVisible()
  await page.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByText(/295 lures added, 0 changed, 0 unchanged, 5 set aside/)).toBeVisible()
  await page.reload()
  const rows = page.locator('[data-aside-row]')
  await expect(rows).toHaveCount(5)
  for (const [row, column] of BROKEN_ROWS) {
    const one = page.locator(`[data-aside-row="${row}"]`)
    const label = LABELS[column] ?? ''
    await one.getByLabel(label, { exact: true }).fill('?')
    await one.getByRole('button', { name: 'Try again' }).click()
    if (column !== 'name') {
      await expect(one.getByText(new RegExp(`${label} .*\\?`))).toBeVisible()
      await one.getByLabel(label, { exact: true }).fill(MENDED[column] ?? '')
      await one.getByRole('button', { name: 'Try again' }).click()
    }
    await expect(one).toHaveCount(0)
  }
  await expect(rows).toHaveCount(0)
  await toBox(page)
  await expectLures(page, DEMO_LURES + 300)
  // Each mended row is a step of its own, and so is each try in vain; undone, the row waits again.
  for (let i = 0; i < 9; i++) await undo(page).click()
  await expectLures(page, DEMO_LURES + 295)
  await toFiles(page)
  await expect(rows).toHaveCount(5)
})

test('an export of one’s own, brought in again, changes nothing; a figure changed in it changes that lure', async ({
  page,
}) => {
  await open(page, '/box/files')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export lures as CSV' }).click(),
  ])
  const text = await readFile(await file.path(), 'utf8')
  await give(page, 'own.csv', text)
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  await expect(page.getByText(`${DEMO_LURES} unchanged`)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take them in' })).toBeDisabled()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await give(page, 'own.csv', text.replace(',Pirrip 7,In-line spinner,6,7.2,', ',Pirrip 7,In-line spinner,6,9,'))
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  await expect(page.getByText('1 change what you have')).toBeVisible()
})

test('a foreign heading is named by hand, and a needed one that is missing is told', async ({ page }) => {
  await open(page, '/box/files')
  await give(page, 'odd.csv', 'Name,Family,Length (cm),How heavy\nZippet,Crankbait,6,11\n')
  await expect(page.getByRole('alert')).toContainText('Weight')
  await choose(page, 'How heavy', 'Weight (g)')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  await page.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByText(/1 lure added/)).toBeVisible()
  await undo(page).click()
  await toBox(page)
  await expectLures(page, DEMO_LURES)
})

test('cells are pasted as they are copied from a spreadsheet', async ({ page }) => {
  await open(page, '/box/files')
  await page.getByRole('button', { name: 'Paste cells' }).click()
  await page.getByLabel(/Cells copied/).fill('Name\tType\tLength\tWeight\nPastelet\tSpoon\t5 cm\t8 g')
  await page.getByRole('button', { name: 'Read them' }).click()
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  await expect(page.getByText('1 new')).toBeVisible()
})

test('wrong files are refused in words, and nothing changes', async ({ page }) => {
  await open(page, '/box/files')
  for (const [name, text, words] of [
    ['book.xlsx', 'PK', /workbook/],
    ['empty.csv', '', /no rows/],
    ['torn.csv', 'Name,Notes\nA,"never closed', /quotation mark/],
  ] as const) {
    await give(page, name, text)
    await expect(page.getByRole('alert')).toContainText(words)
  }
  await toBox(page)
  await expectLures(page, DEMO_LURES)
})

test('10,000 rows are read off the page’s own thread, with progress, and can be stopped', async ({ page }) => {
  await open(page, '/box/files')
  await give(page, 'huge.csv', messySheet(10_000).text)
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  const stop = page.getByRole('button', { name: 'Stop' })
  await expect(page.getByText(/Row \d+ of 10000/)).toBeVisible()
  await stop.click()
  await expect(page.getByRole('button', { name: 'Look through the rows' })).toBeVisible()
  await page.getByRole('button', { name: 'Look through the rows' }).click()
  await expect(page.getByText('9995 new')).toBeVisible()
  await page.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByText(/9995 lures added/)).toBeVisible()
  await toBox(page)
  await expectLures(page, DEMO_LURES + 9995)
})

test('what is removed lies in the bin until it is put back', async ({ page }) => {
  await open(page, '/box/rigs')
  await page.locator('[data-rig="Sill, slow"]').click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click()
  await toFiles(page)
  await expect(page.locator('[data-binned="Sill, slow"]')).toContainText('Rig')
  await page.reload()
  await page.getByRole('button', { name: 'Put back Sill, slow' }).click()
  await expect(page.locator('[data-binned]')).toHaveCount(0)
  await page.getByRole('link', { name: 'Rigs', exact: true }).click()
  await expect(page.locator('[data-rig="Sill, slow"]')).toBeVisible()
})
