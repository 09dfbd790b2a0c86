import { readFile } from 'node:fs/promises'
import { expect, test } from './browser'
import { DEMO_LURES, choose, lureInBox, open, rankedNames, ranking } from './open'

test.describe('on a first visit', () => {
  test.use({ firstVisit: true })
  test('a newcomer goes from the water to what to tie on, and loses nothing', async ({ page }) => {
    await open(page)
    const clearSummer = await rankedNames(page)
    expect(clearSummer).toHaveLength(12)
    const answer = page.getByRole('article')
    await expect(answer.getByRole('heading', { name: /They want it/ })).toBeVisible()
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
    await expect(answer.getByText(/slow end wanted/).first()).toBeVisible()

    await page.getByRole('link', { name: 'Box', exact: true }).click()
    await page.getByRole('button', { name: 'Add a lure' }).click()
    const form = page.getByRole('dialog')
    await form.getByRole('button', { name: 'Add to the box' }).click()
    await expect(form.locator('.wrong')).toContainText('name')
    await form.getByLabel('Name').fill('Wobblesnip 45')
    await choose(page, 'Family', 'Jerkbait')
    await form.getByLabel('Length', { exact: true }).fill('4.5 cm')
    await form.getByLabel('Labelled weight').fill('1/8 oz')
    await choose(page, 'Buoyancy', 'Suspends')
    await form.getByLabel('Labelled running depth').fill('2.8')
    await choose(page, 'Flank', 'Gold')
    await form.getByRole('button', { name: 'Add to the box' }).click()
    await expect(form).toBeHidden()
    await page.getByRole('link', { name: 'Match', exact: true }).click()
    await expect(ranking(page).filter({ hasText: 'Wobblesnip 45' })).toBeVisible()

    await page.getByRole('link', { name: 'Box', exact: true }).click()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export to a file' }).click(),
    ])
    const file = await download.path()
    expect(download.suggestedFilename()).toBe('ygrion-2026-06-12.json')
    expect(JSON.parse(await readFile(file, 'utf8')).box.lures).toHaveLength(DEMO_LURES + 1)

    await page.getByRole('button', { name: 'Start an empty box' }).click()
    await page.getByRole('button', { name: 'Replace everything' }).click()
    await expect(page.getByRole('heading', { name: 'An empty box' })).toBeVisible()
    await page.getByLabel('Archive to import').setInputFiles(file)
    await page.getByRole('button', { name: 'Replace everything' }).click()
    await expect(await lureInBox(page, 'Wobblesnip 45')).toBeVisible()

    await page.reload()
    await expect(await lureInBox(page, 'Wobblesnip 45')).toBeVisible()
    await page.getByRole('link', { name: 'Match', exact: true }).click()
    await expect(page.getByText('6.7\u202f°C')).toBeVisible()
    await expect(ranking(page).filter({ hasText: 'Wobblesnip 45' })).toBeVisible()
  })
})
