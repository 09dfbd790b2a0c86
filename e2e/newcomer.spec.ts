import { expect, test, type Page } from './browser'
import { open, ranking } from './open'

/** How many acts it takes someone new to have tackle in the box: each click, each field typed and each key that does something is one. */

class Hand {
  acts = 0
  constructor(readonly page: Page) {}
  async click(name: string) {
    this.acts += 1
    await this.page.getByRole('button', { name, exact: true }).click()
  }
  async type(text: string) {
    this.acts += 1
    await this.page.getByLabel('Add in a line').fill(text)
  }
  async enter() {
    this.acts += 1
    await this.page.keyboard.press('Enter')
  }
  async add(text: string) {
    await this.type(text)
    await this.enter()
    await expect(this.page.getByText(/ is in the box\.$/)).toBeVisible()
    await expect(this.page.getByLabel('Add in a line')).toHaveValue('')
  }
}

async function emptyBox(page: Page) {
  await open(page, '/box')
  await page.getByRole('button', { name: 'Start an empty box' }).click()
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await expect(page.getByRole('heading', { name: 'An empty box', exact: true })).toBeVisible()
}

test('a first lure takes a handful of acts, a first outfit with lures under 45, and the match answers', async ({
  page,
}) => {
  await emptyBox(page)
  const hand = new Hand(page)
  await hand.type('perch crankbait 6 cm 10 g, 2 m')
  await expect(page.getByText(/^Crankbait, 6.cm, 10.g, /)).toBeVisible()
  await hand.enter()
  await expect(page.locator('[data-lure="Perch crankbait"]')).toBeVisible()
  expect(hand.acts).toBeLessThanOrEqual(12)
  const first = hand.acts
  for (const line of [
    'silver blue spoon 7 cm 18 g',
    'white paddle tail 9 cm 7 g',
    'firetiger jerkbait 9 cm 11 g 1.2 m',
    'black spinnerbait 1/2 oz 9 cm',
    'rod 2.1 m 5–25 g 2-8 kg medium fast',
    'casting rod 7 ft 1/2-1 oz',
    'spinning reel 5.2:1',
    'casting reel 7.1:1',
    'braid 0.13 8 kg',
    'mono 0.30',
  ])
    await hand.add(line)
  await expect(page.getByText(/5 lures in .*2 rods, 2 reels, 2 lines/)).toBeVisible()
  expect(hand.acts).toBeLessThan(45)
  test.info().annotations.push({ type: 'measured', description: `first lure ${first} acts, the box ${hand.acts} acts` })
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await expect(ranking(page).first()).toBeVisible()
  // A reload loses nothing of it.
  await page.reload()
  await expect(ranking(page).first()).toBeVisible()
})

test('a list that is pasted goes in line by line; what is not understood stays to be mended', async ({ page }) => {
  await emptyBox(page)
  const field = page.getByLabel('Add in a line')
  await field.focus()
  await field.evaluate((input, text) => {
    const data = new DataTransfer()
    data.setData('text', text)
    input.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
  }, 'perch crankbait 6 cm\nsomething odd\nwhite popper 7 cm 9 g')
  await expect(field).toHaveValue('something odd')
  await expect(page.getByText('What kind is it?')).toBeVisible()
  await expect(page.getByText(/2 lures in /)).toBeVisible()
})

test('four colours in two weights before the first lure is saved', async ({ page }) => {
  await emptyBox(page)
  await page.getByRole('button', { name: 'Add a lure' }).first().click()
  const form = page.getByRole('dialog')
  await form.getByLabel('Name').fill('Snippet')
  await form.getByRole('button', { name: 'Make a series' }).click()
  const series = page.getByRole('dialog')
  await series.getByRole('button', { name: 'Add the colour' }).click()
  await series.getByLabel(/Weights/).fill('7 g; 10 g')
  await expect(series.getByText(/2 /).first()).toBeVisible()
  await series.getByRole('button', { name: 'Add them' }).click()
  await expect(page.getByText(/2 lures in /)).toBeVisible()
})

test('a make is typed, kept and opened again', async ({ page }) => {
  await open(page, '/box?lure=demo-001')
  const form = page.getByRole('dialog')
  await form.getByText('How it is made').click()
  await form.getByLabel('Front blade number').fill('3')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form).toBeHidden()
  await page.goto('/box?lure=demo-001')
  await expect(page.getByRole('dialog').getByLabel('Front blade number')).toHaveValue('3')
})
