import { expect, test, type Page } from './browser'
import { accountOf, adviceNow, levelsOf, spotsOf, type Carried, type Outing, type Spot } from '../core/outing'
import { Lake } from '../core/practice/lake'
import { DAY, open } from './open'
import { sayAdvice } from '../words'

const live = (page: Page) => page.locator('.live')
const entries = async (page: Page) => Number(await live(page).getAttribute('data-entries'))

async function start(page: Page, path = '/outing') {
  await open(page, path)
  await page.getByRole('button', { name: /^Start with/ }).click()
  await expect(live(page)).toBeVisible()
}
/** Outings as they lie in the browser's own database. */
const stored = (page: Page): Promise<Outing[]> =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const asked = indexedDB.open('ygrion')
        asked.onerror = () => reject(new Error('no database'))
        asked.onsuccess = () => {
          const all = asked.result.transaction('outings').objectStore('outings').getAll()
          all.onsuccess = () => {
            asked.result.close()
            resolve(all.result)
          }
        }
      }),
  )
const liveStored = async (page: Page): Promise<Outing> => {
  const found = (await stored(page)).find((o) => !o.entries.some((e) => e.kind === 'end'))
  if (!found) throw new Error('no outing under way')
  return found
}
async function logged(page: Page, tap: () => Promise<void>) {
  const before = await entries(page)
  await tap()
  await expect.poll(() => entries(page)).toBeGreaterThan(before)
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

  test('two taps log any answer, and every target is at least 48 px', async ({ page }) => {
    await start(page)
    const answers = [
      'follow',
      'peck',
      'slap',
      'hard-knock',
      'eaten-winding',
      'eaten-pause',
      'eaten-fall',
      'lost',
      'landed',
    ]
    let taps = 0
    const tap = async (selector: string) => {
      taps += 1
      await page.locator(selector).tap()
    }
    for (const answer of answers) {
      taps = 0
      await logged(page, async () => {
        await tap('.thumb .fish')
        await tap(`[data-answer="${answer}"]`)
      })
      expect(taps).toBe(2)
    }
    const kept = await liveStored(page)
    expect(kept.entries.flatMap((e) => (e.kind === 'answer' ? [e.answer] : []))).toEqual(answers)
    // Everything that can be tapped while fishing, part by part, with the sheets open and shut.
    const small = () =>
      page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('.live button, .live select, .live input, .live summary')]
          .filter((b) => b.offsetParent !== null && !['checkbox', 'file'].includes(b.getAttribute('type') ?? ''))
          .map((b) => ({
            name: b.textContent?.trim().slice(0, 30) || b.getAttribute('aria-label'),
            box: b.getBoundingClientRect(),
          }))
          .filter(({ box }) => box.width < 48 || box.height < 48)
          .map(({ name, box }) => `${name} ${Math.round(box.width)} × ${Math.round(box.height)}`),
      )
    for (const part of ['Spot', 'Casts', 'Timers', 'Compare', 'Water', 'Log', 'Next']) {
      await page
        .getByRole('navigation', { name: 'Parts of the outing' })
        .getByRole('button', { name: part, exact: true })
        .tap()
      expect([part, await small()]).toEqual([part, []])
      expect([part, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([part, 390])
    }
    await page.locator('.thumb .fish').tap()
    expect(await small()).toEqual([])
    await page.keyboard.press('Escape')
    await page.locator('.hand').tap()
    expect(await small()).toEqual([])
  })

  test('fast taps are each written down once, in their order; a second page on the same outing loses none', async ({
    page,
    context,
  }) => {
    await start(page)
    for (let i = 0; i < 12; i++) await page.locator('.thumb .cast').tap()
    await expect.poll(() => entries(page)).toBe(13)
    const other = await context.newPage()
    await open(other, '/outing')
    await expect(live(other)).toHaveAttribute('data-entries', '13')
    await Promise.all([
      ...Array.from({ length: 5 }, () => page.locator('.thumb .cast').tap()),
      ...Array.from({ length: 5 }, () => other.locator('.thumb .cast').tap()),
    ])
    await expect.poll(() => entries(page)).toBe(23)
    const ids = (await liveStored(page)).entries.map((e) => e.id)
    expect(new Set(ids).size).toBe(23)
  })
})

test.describe('by a clock taken in hand', () => {
  test.use({ ownContext: true })

  test('a day of six hours on the simulated lake, fished through the page by following its advice', async ({
    page,
  }) => {
    test.setTimeout(240_000)
    await page.setViewportSize({ width: 390, height: 844 })
    await page.clock.install({ time: DAY })
    await page.goto('/outing')
    await page.getByRole('button', { name: /^Start with/ }).click()
    await expect(live(page)).toBeVisible()
    const parts = page.getByRole('navigation', { name: 'Parts of the outing' })
    await parts.getByRole('button', { name: 'Spot', exact: true }).click()
    await logged(page, () => page.locator('[data-spot]').first().click())
    await parts.getByRole('button', { name: 'Next', exact: true }).click()
    const { carried, water } = await liveStored(page)
    const at = (await live(page).getAttribute('data-at')) ?? ''
    const spots: Spot[] = spotsOf(1, at.split(':')[1] ?? '')
    const lake = new Lake(42, { carried, spots, depthM: water.depthM, dayMin: 360 })
    const hand = async (): Promise<{ carried: Carried; way: Carried['ways'][number]; spot: Spot | null }> => {
      const rig = carried.find(async () => true) && (await page.locator('.hand').getAttribute('data-carried'))
      const wayId = await page.locator('.hand').getAttribute('data-way')
      const now = carried.find((c) => c.id === rig)
      const way = now?.ways.find((w) => w.id === wayId)
      const where = (await live(page).getAttribute('data-at')) ?? ''
      if (!now || !way) throw new Error('nothing in hand')
      return { carried: now, way, spot: spots.find((s) => `${s.stop}:${s.featureId}:${s.spotId}` === where) ?? null }
    }
    const STEP = 6
    let [takes, followed] = [0, 0]
    for (let min = 0; min < 360; min += STEP) {
      const fishing = await hand()
      const shown = Array.from({ length: STEP }, (_, i) => lake.minute(min + i, fishing)).flat()
      await page.clock.fastForward(STEP * 60_000)
      for (const { answer } of shown) {
        await logged(page, async () => {
          await page.locator('.thumb .fish').click()
          await page.locator(`[data-answer="${answer}"]`).click()
        })
        if (answer === 'landed') await page.getByRole('button', { name: 'Done' }).click()
        if (answer === 'landed' || answer === 'lost') takes += 1
      }
      const follow = page.locator('[data-advice=take]')
      if (!(await follow.isVisible())) continue
      const said = await page.locator('.advice .does').textContent()
      const before = await hand()
      await logged(page, () => follow.click())
      await expect(follow).toBeHidden()
      const after = await hand()
      followed += 1
      // What is done when the next one follows changes what the hand does, not what is in it.
      if (said?.startsWith('When the next one follows')) continue
      expect([said, levelsOf(after, water)]).not.toEqual([said, levelsOf(before, water)])
    }
    const outing = await liveStored(page)
    const last = new Date(DAY.getTime() + 360 * 60_000).toISOString()
    const { stretches } = accountOf(outing, last)
    const minutes = stretches.reduce((sum, s) => sum + s.minutes, 0)
    console.info(
      `six hours through the page: ${takes} takes, advice followed ${followed} times, ${Math.round(minutes)} min of effort`,
    )
    expect(minutes).toBeGreaterThan(350)
    expect(followed).toBeGreaterThanOrEqual(3)
    expect(outing.entries.filter((e) => e.kind === 'answer' && ['landed', 'lost'].includes(e.answer))).toHaveLength(
      takes,
    )
    expect(takes).toBeGreaterThan(0)
    // The page tells what the core tells of the same log.
    await expect
      .poll(async () => {
        const at = await page.evaluate(() => new Date().toISOString())
        const advice = adviceNow(outing, accountOf(outing, at), at)
        const shown = await page.locator('.advice').innerText()
        return (
          advice !== null && shown.includes(sayAdvice(advice.kind === 'change' ? advice.does : advice.says, 'metric'))
        )
      })
      .toBe(true)
    await parts.getByRole('button', { name: 'Log', exact: true }).click()
    await page.getByRole('button', { name: 'End the outing' }).click()
    await page.getByRole('button', { name: 'End it', exact: true }).click()
    await expect(page.getByRole('region', { name: 'Past outings' }).getByRole('link').first()).toContainText(
      /6\.\d h|5\.9 h/,
    )
  })
})
