import { expect, test } from './browser'
import { open } from './open'

test.beforeEach(async ({ page }) => open(page))

test('side by side, why not, how to fish it: columns add up, lost points are named, the cadence plays, tabs go by arrows', async ({
  page,
}) => {
  await page.getByRole('tab', { name: 'Side by side' }).click()
  await page.getByRole('button', { name: 'Compare the first four' }).click()
  await page.getByRole('button', { name: /^All \d+ lines$/ }).click()
  const scores = await page.locator('thead .score').allTextContents()
  expect(scores).toHaveLength(4)
  for (const [i, score] of scores.entries()) {
    const points = await page.locator(`tbody tr td:nth-of-type(${i + 1}) .points`).allTextContents()
    const sum = points.reduce((total, text) => total + parseFloat(text), 0)
    // Each line is rounded to a tenth.
    expect(Math.abs(sum - parseFloat(score))).toBeLessThan(0.06 * points.length)
  }
  await expect(
    page
      .getByLabel(/^Compare/)
      .and(page.locator(':disabled'))
      .first(),
  ).toBeVisible()
  await page.getByRole('tab', { name: /Why not/ }).click()
  await page.getByLabel('Why not this one?').first().fill('Slingspat 28')
  await page.getByRole('option', { name: 'Slingspat 28' }).click()
  await expect(page.getByRole('tabpanel')).toContainText(/comes [\d.]+ points behind/)
  await expect(page.getByRole('heading', { name: 'It loses' })).toBeVisible()
  await page.getByRole('tab', { name: 'How to fish it' }).click()
  await expect(page.getByRole('heading', { name: 'What they tell you' })).toBeVisible()
  await page.getByRole('button', { name: 'Play it' }).click()
  await expect(page.getByRole('button', { name: 'Stop', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Play it' })).toBeVisible()
  await page.getByRole('tab', { name: 'Why', exact: true }).click()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('tab', { name: 'How to fish it' })).toBeFocused()
  await expect(page.getByRole('tab', { name: 'How to fish it' })).toHaveAttribute('aria-selected', 'true')
})

test('what the answer hangs on is told; what if slides the ranking and stores nothing until it is taken over', async ({
  page,
}) => {
  await expect(page.getByTestId('gap-note')).toContainText(/Buy nothing|Not in your box/, { timeout: 30_000 })
  await expect(page.getByLabel('What this answer hangs on')).toContainText(/is first while|stays first/, {
    timeout: 30_000,
  })
  await page.getByRole('tab', { name: 'What if' }).click()
  const slid = page.getByTestId('slid')
  await expect(slid).toBeVisible({ timeout: 30_000 })
  const before = await slid.textContent()
  const slider = page.getByRole('slider', { name: 'Visibility' })
  await slider.focus()
  await slider.press('Home')
  await expect(slid).not.toHaveText(before ?? '')
  await expect(page.locator('.strip')).toContainText('visibility 5')
  await page.getByRole('button', { name: 'Use this value' }).click()
  await expect(page.locator('.strip')).toContainText('visibility 0.2')
})

test('a rule of one’s own: previewed, kept, heard in the match, and undone', async ({ page }) => {
  await page.getByRole('link', { name: 'rules and open questions' }).click()
  await page.getByRole('button', { name: 'Write a rule' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('Name a kind of lure')).toBeVisible()
  await dialog.getByLabel('The rule in a sentence').fill('Here it is always the curl-tail.')
  // The list closes itself where the preview comes in while it is open: the angler, too, just opens it again.
  await expect(async () => {
    await dialog.getByLabel('Kinds of lure').first().fill('curl')
    await page.getByRole('option', { name: /Curl-tail/ }).click({ timeout: 3000 })
  }).toPass()
  await page.keyboard.press('Escape')
  const weight = dialog.getByRole('slider')
  await weight.focus()
  await weight.press('End')
  await expect(dialog.locator('ol')).toBeVisible()
  await dialog.getByRole('button', { name: 'Keep the rule' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.locator('.own')).toContainText('Here it is always the curl-tail.')
  await page.getByRole('link', { name: 'Ygrion, to the match' }).click()
  await expect(page.locator('[data-lure]').first()).toHaveAttribute('data-lure', /Curlewtail/)
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-lure]').first()).not.toHaveAttribute('data-lure', /Curlewtail/)
})
