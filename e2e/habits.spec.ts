import { expect, test } from './browser'
import { DEMO_LURES, choose, expectLures, lureInBox, open, rankedNames, ranking, undo } from './open'

/** Small things that anglers do all the time. */

test('another lure is looked at, stays looked at, and its reasons with it', async ({ page }) => {
  await open(page)
  await rankedNames(page)
  const third = ranking(page).nth(2)
  const name = (await third.getAttribute('data-lure')) ?? ''
  await third.click()
  await expect(page.getByRole('heading', { level: 2, name })).toBeVisible()
  await expect(third).toHaveAttribute('aria-pressed', 'true')
  const grip = page.getByRole('slider', { name: 'Bottom of the zone' })
  await grip.focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('heading', { level: 2, name })).toBeVisible()
})

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

test('points shown add up to the score shown', async ({ page }) => {
  await open(page)
  await rankedNames(page)
  const answer = page.getByRole('article')
  const figures = async (side: string) => {
    const part = answer.locator('section').filter({ has: page.getByRole('heading', { name: side }) })
    const more = part.getByRole('button', { name: /more$/ })
    if (await more.isVisible()) await more.click()
    return (await part.locator('.points').allInnerTexts()).map((t) => Number(t.replace('−', '-').replace('+', '')))
  }
  const score = Number(await answer.locator('.points b').innerText())
  const [won, lost] = [await figures('Won'), await figures('Lost')]
  expect(won.length).toBeGreaterThan(3)
  const sum = (all: number[]) => all.reduce((a, b) => a + b, 0)
  // Each figure is rounded to a tenth for reading.
  expect(Math.abs(sum(won) - score)).toBeLessThan(0.05 * won.length + 0.06)
  expect(Math.abs(sum(won) + Math.abs(sum(lost)) - 100)).toBeLessThan(0.05 * (won.length + lost.length) + 0.06)
})

test('another place brings its own water, and the first is kept as it was left', async ({ page }) => {
  await open(page, '/water')
  const temperature = page.getByLabel('Temperature')
  await temperature.fill('13.5')
  await temperature.blur()
  const place = page.getByRole('combobox', { name: 'Place', exact: true })
  const first = (await place.locator('..').innerText()).trim()
  await choose(page, 'Place', 'Quillskar inlet')
  await expect(temperature).not.toHaveValue('13.5')
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await rankedNames(page)
  await page.reload()
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await expect(temperature).not.toHaveValue('13.5')
  await choose(page, 'Place', first.split('\n')[0] ?? '')
  await expect(temperature).toHaveValue('13.5')
})

test('the angler’s own word on season and light goes before the sum', async ({ page }) => {
  await open(page, '/water')
  const before = await page.locator('.answers .asked').innerText()
  await choose(page, 'Season of the fish', 'Winter')
  await choose(page, 'Light', 'Night')
  await expect.poll(() => page.locator('.answers .asked').innerText()).not.toBe(before)
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await expect(page.getByText(/hooks by night/)).toBeVisible()
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

test('an empty box is answered with a way on, and so is a box without rods', async ({ page }) => {
  await open(page, '/box')
  await page.getByRole('button', { name: 'Start an empty box' }).click()
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await expect(page.getByText(/Your box is empty/)).toBeVisible()
  await page.getByRole('link', { name: 'Fill the box' }).click()
  await expect(page.getByRole('heading', { name: 'An empty box' })).toBeVisible()
})
