import { expect, test, type Page } from './browser'
import { messySheet } from '../testing/sheet'
import { DEMO_LURES, expectLures, open } from './open'

const give = (page: Page, name: string, text: string) =>
  page.getByLabel('Spreadsheet to bring in').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
const toBox = (page: Page) => page.getByRole('link', { name: 'Lures', exact: true }).click()

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
  await expect(page.getByText(/9,995 lures added/)).toBeVisible()
  await toBox(page)
  await expectLures(page, DEMO_LURES + 9995)
})
