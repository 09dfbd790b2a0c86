import { expect, test } from './browser'
import { open, rankedNames, ranking } from './open'

/** Small things that anglers do all the time. */

test('the match is driven by keys alone', async ({ page }) => {
  await open(page)
  await rankedNames(page)
  const second = ranking(page).nth(1)
  const name = (await second.getAttribute('data-lure')) ?? ''
  await second.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 2, name })).toBeVisible()
  const cover = page.getByRole('slider', { name: 'Top of the cover' })
  await cover.focus()
  await page.keyboard.press('End')
  const most = await cover.getAttribute('aria-valuemax')
  await expect(cover).toHaveAttribute('aria-valuenow', most ?? '')
  await page.keyboard.press('Home')
  await expect(cover).toHaveAttribute('aria-valuenow', '0')
})
