import AxeBuilder from '@axe-core/playwright'
import { READY } from './ready'
import { expect, test, type Page } from './browser'
import { goWithin, lureInBox, open } from './open'

const LONG = 'tbody tr:nth-child(n + 9), [data-label]:nth-of-type(n + 9), [data-rule]:nth-of-type(n + 13)'
/** Rows are all made alike: of a long table the first ones are judged, the others taken out. */
const shorten = (page: Page) =>
  page.evaluate((rows) => {
    for (const row of document.querySelectorAll(rows)) row.remove()
  }, LONG)

async function violations(page: Page, part = 'html', rules?: string[]) {
  // A label on its way to its place still has the colour it had.
  await expect
    .poll(() =>
      page.evaluate(
        () => document.getAnimations().filter((a) => a.effect?.getComputedTiming().endTime !== Infinity).length,
      ),
    )
    .toBe(0)
  const axe = new AxeBuilder({ page })
    .setLegacyMode()
    .include(part)
    .options({ resultTypes: ['violations'] })
  const { violations: found } = await (
    rules
      ? axe.withRules(rules)
      : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
  ).analyze()
  return found.map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary?.slice(0, 240)}`)
}
/** What changes with the colours, and with the width; everything else is judged by day at full width. */
const NIGHT = 'rgb(18, 11, 7)'
const NARROW = ['target-size', 'scrollable-region-focusable', 'label', 'button-name', 'link-name']
/** Views judged in one visit: the page is loaded once for them. */
const PER_VISIT = 9
const PATHS = Object.keys(READY)
const VISITS = Array.from({ length: Math.ceil(PATHS.length / PER_VISIT) }, (_, i) =>
  PATHS.slice(i * PER_VISIT, (i + 1) * PER_VISIT),
)

for (const [nth, visit] of VISITS.entries())
  test(`axe finds nothing by day, by night and at 360 px, where views fit (${nth + 1} of ${VISITS.length})`, async ({
    page,
  }) => {
    test.setTimeout(180_000)
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await open(page, visit[0])
    for (const path of visit) {
      const ready = () =>
        page
          .locator(READY[path] ?? 'main')
          .first()
          .waitFor()
      await page.setViewportSize({ width: 1280, height: 800 })
      await goWithin(page, path)
      await ready()
      await shorten(page)
      expect([path, await violations(page)]).toEqual([path, []])
      await page.getByRole('button', { name: 'Night colours' }).click()
      // The theme's sheet is written a moment after the button has turned; only then is there anything new to judge.
      await expect(page.locator('.v-application')).toHaveCSS('background-color', NIGHT)
      await page.setViewportSize({ width: 360, height: 740 })
      await ready()
      await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360)
      expect([path, await violations(page, 'html', ['color-contrast', ...NARROW])]).toEqual([path, []])
      await page.getByRole('button', { name: 'Day colours' }).click()
    }
  })

test('axe finds nothing on the outing under way, part by part, by day and by night', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.emulateMedia({ reducedMotion: 'reduce' })
  await open(page, '/outing')
  await page.getByRole('button', { name: /^Start with/ }).click()
  await page.locator('.live').waitFor()
  await page.locator('.thumb .fish').click()
  expect(await violations(page, '.sheet')).toEqual([])
  await page.locator('[data-answer=landed]').click()
  await page.getByRole('region', { name: 'The fish' }).waitFor()
  for (const part of ['Next', 'Spot', 'Casts', 'Timers', 'Compare', 'Water', 'Log']) {
    await page
      .getByRole('navigation', { name: 'Parts of the outing' })
      .getByRole('button', { name: part, exact: true })
      .click()
    expect([part, await violations(page, '.live')]).toEqual([part, []])
  }
  await page.getByRole('button', { name: 'Night colours' }).click()
  await expect(page.locator('.v-application')).toHaveCSS('background-color', NIGHT)
  expect(await violations(page, '.live', ['color-contrast'])).toEqual([])
  await page.locator('.hand').click()
  expect(await violations(page, '.sheet')).toEqual([])
})

test('axe finds nothing on the parts of an answer, and they fit 360 px', async ({ page }) => {
  await open(page, '/')
  await page.locator('[data-lure]').first().waitFor()
  await page.getByRole('tab', { name: 'Side by side' }).click()
  await page.getByRole('button', { name: 'Compare the first four' }).click()
  for (const name of ['Side by side (4)', 'How to fish it', 'What if', 'Why not …']) {
    await page.getByRole('tab', { name, exact: true }).click()
    if (name === 'What if') await page.getByTestId('slid').waitFor()
    expect([name, await violations(page, '#about')]).toEqual([name, []])
    await page.setViewportSize({ width: 360, height: 740 })
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360)
    await page.setViewportSize({ width: 1280, height: 800 })
  }
})

test('axe finds nothing on the lure form and the empty box', async ({ page }) => {
  await open(page, '/box')
  await page.getByRole('button', { name: 'Add a lure' }).click()
  await page.getByRole('dialog').getByLabel('Name').waitFor()
  // What lies dimmed behind the dialog is not read while it is open.
  expect(await violations(page, '[role=dialog]')).toEqual([])
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Start an empty box' }).click()
  await page.getByRole('button', { name: 'Replace everything' }).waitFor()
  expect(await violations(page, '[role=dialog]')).toEqual([])
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.getByRole('heading', { name: 'An empty box' }).waitFor()
  expect(await violations(page)).toEqual([])
})

for (const view of ['Families', 'Table'])
  test(`axe finds nothing on the box as ${view.toLowerCase()}, and it fits 360 px`, async ({ page }) => {
    await page.setViewportSize({ width: 360, height: 740 })
    await open(page, '/box')
    await page.getByRole('button', { name: view }).click()
    await page
      .locator(view === 'Table' ? '[data-row]' : '[data-lure]')
      .first()
      .waitFor()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360)
    expect(await violations(page)).toEqual([])
  })

test('axe finds nothing on the dialogs of the box, and the focus goes back to what opened them', async ({ page }) => {
  await open(page, '/box')
  const dialog = page.getByRole('dialog')
  for (const [button, seen] of [
    ['Weigh all', 'Weigh them'],
    ['Change the tray', 'Change '],
    ['Add a tray', 'Add a tray'],
  ] as const) {
    await page.getByRole('button', { name: button }).first().click()
    await expect(dialog.getByRole('heading', { name: seen })).toBeVisible()
    expect([button, await violations(page, '[role=dialog]')]).toEqual([button, []])
    await page.keyboard.press('Escape')
    await expect(dialog).toBeHidden()
    await expect(page.getByRole('button', { name: button }).first()).toBeFocused()
  }
  await (await lureInBox(page, 'Nimbletwig 110')).click()
  await expect(dialog.getByText('What was done to it')).toBeVisible()
  expect(await violations(page, '[role=dialog]')).toEqual([])
  await dialog.getByRole('button', { name: 'Make a series' }).click()
  await expect(dialog.getByRole('heading', { name: /A series of/ })).toBeVisible()
  expect(await violations(page, '[role=dialog]')).toEqual([])
  await page.keyboard.press('Escape')
  await page.goto('/box/rigs')
  await page.locator('[data-rig]').first().click()
  await expect(dialog.locator('[data-joint]').first()).toBeVisible()
  expect(await violations(page, '[role=dialog]')).toEqual([])
})

test('nothing is asked of any other machine, and the content policy is never broken', async ({ page, baseURL }) => {
  const outside: string[] = []
  const complaints: string[] = []
  page.on('request', (r) => {
    if (!r.url().startsWith(baseURL ?? '') && !/^(data|blob):/.test(r.url())) outside.push(r.url())
  })
  page.on('console', (m) => {
    if (m.type() === 'error') complaints.push(m.text())
  })
  page.on('pageerror', (e) => complaints.push(e.message))
  const response = await page.goto('/')
  const policy = response?.headers()['content-security-policy'] ?? ''
  expect(policy).toContain("script-src 'self' 'sha256-")
  expect(policy).not.toContain('unsafe')
  expect(policy).toContain("require-trusted-types-for 'script'")
  for (const name of ['Water', 'Box', 'Bench', 'Match']) {
    await page.getByRole('link', { name, exact: true }).click()
    await page.locator('[data-lure], [data-bench]').first().waitFor()
  }
  expect(outside).toEqual([])
  expect(complaints).toEqual([])
})
