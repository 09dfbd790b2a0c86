import { readFile } from 'node:fs/promises'
import { expect, test } from './browser'
import { packed } from '../core/exchange'
import { open, ranking } from './open'

/** Things shared with a friend, several fish at once, and a lure changed in the hand. */

test('a lure goes out as a code and a file, and comes in at a friend’s who has none', async ({ page }) => {
  await open(page, '/box?lure=demo-002')
  await page.getByRole('button', { name: 'Share' }).click()
  await expect(page.getByRole('img', { name: /^Code that brings/ })).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ])
  const text = await readFile(await download.path(), 'utf8')
  const { box } = JSON.parse(text)
  await open(page, '/box')
  await page.getByRole('button', { name: 'Start an empty box' }).click()
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await expect(page.getByRole('heading', { name: 'An empty box', exact: true })).toBeVisible()
  await page.goto(`/take#${await packed(text)}`)
  await expect(page.getByText(box.lures[0].name).first()).toBeVisible()
  await page.getByRole('button', { name: 'Put it in my box' }).click()
  await page.getByRole('link', { name: 'Look at it' }).click()
  await expect(page.locator(`[data-lure="${box.lures[0].name}"]`)).toBeVisible()
  // The file, once more: what is there stays, nothing is replaced.
  await page
    .getByLabel('Archive to import')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await expect(page.getByText(/1 lures? in /)).toBeVisible()
})

test('a technique of one’s own: copied from the field guide, found in the match’s hand, and taken in by a friend', async ({
  page,
  browser,
}) => {
  await open(page, '/rules/techniques?t=rip-pause')
  await page.getByRole('button', { name: 'Make it my own' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Two snaps, a long rest')
  await page.getByLabel('Longest rest (s)').fill('40')
  await page.getByLabel('I reach for it in certain water').check()
  await page.getByLabel('When, in a sentence').fill('Wherever I fish.')
  await expect(page.getByText(/would be fished so/)).toBeVisible({ timeout: 30_000 })
  await page.getByRole('button', { name: 'Keep the technique' }).click()
  const own = page.locator('[data-technique^="own-"]')
  await expect(own).toContainText('Two snaps, a long rest')
  await own.getByRole('button', { name: 'Share' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ])
  const text = await readFile(await download.path(), 'utf8')
  const friend = await browser.newPage()
  await open(friend, `/take#${await packed(text)}`)
  await expect(friend.getByText(/Two snaps, a long rest/)).toBeVisible()
  await friend.getByRole('button', { name: 'Put it in my box' }).click()
  await friend.getByRole('link', { name: 'Look at it' }).click()
  const his = friend.locator('[data-technique^="own-"]')
  await expect(his).toContainText('Two snaps, a long rest')
  await expect(his).toContainText('Wherever I fish.')
  await friend.close()
})

test('a code that is cut short is refused with a word', async ({ page }) => {
  await open(page, '/take#AAAAnonsense')
  await expect(page.getByRole('alert')).toContainText('could not be read')
})

test('several fish: a list for each, and one for all of them', async ({ page }) => {
  await open(page, '/water')
  await page.getByText('Shoals, signs, other fish').click()
  await page.getByLabel('As welcome').fill('Zander')
  await page.getByRole('option', { name: 'Zander' }).click()
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await expect(ranking(page).first()).toBeVisible()
  const fish = page.getByRole('group', { name: 'The list for' })
  await fish.getByRole('button', { name: 'All of them' }).click()
  const rows = page.getByRole('region', { name: 'Several fish' }).locator('li')
  await expect(rows.first()).toContainText('Zander')
  expect(await rows.count()).toBeGreaterThan(5)
  await fish.getByRole('button', { name: 'Zander' }).click()
  await expect(fish.getByRole('button', { name: 'Zander' })).toHaveAttribute('aria-pressed', 'true')
  await expect(fish.getByRole('button', { name: 'Perch' })).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('a lure changed in the hand is two taps, and stands in the log', async ({ page }) => {
    await open(page, '/outing')
    await page.getByRole('button', { name: /^Start with/ }).click()
    await page.locator('.hand').click()
    const change = page.locator('[data-altered="hooks"]')
    const size = await change.boundingBox()
    expect(size?.height).toBeGreaterThanOrEqual(48)
    await change.click()
    await expect(page.getByText('Other hooks').first()).toBeVisible()
    await page.getByRole('button', { name: 'Log', exact: true }).click()
    await expect(page.getByText(/: other hooks/)).toBeVisible()
  })
})
