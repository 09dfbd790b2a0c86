import { expect, test, type Page } from './browser'
import type { Outing } from '../core/outing'
import { open } from './open'
import { readStored } from './stored'

/** A day on the practice lake, on a narrow phone and by keys; nothing of it reaches the log. */

const outings = async (page: Page): Promise<Outing[]> =>
  ((await readStored(page)).stores.find(({ name }) => name === 'outings')?.rows ?? []) as Outing[]
const clock = async (page: Page) => /\d\d:\d\d/.exec((await page.locator('.strip').innerText()) ?? '')?.[0]
const begin = async (page: Page, lesson: string, seed: string) => {
  await page.getByText(lesson, { exact: true }).click()
  await page.getByLabel('Number of the lake').fill(seed)
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.locator('.live')).toBeVisible()
}

test.use({ viewport: { width: 360, height: 740 }, hasTouch: true })

test('a lesson from beginning to end, with a reload in the middle; the log and the box stay as they were', async ({
  page,
}) => {
  await open(page, '/outing')
  await page.getByRole('link', { name: 'Practise on a simulated lake' }).click()
  await expect(page.getByRole('heading', { name: 'Practice lake' })).toBeVisible()
  const before = await readStored(page)
  await page.getByText('What this lake assumes').click()
  await expect(page.getByText(/Fish come in schools of one to 4/)).toBeVisible()
  await begin(page, 'Size is forgotten', '3')
  await expect(page.getByText('Practice lake 3: simulated, not logged')).toBeVisible()
  await page.locator('[data-practice=five]').tap()
  await page.locator('[data-practice=five]').tap()
  await expect.poll(() => clock(page)).toBe('06:10')
  // Everything is as on real water but for what would reach the log or the box.
  await page.locator('.hand').tap()
  await expect(page.getByText('Something else of the box')).toHaveCount(0)
  await page.locator('.sheet [data-carried=rig-3]').tap()
  await page.locator('[data-practice=five]').tap()
  // Shown at once, and kept a moment later.
  await expect
    .poll(async () => JSON.stringify((await readStored(page)).stores.find((s) => s.name === 'settings')?.rows))
    .toContain('"atMin":15')
  await page.reload()
  await expect.poll(() => clock(page)).toBe('06:15')
  await expect(page.locator('.hand')).toHaveAttribute('data-carried', 'rig-3')
  const entries = Number(await page.locator('.live').getAttribute('data-entries'))
  await page.locator('[data-practice=next]').tap()
  await expect.poll(() => clock(page)).not.toBe('06:15')
  expect(Number(await page.locator('.live').getAttribute('data-entries'))).toBeGreaterThanOrEqual(entries)
  // It runs by itself, and stops.
  await page.locator('[data-practice=run]').tap()
  const from = await clock(page)
  await page.clock.runFor(3000)
  await expect.poll(() => clock(page)).not.toBe(from)
  await page.locator('[data-practice=run]').tap()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(360)

  const five = page.locator('[data-practice=five]')
  const told = page.getByRole('heading', { name: 'How it went' })
  await expect(async () => {
    for (let i = 0; i < 30 && (await five.isVisible()); i++) await five.tap({ timeout: 2000 }).catch(() => undefined)
    await expect(told).toBeVisible({ timeout: 3000 })
  }).toPass()
  await expect(page.locator('.result')).toContainText('Another size came into your hand after 10 min')
  const bars = page.locator('.bars li')
  await expect(bars).toHaveCount(5)
  await expect(bars.nth(2)).toContainText(/The adviser\s*\d+\.\d takes/)
  await expect(page.getByRole('region', { name: 'What they wanted' })).toContainText('Size: about')
  await expect(page.getByRole('region', { name: 'Your decisions' }).locator('tbody tr')).toHaveCount(2)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(360)

  const after = await readStored(page)
  const of = (stored: typeof before, name: string) => stored.stores.find((s) => s.name === name)?.rows
  for (const name of ['outings', 'lures', 'rigs', 'waters', 'places', 'steps'])
    expect([name, of(after, name)]).toEqual([name, of(before, name)])
  // The same lake again is the same lake.
  await page.getByRole('button', { name: 'Fish it again' }).tap()
  await expect.poll(() => clock(page)).toBe('06:00')
  await page.getByRole('button', { name: 'Leave' }).tap()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
})

test('an outing on real water goes on untouched beside it', async ({ page }) => {
  await open(page, '/outing')
  await page.getByRole('button', { name: /^Start with/ }).tap()
  await expect(page.locator('.live')).toHaveAttribute('data-entries', '1')
  await page.goto('/outing/practice')
  await begin(page, 'Stay or move', '7')
  await page.getByRole('button', { name: 'Spot', exact: true }).tap()
  await page.locator('[data-spot]').nth(2).tap()
  for (let i = 0; i < 6; i++) await page.locator('[data-practice=five]').tap()
  await page.getByRole('button', { name: 'Log', exact: true }).tap()
  await page.getByRole('button', { name: 'End the outing' }).tap()
  await page.getByRole('button', { name: 'End it', exact: true }).tap()
  await expect(page.locator('.result')).toContainText('of your time was where there were fish')
  await page.goto('/outing')
  await expect(page.locator('.live')).toHaveAttribute('data-entries', '1')
  expect((await outings(page)).filter((o) => !o.entries.some((e) => e.kind === 'end'))).toHaveLength(1)
})

test('by keys alone: the friend’s reel is heard, and his way taken', async ({ page }) => {
  await open(page, '/outing/practice')
  await page.getByRole('radio', { name: /Cadence by ear/ }).focus()
  await page.keyboard.press('Space')
  const seed = page.getByLabel('Number of the lake')
  await seed.focus()
  await page.keyboard.press('ControlOrMeta+A')
  await page.keyboard.type('0')
  await expect(page.getByText('A number from 1 to 999,999.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeDisabled()
  await page.keyboard.press('Backspace')
  await page.keyboard.type('3')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  const listen = page.getByRole('button', { name: 'Listen to his reel' })
  await listen.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Quiet' })).toBeVisible()
  await page.locator('.hand').focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('.sheet .ways button').nth(1)).toBeVisible()
  await page.locator('.sheet .ways button').nth(1).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('.hand')).not.toHaveAttribute('data-way', '')
  await page.locator('[data-practice=five]').focus()
  await page.keyboard.press('Enter')
  await expect.poll(() => clock(page)).toBe('06:05')
})
