import { expect, test } from './browser'
import { open, rankedNames } from './open'

test('dragging the zone moves path, share and ranking while the finger is down', async ({ page }) => {
  await open(page)
  const before = await rankedNames(page)
  const column = page.getByTestId('water-column')
  const share = page.getByText(/% of the cast in the zone/)
  const shareBefore = await share.innerText()
  const grip = column.getByRole('slider', { name: 'Top of the zone' })
  const from = await grip.boundingBox()
  if (!from) throw new Error('no grip')
  const [x, y] = [from.x + from.width / 2, from.y + from.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x, y - 60, { steps: 6 })
  await page.mouse.move(x, y - 140, { steps: 6 })
  await expect(share).not.toHaveText(shareBefore)
  await expect.poll(() => rankedNames(page)).not.toEqual(before)
  await page.mouse.up()
  const top = Number(await grip.getAttribute('aria-valuenow'))
  expect(top).toBeLessThan(1)
  await page.reload()
  await expect(grip).toHaveAttribute('aria-valuenow', String(top))
})

test('units switch everywhere and back, and change no ranking', async ({ page }) => {
  await open(page)
  const before = await rankedNames(page)
  await page.getByRole('button', { name: /Units: metric/ }).click()
  await expect(page.getByText('59\u202f°F')).toBeVisible()
  await expect(page.getByTestId('water-column').getByText(/fish hold 9\.8\u202fft/)).toBeVisible()
  expect(await rankedNames(page)).toEqual(before)
  await page.reload()
  await expect(page.getByText('59\u202f°F')).toBeVisible()
})
