import { expect, test, type Page } from './browser'
import { mortalBrowser, withProfile } from './mortal-browser'
import { DEMO_LURES, choose, expectLures, lureInBox, open } from './open'

test('a browser killed in the middle of an edit loses at most the field being typed', async ({ baseURL }) => {
  test.slow()
  await withProfile(async (profile) => {
    const first = await mortalBrowser(profile)
    const page = await first.newPage()
    await page.goto(`${baseURL}/box`)
    await (await lureInBox(page, 'Pirrip 7')).click()
    const form = page.getByRole('dialog')
    await form.getByLabel('Name').fill('Pirrip of the north')
    await form.getByLabel('Measured weight (optional)').fill('7.9 g')
    await choose(page, 'Flank', 'Copper')
    await form.getByLabel('Notes').fill('Best at first light')
    await form.getByLabel('Fish landed on it').fill('23')
    await first.kill()

    const second = await mortalBrowser(profile)
    const after = await second.newPage()
    await after.goto(`${baseURL}/box`)
    await after.getByText(/You were changing Pirrip of the north/).waitFor()
    await after.getByRole('button', { name: 'Carry on' }).click()
    const again = after.getByRole('dialog')
    await expect(again.getByLabel('Name')).toHaveValue('Pirrip of the north')
    await expect(again.getByLabel('Measured weight (optional)')).toHaveValue('7.9')
    await expect(again.getByLabel('Notes')).toHaveValue('Best at first light')
    await again.getByRole('button', { name: 'Save' }).click()
    await expect(await lureInBox(after, 'Pirrip of the north')).toContainText('7.9\u202fg weighed')
    await after.reload()
    await expectLures(after, DEMO_LURES)
    await expect(after.getByText(/You were changing/)).toHaveCount(0)
    await second.kill()
  })
})

test('the browser is asked to keep the box once it holds something of one’s own, and not again', async ({ page }) => {
  await open(page, '/box')
  await expectLures(page, DEMO_LURES)
  const ask = page.getByRole('complementary', { name: 'Keep my data' })
  await expect(ask).toHaveCount(0)
  await (await lureInBox(page, 'Pirrip 7')).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Duplicate' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click()
  await expectLures(page, DEMO_LURES + 1)
  await expect(ask).toContainText('May this browser keep it')
  await ask.getByRole('button', { name: 'Not now' }).click()
  await expect(ask).toHaveCount(0)
  await page.reload()
  await expectLures(page, DEMO_LURES + 1)
  await expect(ask).toHaveCount(0)
})

test('two tabs agree', async ({ page, context }) => {
  await open(page, '/box')
  const other = await context.newPage()
  await open(other, '/box')
  await (await lureInBox(page, 'Pirrip 7')).click()
  await page.getByRole('dialog').getByLabel('Name').fill('Pirrip both')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(other.locator('[data-lure="Pirrip both"]')).toBeVisible({ timeout: 1000 })
  await (await lureInBox(other, 'Pirrip both')).click()
  await other.getByRole('dialog').getByRole('button', { name: 'Remove' }).click()
  await expect(page.locator('[data-lure="Pirrip both"]')).toHaveCount(0, { timeout: 1000 })
  await expectLures(page, DEMO_LURES - 1)
})

test('two tabs that name one lure otherwise are asked which is to stay', async ({ page, context }) => {
  await open(page, '/box')
  const other = await context.newPage()
  await open(other, '/box')
  const name = (of: Page) => of.getByRole('dialog').getByLabel('Name')
  await (await lureInBox(page, 'Pirrip 7')).click()
  await name(page).fill('Pirrip of mine')
  await (await lureInBox(other, 'Pirrip 7')).click()
  await name(other).fill('Pirrip of theirs')
  await other.getByRole('button', { name: 'Save' }).click()
  await expect(other.getByRole('dialog')).toBeHidden()
  await page.getByRole('button', { name: 'Save' }).click()
  const question = page.getByRole('dialog', { name: 'Changed in another tab' })
  await expect(question).toContainText('Pirrip of theirs')
  await question.getByRole('button', { name: 'Keep what I typed' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(await lureInBox(other, 'Pirrip of mine')).toBeVisible()
})

test('a tray is weighed one lure after another; label and scale stay apart', async ({ page }) => {
  await page.goto('/box')
  await page.getByRole('button', { name: 'Weigh all' }).first().click()
  const form = page.getByRole('dialog')
  await expect(form.getByText('Simulated scale')).toBeVisible()
  for (const name of ['Grumblewing 14', 'Grumblewing 21 Thud']) {
    await expect(form.getByRole('heading', { name })).toBeVisible()
    await form.getByRole('button', { name: 'Take this weight' }).click()
  }
  await expect(form.getByRole('row')).toHaveCount(3)
  const first = await form.getByRole('row').nth(1).innerText()
  await form.getByRole('button', { name: 'Done' }).click()
  await expect(page.locator('[data-lure="Grumblewing 14"]')).toContainText('weighed')
  await page.locator('[data-lure="Grumblewing 14"]').click()
  await expect(form.getByLabel('Labelled weight')).toHaveValue('14')
  const weighed = await form.getByLabel('Measured weight (optional)').inputValue()
  expect(first).toContain(`${weighed}\u202fg`)
})

async function paintedPhoto(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 1600
    canvas.height = 1000
    const context = canvas.getContext('2d')
    if (!context) throw new Error('no canvas')
    const bands = [
      ['#ffffff', 0, 0, 1600, 1000],
      ['#23211f', 300, 350, 1000, 100],
      ['#c9a13d', 300, 450, 1000, 100],
      ['#dd6b20', 300, 550, 1000, 100],
    ] as const
    for (const [colour, x, y, w, h] of bands) {
      context.fillStyle = colour
      context.fillRect(x, y, w, h)
    }
    return canvas.toDataURL('image/png')
  })
  return Buffer.from(url.split(',')[1] ?? '', 'base64')
}

test('colours are read off a photo, which is shrunk, kept and found again', async ({ page }) => {
  await open(page, '/box')
  await (await lureInBox(page, 'Bumblecrag D')).click()
  const form = page.getByRole('dialog')
  await form
    .getByLabel('Photo of the lure')
    .setInputFiles({ name: 'x.txt', mimeType: 'text/plain', buffer: Buffer.from('no') })
  await expect(form.getByText(/is no picture this browser can read/)).toBeVisible()
  await form
    .getByLabel('Photo of the lure')
    .setInputFiles({ name: 'lure.png', mimeType: 'image/png', buffer: await paintedPhoto(page) })
  await expect(form.getByRole('img', { name: 'Photo of this lure' })).toBeVisible()
  const colour = (part: string) => form.getByRole('combobox', { name: part, exact: true }).locator('..')
  await expect(colour('Back')).toContainText('Black')
  await expect(colour('Flank')).toContainText('Gold')
  await expect(colour('Belly')).toContainText('Orange')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form).toBeHidden()
  await page.reload()
  await (await lureInBox(page, 'Bumblecrag D')).click()
  const photo = form.getByRole('img', { name: 'Photo of this lure' })
  await expect(photo).toBeVisible()
  expect(await photo.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeLessThanOrEqual(520)
})

test('a label’s code opens its lure; labels and values are there to print', async ({ page }) => {
  await open(page, '/box/order')
  await page.getByRole('link', { name: 'Box labels' }).click()
  const label = page.locator('[data-label="Bumblecrag M"]')
  await expect(label).toContainText('12.5\u202fg')
  await expect(label).toContainText('runs 1.8\u202fm')
  await expect(label.getByRole('img', { name: 'Code that opens Bumblecrag M' })).toBeVisible()
  await page.goto('/box/values')
  await expect(page.getByText(/in all/)).toBeVisible()
  await page.goto('/box?lure=demo-001')
  await expect(page.getByRole('dialog').getByLabel('Name')).toHaveValue('Grumblewing 14')
})
