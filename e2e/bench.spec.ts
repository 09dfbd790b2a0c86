import { expect, test, type Page } from './browser'

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
