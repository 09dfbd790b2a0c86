import { expect, test } from './browser'
import { DEMO_LURES, expectLures, lureInBox, open, rankedNames, ranking, undo } from './open'

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

test('search finds by several words at once, and says when nothing answers', async ({ page }) => {
  await open(page, '/box')
  const search = page.getByRole('textbox', { name: 'Search' })
  const found = page.locator('[data-lure]:not(.dim)')
  await search.fill('3/8 jig')
  await expect.poll(() => found.count()).toBeLessThan(10)
  await search.fill('crankbait silent')
  await expect.poll(() => found.count()).toBeLessThan(20)
  expect(await found.count()).toBeGreaterThan(0)
  await search.fill('crankbait silent purple trombone')
  await expect(page.getByText(/No lure matches/)).toBeVisible()
})

test('fast clicks on a removed lure’s undo bring it back once', async ({ page }) => {
  await open(page, '/box')
  const lure = await lureInBox(page, 'Tremolo 12')
  await lure.click()
  await page.getByRole('button', { name: 'Remove' }).click()
  await expectLures(page, DEMO_LURES - 1)
  await undo(page).dblclick()
  await expectLures(page, DEMO_LURES)
  await page.reload()
  await expect(await lureInBox(page, 'Tremolo 12')).toHaveCount(1)
})
