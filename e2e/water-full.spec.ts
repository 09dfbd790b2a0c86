import { readFile } from 'node:fs/promises'
import { expect, test } from './browser'
import { open } from './open'

test.beforeEach(async ({ page }) => open(page))

test('instruments: the sounder is heard and taken over, a log is read past its bad lines, a report comes, and without a network the water stays', async ({
  page,
  context,
}) => {
  await page.goto('/water/instruments')
  await page.getByRole('button', { name: 'Listen (simulated)' }).click()
  await expect(page.getByTestId('nmea')).toContainText(/°C/, { timeout: 15_000 })
  await page.getByRole('button', { name: 'Stop' }).click()
  await page.getByRole('button', { name: 'Take over as today’s water' }).first().click()
  await expect(page.getByRole('status').first()).toContainText('Copied to today’s water: depth, temperature and drift.')
  await page.getByLabel('NMEA log').setInputFiles({
    name: 'boat.nmea',
    mimeType: 'text/plain',
    buffer: Buffer.from('$SDDPT,2.4,0.3*52\r\nrubbish\r\n$YXMTW,17.75,C*26\r\n'),
  })
  await expect(page.getByTestId('nmea')).toContainText('2.7')
  await expect(page.getByText('1 sentence left out')).toBeVisible()
  await page.getByRole('button', { name: 'Ask for the day' }).click()
  await expect(page.getByTestId('report')).toContainText('Visibility')
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Ask for the day' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'No report' })).toBeVisible()
  await context.setOffline(false)
})

test('places: added, kept with their law, and out and in again as GPX', async ({ page }) => {
  await page.goto('/water/places')
  await page.getByRole('button', { name: 'New place' }).click()
  await expect(page.getByRole('heading', { name: 'New place' })).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Harl pool')
  await page.getByLabel('Latitude, ° north').fill('61.25')
  await page.getByLabel('Single hooks only').check()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Harl pool' })).toBeVisible()
  await page.getByRole('button', { name: 'Fish here today' }).click()
  await page.goto('/water')
  await expect(page.getByText('Single hooks only.')).toBeVisible()
  await page.goto('/water/places')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export GPX' }).click(),
  ])
  const text = await readFile(await file.path(), 'utf8')
  expect(text).toContain('Harl pool')
  await page.getByLabel('GPX file').setInputFiles({
    name: 'marks.gpx',
    mimeType: 'application/gpx+xml',
    buffer: Buffer.from(text.replace('lat="61.250000"', 'lat="61.500000"').replace('Harl pool', 'Upper pool')),
  })
  await expect(page.getByRole('status').first()).toContainText('1 taken in from marks.gpx')
  await expect(page.getByRole('button', { name: /Upper pool/ })).toBeVisible()
  await page.locator('.list li').first().waitFor()
  const before = await page.locator('.list li').count()
  await page
    .getByLabel('GPX file')
    .setInputFiles({ name: 'x.gpx', mimeType: 'text/xml', buffer: Buffer.from('<kml/>') })
  await expect(page.getByRole('status').first()).toContainText('Nothing was changed')
  await expect(page.locator('.list li')).toHaveCount(before)
})

test('the hour is moved through the day, and the water goes with it', async ({ page }) => {
  await page.goto('/water/day')
  const hour = page.getByRole('slider')
  await hour.focus()
  await hour.press('Home')
  await expect(page.getByText('Hour 00:00')).toBeVisible()
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await expect(page.getByLabel('Time')).toHaveValue('00:00')
})
