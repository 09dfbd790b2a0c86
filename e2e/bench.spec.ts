import { expect, test, type Page } from './browser'
import { open, undo } from './open'

// The page's clock is taken in hand.
test.use({ ownContext: true })

/** The page's clock is set by hand, so that a stopwatch reads what the test says and nothing waits. */
async function openTimed(page: Page, path: string) {
  await page.clock.install({ time: new Date('2026-06-12T10:00:00') })
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible()
}
const readings = (page: Page) => page.getByRole('region', { name: 'Result' }).locator('.readings li')
const counts = (page: Page) => page.getByRole('table', { name: 'Count-down table' })
const countAt = async (page: Page, depthM: number) =>
  Number(/([\d.]+)/.exec(await counts(page).locator(`[data-depth="${depthM}"] td`).first().innerText())?.[1])

/** Tab until the wanted thing has the focus, as someone without a mouse does. */
async function tabTo(page: Page, wanted: string, most = 60) {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab')
    const at = await page.evaluate(
      () => `${document.activeElement?.textContent ?? ''} ${document.activeElement?.getAttribute('data-test') ?? ''}`,
    )
    if (at.includes(wanted)) return
  }
  throw new Error(`the keyboard does not reach ${wanted}`)
}
async function timeFall(page: Page, seconds: number) {
  const watch = page.getByTestId('watch')
  await page.keyboard.press('Space')
  await expect(watch).toContainText('Stop the watch')
  await page.clock.runFor(seconds * 1000)
  await page.keyboard.press('Space')
  await expect(watch).toContainText('Start the watch')
}

test('with the keyboard alone a fall is timed three times and the count-down table changes', async ({ page }) => {
  await openTimed(page, '/bench?lure=demo-012')
  await expect(page.getByRole('heading', { name: 'Dollop 7' })).toBeVisible()
  await tabTo(page, 'Timed fall', 40)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Timed fall: Dollop 7' })).toBeVisible()
  const before = await countAt(page, 3)
  for (const [i, seconds] of [4, 4.1, 3.9].entries()) {
    await timeFall(page, seconds)
    await expect(readings(page)).toHaveCount(i + 1)
  }
  await expect(page.getByText('Mean')).toContainText('4')
  await expect.poll(() => countAt(page, 3)).not.toBe(before)
  // 3.4 m in four seconds: three metres in about 3.5.
  expect(Math.abs((await countAt(page, 3)) - 3.5)).toBeLessThan(0.35)
  await expect(page.getByText('fitted, 3 readings').first()).toBeVisible()
  // What was measured is there after a reload, and each reading is one step back.
  await page.reload()
  await expect(page.getByText('fitted, 3 readings').first()).toBeVisible()
})

test('a reading that stands apart is shown, kept, and can be taken out; undo brings it back', async ({ page }) => {
  await openTimed(page, '/bench/test?lure=demo-012&kind=fall')
  await expect(page.getByTestId('watch')).toBeVisible()
  for (const seconds of [4, 4.1, 3.9, 9]) await timeFall(page, seconds)
  await expect(readings(page)).toHaveCount(4)
  await expect(readings(page).nth(3)).toContainText('outlier: kept')
  await expect(page.getByText('poor: test again').first()).toBeVisible()
  await page.getByRole('button', { name: 'Take out reading 4' }).click()
  await expect(readings(page)).toHaveCount(3)
  await undo(page).click()
  await expect(readings(page)).toHaveCount(4)
})

test('running depth is typed in; what cannot be is refused by its name; the match hears of it', async ({ page }) => {
  await open(page, '/bench/test?lure=demo-023&kind=depth')
  const add = page.getByRole('button', { name: 'Add this reading' })
  await add.click()
  await expect(page.getByRole('alert')).toContainText('Deepest touch')
  await page.getByLabel('Deepest touch').fill('2.6')
  await add.click()
  await page.getByLabel('Deepest touch').fill('2.5')
  await add.click()
  await expect(readings(page)).toHaveCount(2)
  await expect(page.getByRole('heading', { name: /So Bumblecrag M runs/ })).toBeVisible()
  await page.getByLabel('Beside the reference lure').first().focus()
  await expect(page.getByText(/% (more|less) than|the same as/)).toBeVisible()
  await page.goto('/bench/chart?lure=demo-023')
  await expect(page.getByText('Fitted to 5 readings')).toBeVisible()
  await expect(page.getByText('Where practice and this sum differ')).toBeVisible()
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as SVG' }).click()
  expect((await saved).suggestedFilename()).toBe('bumblecrag-m-dive-chart.svg')
})

test('a lure in today’s water: its band, what puts it in the zone; beats and turns are tapped; a report leaves as CSV', async ({
  page,
}) => {
  await openTimed(page, '/bench?lure=demo-025')
  await expect(page.getByTestId('path-band')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Put it in the zone' }).getByRole('status')).toBeVisible()
  await page.goto('/bench/test?lure=demo-025&kind=action')
  const tap = page.getByRole('button', { name: /Tap at each beat/ })
  for (let i = 0; i < 5; i++) {
    await tap.click()
    await page.clock.runFor(250)
  }
  await expect(page.getByText(/beats a second$/)).toBeVisible()
  await page.getByRole('button', { name: 'Add this reading' }).click()
  await expect(readings(page)).toHaveCount(1)
  await page.goto('/bench/report?lure=demo-025')
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  expect((await saved).suggestedFilename()).toBe('bumblecrag-d-tests.csv')
})

test('side by side, and the sums of boat and bottom', async ({ page }) => {
  await open(page, '/bench/compare?lures=demo-010,demo-011,demo-008')
  await expect(page.getByRole('region', { name: 'Comparison' }).getByRole('columnheader')).toHaveCount(3)
  await page.goto('/bench/sums')
  const bottom = page.getByRole('region', { name: 'Drop-shot and bottom' })
  await bottom.getByLabel('Depth', { exact: true }).fill('27 ft')
  await bottom.getByLabel('Distance from the rod').fill('66 ft')
  await bottom.getByLabel('Leader to the sinker').fill('24 in')
  // Common practice: such a leader holds the bait only some 10 in up.
  await expect(bottom).toContainText(/2[4-7](\.\d)?\scm above the bottom/)
  await expect(page.getByRole('region', { name: 'Downrigger' }).getByRole('status')).toContainText('of cable')
  await expect(page.getByRole('table', { name: 'Predicted casts' }).locator('tbody tr').first()).toBeVisible()
})
