import { expect, test, type Locator, type Page } from './browser'
import { DEMO_LURES, expectLures, lureInBox, open } from './open'
import { manyLures } from '../testing/many-lures'

const slot = (page: Page, tray: string, name: string) =>
  page
    .getByRole('region', { name: `Tray ${tray}` })
    .getByRole('listitem', { name: new RegExp(`^Compartment ${name}(,|$)`) })
const lies = (at: Locator, lure: string) => expect(at.locator(`[data-lure="${lure}"]`)).toBeVisible()
async function middle(of: Locator) {
  await of.scrollIntoViewIfNeeded()
  const box = await of.boundingBox()
  if (!box) throw new Error('not on screen')
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
}

test('a lure is dragged to another compartment by mouse, stays there after a reload, and goes back by undo', async ({
  page,
}) => {
  await open(page, '/box')
  const from = await middle(page.locator('[data-lure="Pirrip 4"]'))
  const to = await middle(slot(page, 'Blades and wire', 'F2'))
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move(from.x + 20, from.y + 10, { steps: 4 })
  await page.mouse.move(to.x, to.y, { steps: 8 })
  await expect(slot(page, 'Blades and wire', 'F2')).toHaveClass(/target/)
  await page.mouse.up()
  await lies(slot(page, 'Blades and wire', 'F2'), 'Pirrip 4')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.reload()
  await lies(slot(page, 'Blades and wire', 'F2'), 'Pirrip 4')
  await page.locator('[data-lure="Pirrip 4"]').click()
  await expect(page.getByRole('dialog').getByLabel('Name')).toHaveValue('Pirrip 4')
})

test('undo takes a move back, redo does it again', async ({ page }) => {
  await open(page, '/box')
  await page.locator('[data-lure="Pirrip 4"]').focus()
  await page.keyboard.press('m')
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight']) await page.keyboard.press(key)
  await expect(slot(page, 'Blades and wire', 'E2')).toHaveClass(/target/)
  await page.keyboard.press('Enter')
  await lies(slot(page, 'Blades and wire', 'E2'), 'Pirrip 4')
  await expect(page.locator('[data-lure="Pirrip 4"]')).toBeFocused()
  await page.keyboard.press('Control+z')
  await lies(slot(page, 'Blades and wire', 'A2'), 'Pirrip 4')
  await page.keyboard.press('Control+y')
  await lies(slot(page, 'Blades and wire', 'E2'), 'Pirrip 4')
})

test('by keys to another tray; Escape leaves it where it was', async ({ page }) => {
  await open(page, '/box')
  await page.locator('[data-lure="Pirrip 12"]').focus()
  await page.keyboard.press('m')
  await page.keyboard.press('PageDown')
  await page.keyboard.press('ArrowDown')
  await expect(slot(page, 'Jigs', 'A2')).toHaveClass(/target/)
  await page.keyboard.press('Escape')
  await lies(slot(page, 'Blades and wire', 'C2'), 'Pirrip 12')
  await page.locator('[data-lure="Pirrip 12"]').focus()
  for (const key of ['m', 'PageDown', 'ArrowDown', 'Enter']) await page.keyboard.press(key)
  await lies(slot(page, 'Jigs', 'A2'), 'Pirrip 12')
  await expect(page.getByText('Pirrip 12 lies in Jigs, A2.')).toBeAttached()
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 }, isMobile: true })
  test('a finger that rests lifts the lure, and lays it down', async ({ page }) => {
    await open(page, '/box')
    const lure = page.locator('[data-lure="Grumblewing 14"]')
    await lure.evaluate((tile) => tile.scrollIntoView({ block: 'center' }))
    const from = await middle(lure)
    const touch = await page.context().newCDPSession(page)
    const send = (type: string, points: { x: number; y: number }[]) =>
      touch.send('Input.dispatchTouchEvent', { type: type as 'touchStart', touchPoints: points })
    const tray = page.getByRole('region', { name: 'Tray Blades and wire' })
    await send('touchStart', [from])
    // The finger rests until the lure is lifted.
    await expect(page.locator('.v-application > .tile')).toBeVisible()
    await send('touchMove', [{ x: from.x, y: from.y + 60 }])
    await send('touchMove', [{ x: from.x, y: from.y + 142 }])
    await expect(tray.locator('.target')).toHaveCount(1)
    await send('touchEnd', [])
    await lies(slot(page, 'Blades and wire', 'A2'), 'Grumblewing 14')
    await lies(slot(page, 'Blades and wire', 'A2'), 'Pirrip 4')
  })
})

test('5,000 lures: only what is on screen is drawn, and all of it can be reached and found', async ({ page }) => {
  await open(page, '/box')
  await expectLures(page, DEMO_LURES)
  await page.getByLabel('Archive to import').setInputFiles({
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(manyLures(5000)),
  })
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await expectLures(page, 5000)
  const drawn = page.locator('[data-lure]')
  await expect(drawn.first()).toBeVisible()
  expect(await drawn.count()).toBeLessThan(160)
  await (await lureInBox(page, 'Many 4711')).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('textbox', { name: 'Search' }).fill('')
  await page.getByRole('button', { name: 'Families' }).click()
  await expect(drawn.first()).toBeVisible()
  expect(await drawn.count()).toBeLessThan(160)
  await page.getByRole('button', { name: 'Table' }).click()
  const grid = page.getByRole('grid', { name: 'Lures' })
  await grid.focus()
  await page.keyboard.press('Control+End')
  await expect(grid.locator('[data-row="Many 5000"]')).toBeVisible()
  expect(await grid.getByRole('row').count()).toBeLessThan(60)
  await expect(grid).toHaveAttribute('aria-rowcount', '5001')
})
