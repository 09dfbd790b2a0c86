import { expect, test, type Page } from './browser'
import { choose, open, rankedNames } from './open'

const joint = (page: Page, id: string) => page.getByRole('dialog').locator(`[data-joint="${id}"]`)

test('a rig is built part by part; every joint answers at once, with its reason', async ({ page }) => {
  await open(page, '/box/rigs')
  await page.getByRole('button', { name: 'Build a rig' }).click()
  const form = page.getByRole('dialog')
  await expect(form.getByText(/Still open: lure/)).toBeVisible()
  await choose(page, 'Rig type', 'Jig with a trailer')
  await form.getByRole('combobox', { name: /Lure or body/ }).fill('Shudderkin 10')
  await page.getByRole('option', { name: 'Shudderkin 10' }).click()
  await choose(page, 'Trailer', 'Kicking craw 70')
  await expect(joint(page, 'bladed-trailer')).toHaveAttribute('data-verdict', 'wrong')
  await expect(joint(page, 'bladed-trailer')).toContainText('deadens a bladed jig. A split tail')
  await choose(page, 'Trailer', 'Split tail 75')
  await expect(joint(page, 'bladed-trailer')).toHaveAttribute('data-verdict', 'good')
  await choose(page, 'Line', 'Braid 0.23 on Brisk 73')
  await choose(page, 'Rod', 'Reedling 2–10')
  await expect(joint(page, 'reel-rod')).toContainText('A casting reel does not fit a spinning rod.')
  await choose(page, 'Rod', 'Oakstave 10–40')
  await expect(joint(page, 'reel-rod')).toHaveAttribute('data-verdict', 'good')
  await form.getByRole('button', { name: 'Add to the box' }).click()
  await expect(form.getByText('Give it a name').first()).toBeVisible()
  await form.getByLabel('Name').fill('Grass tops')
  await form.getByRole('button', { name: 'Add to the box' }).click()
  await expect(page.locator('[data-rig="Grass tops"]')).toBeVisible()
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await rankedNames(page)
  const tied = page.getByRole('region', { name: 'Tied already' })
  const mine = tied.getByRole('button', { name: /Grass tops/ })
  await mine.click()
  await expect(mine).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('heading', { level: 2, name: 'Shudderkin 10' })).toBeVisible()
  await expect(page.locator('.rigline')).toContainText('Oakstave 10–40')
})

/** Rigs of the demo's parts, most of them badly joined. */
