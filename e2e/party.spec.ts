import { readFile } from 'node:fs/promises'
import { expect, test, type Page } from './browser'
import type { Browser, BrowserContext } from '@playwright/test'
import { packed } from '../core/exchange'
import { minutesBetween, type EntryOf, type Outing } from '../core/outing'
import { QUIET_PATH, readStored, writeStored, type Stored } from './stored'

/** Two friends, two phones, one kit: asked by code, fished over midnight, brought together, and reviewed. */

const EVENING = new Date('2026-06-12T21:40:00')
/** Four lures in two colours each. */
const KIT = [
  ['Kettledrum 14', 'Kettledrum 14 Brass'],
  ['Nimbletwig 110', 'Nimbletwig 110 Brass'],
  ['Plainstick 125', 'Plainstick 125 Moss'],
  ['Flatling 90', 'Flatling 90 Dusk'],
].flat()
const TURN_MIN = 20

async function phone(browser: Browser, baseURL: string | undefined, demo: Stored): Promise<[Page, BrowserContext]> {
  const context = await browser.newContext({
    baseURL,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: 'block',
    reducedMotion: 'reduce',
  })
  const keeper = await context.newPage()
  await keeper.goto(QUIET_PATH)
  await writeStored(keeper, demo, false)
  const page = await context.newPage()
  await page.clock.setFixedTime(EVENING)
  return [page, context]
}
const at = (page: Page, min: number) => page.clock.setFixedTime(new Date(EVENING.getTime() + min * 60_000))
const outingsOf = async (page: Page): Promise<Outing[]> =>
  ((await readStored(page)).stores.find(({ name }) => name === 'outings')?.rows ?? []) as Outing[]
const shown = async (page: Page) => Number(await page.locator('.live').getAttribute('data-entries'))

/** Taps of each entry that was made. */
const taps: number[] = []
async function entry(page: Page, ...selectors: string[]) {
  const before = await shown(page)
  for (const selector of selectors) await page.locator(selector).first().tap()
  await expect.poll(() => shown(page)).toBeGreaterThan(before)
  taps.push(selectors.length)
}
const answer = (page: Page, id: string) => entry(page, '.thumb .fish', `[data-answer="${id}"]`)

/** What is shared with a press of a button, as the text of its file; the code is there, too. */
async function sharedText(page: Page, button: string): Promise<string> {
  await page.getByRole('button', { name: button, exact: true }).tap()
  await expect(page.getByRole('img', { name: /^Code that brings/ })).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).tap(),
  ])
  await page.getByRole('button', { name: 'Close' }).tap()
  return readFile(await download.path(), 'utf8')
}
async function endOf(page: Page) {
  await page.getByRole('button', { name: 'Log', exact: true }).tap()
  await page.getByRole('button', { name: 'End the outing' }).tap()
  await page.getByRole('button', { name: 'End it', exact: true }).tap()
  await expect(page.locator('.start')).toBeVisible()
}

test('a day of two friends over midnight, in two taps an entry, becomes one log in which nothing counts twice', async ({
  browser,
  baseURL,
  demo,
}) => {
  test.setTimeout(200_000)
  const [anouk, hers] = await phone(browser, baseURL, demo)
  const [bren, his] = await phone(browser, baseURL, demo)
  try {
    await anouk.goto('/outing')
    const rows = anouk.locator('.carry label.on')
    await expect(rows.first()).toBeVisible()
    while ((await rows.count()) > 0) await rows.first().tap()
    await anouk.getByRole('button', { name: 'Something else of the box' }).tap()
    for (const name of KIT) {
      await anouk.getByLabel('Find by name, kind or colour').fill(name)
      await anouk
        .locator('[data-take]')
        .filter({ has: anouk.getByText(name, { exact: true }) })
        .first()
        .tap()
    }
    await anouk.getByRole('button', { name: 'Fish as a party' }).tap()
    await anouk.getByLabel('Your name').fill('Anouk')
    await anouk.getByLabel('Friend 1').fill('Bren')
    await anouk.getByRole('button', { name: /^Start with/ }).tap()
    await expect(anouk.locator('.live')).toBeVisible({ timeout: 90_000 })

    const asked = await sharedText(anouk, 'Show the code')
    await bren.goto(`/take#${await packed(asked)}`)
    await bren.getByRole('button', { name: 'Bren', exact: true }).tap()
    await bren.getByRole('link', { name: 'To the water' }).tap()
    await expect(bren.locator('.live')).toBeVisible()

    /** What is tapped in which turn: followers, a fish that came off, a trailer, others’ fish, fish landed. */
    const said: Record<number, (() => Promise<void>)[]> = {
      0: [() => answer(anouk, 'follow'), () => answer(bren, 'landed')],
      1: [() => answer(bren, 'lost'), () => entry(anouk, '.thumb .fish', '[data-beside=companion]')],
      2: [() => entry(anouk, '.hand', '[data-altered=trailer]'), () => answer(bren, 'follow')],
      3: [() => answer(anouk, 'landed'), () => answer(bren, 'seen')],
      5: [() => answer(bren, 'landed'), () => entry(anouk, '.thumb .fish', '[data-beside=companion]')],
      7: [() => answer(anouk, 'landed'), () => answer(anouk, 'lost')],
      8: [() => answer(bren, 'landed'), () => entry(bren, '.thumb .fish', '[data-beside=birds]')],
    }
    for (let turn = 0; turn < 9; turn++) {
      for (const page of [anouk, bren]) {
        await at(page, turn * TURN_MIN + 1)
        await expect(page.locator('.party .head').first()).toContainText(`Turn ${turn + 1} `)
        if (await page.locator('[data-party=take]').isVisible()) await entry(page, '[data-party=take]')
      }
      for (const say of said[turn] ?? []) {
        for (const page of [anouk, bren]) await at(page, turn * TURN_MIN + 8)
        await say()
      }
      // Whose fish it was is one more tap, where there is time.
      if (turn === 1) await anouk.getByRole('group', { name: 'Name' }).getByRole('button', { name: 'Bren' }).tap()
    }
    console.info(`${taps.length} entries, at most ${Math.max(...taps)} taps, ${taps.reduce((a, b) => a + b)} in all`)
    expect(Math.max(...taps)).toBe(2)
    for (const page of [anouk, bren]) {
      await at(page, 9 * TURN_MIN)
      await endOf(page)
    }

    await bren.locator('.past li a').first().tap()
    const log = await sharedText(bren, 'My log, for the party')
    await anouk.goto('/outing')
    await anouk.locator('.past li a').first().tap()
    const party = anouk.getByRole('region', { name: 'The party' })
    await expect(party).toContainText('not here yet')
    await anouk
      .getByLabel('Open a friend’s file')
      .setInputFiles({ name: 'log.json', mimeType: 'application/json', buffer: Buffer.from(log) })
    await anouk.getByRole('button', { name: 'Take it in' }).tap()
    await anouk.getByRole('link', { name: 'Look at the day' }).tap()
    await expect(party).toContainText(/Anouk \(you\) 2 takes|Anouk \(you\) 3 takes/)
    await expect(party).toContainText('3 landed in 3.0 h')
    await expect(party).toContainText('2 fish noted by a friend and logged by its angler: counted once.')

    const mine = (await outingsOf(anouk)).filter((o) => o.party)
    const [a, b] = [0, 1].map((who) => mine.find((o) => o.party?.who === who))
    if (!a || !b) throw new Error('two logs')
    // Over midnight: three hours, not three less a day.
    expect(a.startedAt.slice(0, 10)).toBe('2026-06-12')
    expect(a.entries.at(-1)?.at.slice(0, 10)).toBe('2026-06-13')
    expect(minutesBetween(a.startedAt, a.entries.at(-1)?.at ?? '')).toBe(180)
    const answers = (o: Outing) =>
      o.entries.filter((e): e is EntryOf<'answer'> => e.kind === 'answer').map((e) => e.answer)
    expect(answers(a)).toEqual(['follow', 'landed', 'landed', 'lost'])
    expect(answers(b)).toEqual(['landed', 'lost', 'follow', 'seen', 'landed', 'landed'])
    expect([a.party?.isFriends, b.party?.isFriends]).toEqual([undefined, true])
    // In no turn did both fish the same lure, and each had most of the kit.
    for (const turn of a.party?.turns ?? []) expect(new Set(turn.map((s) => s.carriedId)).size).toBe(2)

    // Once more, by code: it is here, and nothing comes of it.
    await anouk.goto(`/take#${await packed(log)}`)
    await expect(anouk.getByText(/It is here already/)).toBeVisible()
    await anouk.getByRole('button', { name: 'Take it in' }).tap()
    await expect(anouk.getByText('It is in.')).toBeVisible()
    expect((await outingsOf(anouk)).filter((o) => o.party).length).toBe(2)
    // Her own log, sent back to her, is refused.
    await anouk.goto('/outing')
    await anouk.locator('.past li a').filter({ hasNotText: 'log' }).first().tap()
    const own = await sharedText(anouk, 'My log, for the party')
    await anouk.goto(`/take#${await packed(own)}`)
    await expect(anouk.getByText('This is your own log. It is here already.')).toBeVisible()

    // Asked once more she is in already.
    await anouk.goto(`/take#${await packed(asked)}`)
    await expect(anouk.getByText('You are in already, as Anouk.')).toBeVisible()

    // Reviewed: all five fish landed; what others caught holds none that Bren logged himself.
    await anouk.goto('/review/fish')
    await expect(anouk.getByRole('region', { name: 'Landed of those hooked' })).toBeVisible()
    // What she noted of Bren’s fish is in no list of others’ catches: those are as in the demo.
    const others = anouk.getByRole('region', { name: 'What others caught' })
    const unseen = others.getByText('On what, nobody saw').locator('..')
    await expect(unseen).toContainText('2 fish')
    await anouk.goto('/review/season')
    await expect(anouk.getByRole('heading', { name: 'The season' })).toBeVisible()
  } finally {
    await hers.close()
    await his.close()
  }
})
