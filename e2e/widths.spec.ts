import type { Locator } from '@playwright/test'
import { expect, test } from './browser'
import { goWithin, open, rankedNames, ranking } from './open'
import { READY } from './ready'

/** From a small phone to a wide screen; 640 px is also 1280 px at 200 % zoom. */
const WIDTHS = [320, 601, 640, 783, 1024, 2560]
const PHONE = 360
const LEAST_TEXT_PX = 12

interface Found {
  readonly over: number
  readonly small: readonly string[]
}
/** What stands out of the page, px, and the words of charts that are drawn too small to read. */
const look = (least: number): Found => ({
  over: document.documentElement.scrollWidth - document.documentElement.clientWidth,
  small: [...document.querySelectorAll<SVGGraphicsElement>('svg text')].flatMap((text) => {
    const drawn = text.getScreenCTM()
    const px = parseFloat(getComputedStyle(text).fontSize) * (drawn ? Math.hypot(drawn.a, drawn.b) : 0)
    return text.textContent?.trim() && px > 0 && px < least - 0.1
      ? [`${text.textContent.trim()}: ${px.toFixed(1)} px`]
      : []
  }),
})

const paths = Object.entries(READY)
for (const [nth, part] of [paths.slice(0, 15), paths.slice(15)].entries())
  test(`nothing stands out of any page from 320 to 2560 px, and charts are read on a phone (${nth + 1} of 2)`, async ({
    page,
  }) => {
    test.setTimeout(180_000)
    await page.setViewportSize({ width: PHONE, height: 740 })
    await open(page, part[0]?.[0])
    for (const [path, ready] of part) {
      await goWithin(page, path)
      await page.locator(ready).first().waitFor()
      // Charts are drawn to their place a moment after it has its width.
      await expect.poll(async () => [path, (await page.evaluate(look, LEAST_TEXT_PX)).small]).toEqual([path, []])
      for (const width of WIDTHS) {
        await page.setViewportSize({ width, height: 740 })
        await expect
          .poll(async () => [path, width, Math.max(0, (await page.evaluate(look, LEAST_TEXT_PX)).over)])
          .toEqual([path, width, 0])
      }
      await page.setViewportSize({ width: PHONE, height: 740 })
    }
  })

test('on a phone the first two set-ups stand above the fold, the picture under them, the others when asked for', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page)
  await rankedNames(page)
  const box = async (of: Locator) => (await of.boundingBox()) ?? { x: 0, y: NaN, width: 0, height: NaN }
  const second = await box(ranking(page).nth(1))
  expect(second.y + second.height).toBeLessThan(844)
  const picture = await box(page.locator('.panel.picture'))
  expect(picture.y).toBeGreaterThan(second.y + second.height)
  await expect(ranking(page).nth(2)).toBeHidden()
  await page.getByRole('button', { name: /^All \d+ set-ups$/ }).click()
  await expect(ranking(page).nth(2)).toBeVisible()
})
