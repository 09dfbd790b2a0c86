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
