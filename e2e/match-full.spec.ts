import { expect, test } from './browser'
import { open } from './open'

test.beforeEach(async ({ page }) => open(page))

test('what the answer hangs on is told; what if slides the ranking and stores nothing until it is taken over', async ({
  page,
}) => {
  await expect(page.getByTestId('gap-note')).toContainText(/Buy nothing|Not in your box/, { timeout: 90_000 })
  await expect(page.getByLabel('What this answer hangs on')).toContainText(/is first while|stays first/, {
    timeout: 90_000,
  })
  await page.getByRole('tab', { name: 'What if' }).click()
  const slid = page.getByTestId('slid')
  await expect(slid).toBeVisible({ timeout: 90_000 })
  const before = await slid.textContent()
  const slider = page.getByRole('slider', { name: 'Visibility' })
  await slider.focus()
  await slider.press('Home')
  await expect(slid).not.toHaveText(before ?? '')
  await expect(page.locator('.strip')).toContainText('visibility 5')
  await page.getByRole('button', { name: 'Use this value' }).click()
  await expect(page.locator('.strip')).toContainText('visibility 0.2')
})
