import { expect, test } from './browser'
import { choose, open, rankedNames } from './open'

test('a rod and line of one’s own are added, told what they are good for, and used by the match', async ({ page }) => {
  await open(page, '/box')
  await page.getByRole('link', { name: 'Rods, lines, parts' }).click()
  await expect(page.locator('[data-part]').first()).toBeVisible()
  await page.getByRole('button', { name: 'Add a rod' }).click()
  const form = page.getByRole('dialog')
  await form.getByRole('button', { name: 'Add to the box' }).click()
  await expect(form.getByText('Give it a name').first()).toBeVisible()
  await form.getByLabel('Name').fill('Reedwhip')
  const uses = form.getByRole('status')
  const before = await uses.innerText()
  await form.getByLabel('Lures to').fill('80 g')
  await expect(uses).not.toHaveText(before)
  await form.getByRole('button', { name: 'Add to the box' }).click()
  await expect(form).toBeHidden()
  await expect(page.locator('[data-part="Reedwhip"]')).toContainText(/Throws \d+ lures of 120/)
  await page.reload()
  await expect(page.locator('[data-part="Reedwhip"]')).toBeVisible()
})

test('a rod upside down is refused at its field, and nothing is stored', async ({ page }) => {
  await open(page, '/box/parts')
  await page.locator('[data-part]').first().click()
  const form = page.getByRole('dialog')
  await form.getByLabel('Lures to').fill('1 g')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByText(/must be above the lightest lure/)).toBeVisible()
  await form.getByRole('button', { name: 'Cancel' }).click()
  await expect(form).toBeHidden()
})

test('a line taken off its reel is no longer fished, and undo puts it back', async ({ page }) => {
  await open(page)
  await rankedNames(page)
  const rig = page.locator('.rigline')
  const line = (await rig.innerText()).split(' · ').at(-3) ?? ''
  await page.getByRole('link', { name: 'Box', exact: true }).click()
  await page.getByRole('link', { name: 'Rods, lines, parts' }).click()
  const row = page.getByRole('region', { name: 'Lines', exact: true }).locator(`[data-part="${line}"]`)
  await row.click()
  await expect(page.getByRole('dialog').getByLabel('Name')).toHaveValue(line)
  await choose(page, 'On the reel', 'In the drawer')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(row).toContainText('In the drawer')
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await rankedNames(page)
  await expect.poll(async () => (await rig.innerText()).split(' · ').includes(line)).toBe(false)
  await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await rig.innerText()).split(' · ').includes(line)).toBe(true)
})

test('parts are removed and come back', async ({ page }) => {
  await open(page, '/box/parts')
  const first = page.locator('[data-part]').first()
  const name = (await first.getAttribute('data-part')) ?? ''
  await first.click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click()
  await expect(page.locator(`[data-part="${name}"]`)).toHaveCount(0)
  await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator(`[data-part="${name}"]`)).toHaveCount(1)
})
