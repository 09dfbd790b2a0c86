import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from './browser'
import { choose, open } from './open'

/** The evening before, from an empty plan to printed cards and a ticked list. */

/** Two hours, so that few waters are ranked. */
async function workOut(page: Page) {
  await open(page, '/plan')
  await choose(page, 'Till', '5')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page).toHaveURL(/\/plan\/[0-9a-f-]{36}$/)
  await expect(page.getByText(/^No kit of 8 lures on 2 rods/)).toBeVisible({ timeout: 240_000 })
}

const violations = async (page: Page) =>
  (await new AxeBuilder({ page }).analyze()).violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map((n) => n.html.slice(0, 120)).join(' · ')}`,
  )

test('the evening before: worked out, packed, on paper; axe finds nothing, and it fits 360 px', async ({ page }) => {
  test.setTimeout(400_000)
  await workOut(page)
  // Acts of the hand: the end of the day, work it out.
  let acts = 2
  expect(await violations(page)).toEqual([])
  await page.getByRole('link', { name: 'Pack', exact: true }).click()
  acts += 1
  const boxes = page.getByRole('checkbox')
  await expect(boxes.first()).toBeVisible()
  const lines = await boxes.count()
  expect(lines).toBeGreaterThan(10)
  for (let i = 0; i < lines; i++) await boxes.nth(i).check()
  acts += lines
  await expect(page.getByText(`${lines} of ${lines} packed`)).toBeVisible()
  expect(await violations(page)).toEqual([])
  await page.reload()
  await expect(page.getByText(`${lines} of ${lines} packed`)).toBeVisible()
  await page.getByRole('link', { name: 'To the plan' }).click()
  await page.getByRole('link', { name: 'Print cards' }).click()
  acts += 2
  await expect(page.locator('[data-rod]')).toHaveCount(2)
  await expect(page.getByRole('img', { name: 'Code of the plan for a phone' })).toBeVisible()
  expect(await violations(page)).toEqual([])
  // At two seconds an act this is under a minute and a half.
  expect(acts).toBeLessThan(45)
  for (const path of ['', 'print/', 'pack/']) {
    const id = /([0-9a-f-]{36})$/.exec(page.url())?.[1] ?? ''
    await page.goto(`/plan/${path}${id}`)
    await page.locator('h1').first().waitFor()
    await page.setViewportSize({ width: 360, height: 740 })
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360)
    await page.setViewportSize({ width: 1280, height: 800 })
  }
})

test('a stretch is held fast by keys, the kit grows under the hand, and an outing starts from it', async ({ page }) => {
  test.setTimeout(400_000)
  await workOut(page)
  const block = page.locator('[data-block]').first()
  const before = await block.getAttribute('aria-label')
  await block.focus()
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(page.locator('[data-block][aria-label$="held fast"]').first()).toBeVisible({ timeout: 150_000 })
  await page.getByRole('banner').getByRole('button', { name: 'Undo', exact: true }).click()
  await page.getByRole('slider', { name: 'How many lures' }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText(/^No kit of 9 lures on 2 rods/)).toBeVisible({ timeout: 60_000 })
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ])
  expect(await readFile(await download.path(), 'utf8')).toContain('BEGIN:VEVENT')
  await page.getByRole('button', { name: 'Start the outing' }).click()
  await expect(page).toHaveURL(/\/outing$/)
  await expect(page.getByText(String(before).split(',')[0] ?? '').first()).toBeVisible()
  await page.goto('/plan')
  await page.getByRole('link', { name: /Lake Vessamere/ }).click()
  await expect(page.getByRole('region', { name: 'Held against the day' })).toContainText('Carried')
})
