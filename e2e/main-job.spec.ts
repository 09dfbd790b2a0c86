import { readFile } from 'node:fs/promises'
import { expect, test } from './browser'
import { DEMO_LURES, choose, expectLures, lureInBox, open, rankedNames, ranking, undo as undoButton } from './open'

test.describe('on a first visit', () => {
  test.use({ firstVisit: true })
  test('a newcomer goes from the water to what to tie on, and loses nothing', async ({ page }) => {
    await open(page)
    const clearSummer = await rankedNames(page)
    expect(clearSummer).toHaveLength(12)
    const answer = page.getByRole('article')
    await expect(answer.getByRole('heading', { name: 'Won' })).toBeVisible()
    const reasonsBefore = await answer.innerText()

    await page.getByRole('link', { name: 'Change the water' }).click()
    await page.getByLabel('Temperature').fill('44 F')
    await page.getByLabel('Visibility (white lure)').fill('1.2')
    await choose(page, 'Mood', 'Lethargic')
    await expect(page.getByText('In cold water they need time')).toBeVisible()
    await page.getByRole('link', { name: 'Match', exact: true }).click()
    await expect(page.getByText('6.7\u202f°C')).toBeVisible()
    await expect.poll(() => rankedNames(page)).not.toEqual(clearSummer)
    expect(await answer.innerText()).not.toBe(reasonsBefore)
    await expect(answer.getByText(/pauses of \d+ s/).first()).toBeVisible()

    await page.getByRole('link', { name: 'Box', exact: true }).click()
    await page.getByRole('button', { name: 'Add a lure' }).click()
    const form = page.getByRole('dialog')
    await form.getByRole('button', { name: 'Add to the box' }).click()
    await expect(form.locator('.wrong')).toContainText('name')
    await form.getByLabel('Name').fill('Wobblesnip 105')
    await choose(page, 'Family', 'Jerkbait')
    await form.getByLabel('Length', { exact: true }).fill('10.5 cm')
    await form.getByLabel('Labelled weight').fill('1/2 oz')
    await choose(page, 'Buoyancy', 'Suspends')
    await form.getByLabel('Labelled running depth').fill('2.8')
    await choose(page, 'Flank', 'Gold')
    await form.getByRole('button', { name: 'Add to the box' }).click()
    await expect(form).toBeHidden()
    await page.getByRole('link', { name: 'Match', exact: true }).click()
    await expect(ranking(page).filter({ hasText: 'Wobblesnip 105' })).toBeVisible()

    await page.getByRole('link', { name: 'Box', exact: true }).click()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export to a file' }).click(),
    ])
    const file = await download.path()
    expect(download.suggestedFilename()).toBe('ygrion-2026-06-12.json')
    expect(JSON.parse(await readFile(file, 'utf8')).box.lures).toHaveLength(DEMO_LURES + 1)

    await page.getByRole('button', { name: 'Start an empty box' }).click()
    await expect(page.getByRole('heading', { name: 'An empty box' })).toBeVisible()
    await page.getByLabel('Archive to import').setInputFiles(file)
    await expect(await lureInBox(page, 'Wobblesnip 105')).toBeVisible()

    await page.reload()
    await expect(await lureInBox(page, 'Wobblesnip 105')).toBeVisible()
    await page.getByRole('link', { name: 'Match', exact: true }).click()
    await expect(page.getByText('6.7\u202f°C')).toBeVisible()
    await expect(ranking(page).filter({ hasText: 'Wobblesnip 105' })).toBeVisible()
  })
})

test('a slip is taken back: change, removal, and a whole box replaced', async ({ page }) => {
  await open(page, '/box')
  const lure = await lureInBox(page, 'Pirrip 7')
  await lure.click()
  await page.getByRole('dialog').getByLabel('Name').fill('Pirrip renamed')
  await page.getByRole('button', { name: 'Save' }).click()
  const renamed = await lureInBox(page, 'Pirrip renamed')
  await renamed.click()
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(renamed).toHaveCount(0)
  await page.getByRole('button', { name: 'Start an empty box' }).click()
  await expect(page.getByRole('heading', { name: 'An empty box' })).toBeVisible()
  const undo = undoButton(page)
  await undo.click()
  await expectLures(page, DEMO_LURES - 1)
  await undo.click()
  await expect(renamed).toBeVisible()
  await undo.click()
  await expect(await lureInBox(page, 'Pirrip 7')).toBeVisible()
  await expect(undo).toBeDisabled()
})

test('a damaged or foreign file is explained and changes nothing', async ({ page }) => {
  await open(page, '/box')
  await expectLures(page, DEMO_LURES)
  const take = (name: string, text: string) =>
    page
      .getByLabel('Archive to import')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await take('half.json', '{"format": "ygrion-archive", "version": 1, "box": {')
  await expect(page.getByRole('alert')).toContainText('“half.json” was not taken in; nothing was changed')
  await take('other.json', '{"songs": []}')
  await expect(page.getByRole('alert')).toContainText('not an Ygrion archive')
  await take(
    'odd.json',
    JSON.stringify({
      format: 'ygrion-archive',
      version: 1,
      places: [],
      waters: [],
      box: { lures: [{ id: 'a', name: 'Odd one', family: 'teapot' }] },
    }),
  )
  await expect(page.getByRole('alert')).toContainText('lures[0] “Odd one”')
  await page.reload()
  await expectLures(page, DEMO_LURES)
})
