import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import { choose, click, find, mountScreen, openWorld, press } from '~/testing/mount'
import MatchPage from '~/pages/index.vue'
import type { useBox } from '~/stores/box'
import { useCompare } from '~/stores/compare'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

/** What stands beside the ranking: side by side, what if, why not, how to fish it. */
let box: ReturnType<typeof useBox>
let screen: VueWrapper
let body: HTMLElement
beforeEach(async () => {
  box = await openWorld()
  await useSettings().load()
  useCompare().clear()
  useMatch().start()
  ;({ screen, body } = await mountScreen(MatchPage))
  await expect.poll(() => useMatch().status).toBe('ready')
  await expect.poll(() => body.querySelector('[role=tab]')).not.toBeNull()
})
const tab = (name: string | RegExp) => click(find(body, '[role=tab]', name))
const panel = () => find(body, '[role=tabpanel]')
const points = (of: ParentNode, selector: string) =>
  [...of.querySelectorAll(selector)].map((p) => Number.parseFloat(p.textContent.replace('−', '-')))

it('side by side: the chances of a column, set against the best that could be tied on, are its score; a fifth is not taken in; what is taken away leaves', async () => {
  await tab('Side by side')
  await press(panel(), 'Compare the first four')
  await expect.poll(() => points(panel(), 'thead .score').length).toBe(4)
  await press(panel(), /^All \d+ lines$/)
  const scores = points(panel(), 'thead .score')
  for (const [i, score] of scores.entries()) {
    const column = points(panel(), `tbody tr td:nth-of-type(${i + 1}) .points`)
    expect(column.length).toBeGreaterThan(8)
    // Each line is rounded to a percent.
    const chance = column.reduce((a, b) => (a * b) / 100, 1)
    expect(Math.abs((100 * chance) / (useMatch().answer?.against ?? 1) - score)).toBeLessThan(0.15 * score)
  }
  const boxes = [...body.querySelectorAll<HTMLInputElement>('input[aria-label^=Compare]')]
  expect(boxes.filter((b) => b.checked)).toHaveLength(4)
  expect(boxes.filter((b) => b.disabled).length).toBe(boxes.length - 4)
  await click(find(panel(), 'thead button.away'))
  expect(points(panel(), 'thead .score')).toHaveLength(3)
  await press(panel(), 'Clear')
  expect(panel().textContent).toMatch(/first four/)
})

it('why not: how far behind, by which points; and what cannot be fished here says why', async () => {
  await tab(/Why not/)
  const list = 'Why not this one?'
  await choose(screen, list, box.box.lures.find((l) => l.name === 'Slingspat 28')?.id)
  await expect.poll(() => panel().textContent).toMatch(/comes [\d.]+ points behind/)
  const behind = Number(/comes ([\d.]+) points behind/.exec(panel().textContent)?.[1])
  expect(behind).toBeGreaterThan(0)
  const [first] = useMatch().rows
  await choose(screen, list, first?.setUp.build.lure.id)
  await expect.poll(() => panel().querySelector('[role=status]')?.textContent).toMatch(/is the answer/)
  // Every lure of the box has an answer of some kind.
  for (const lure of box.box.lures.filter((_, i) => i % 17 === 0)) {
    await choose(screen, list, lure.id)
    await expect.poll(() => panel().querySelector('[role=status]')?.textContent ?? '').toContain(lure.name)
  }
})

it('how to fish it: the hand, what to feel for, what the fish say; the cadence plays and stops', async () => {
  await tab('How to fish it')
  await expect.poll(() => panel().querySelector('h3')).not.toBeNull()
  const titles = [...panel().querySelectorAll('h3')].map((h) => h.textContent.trim())
  expect(titles).toEqual(expect.arrayContaining(['The hand', 'What they tell you']))
  expect(panel().querySelectorAll('tbody tr').length).toBeGreaterThan(3)
  await press(panel(), 'Play it')
  expect(find(panel(), 'button', 'Stop').getAttribute('aria-pressed')).toBe('true')
  await press(panel(), 'Stop')
  expect(find(panel(), 'button', 'Play it')).toBeDefined()
})

it('the tabs are one stop for the keyboard; arrows go round', async () => {
  const selected = () => find(body, '[role=tab][aria-selected=true]').textContent.trim()
  const names = [...body.querySelectorAll('[role=tab]')].map((t) => t.textContent.trim())
  const arrow = async (key: 'ArrowLeft' | 'ArrowRight') => {
    find(body, '[role=tab][aria-selected=true]').dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
    await flushPromises()
  }
  expect(selected()).toBe(names[0])
  await arrow('ArrowLeft')
  expect(selected()).toBe(names.at(-1))
  expect(document.activeElement?.textContent.trim()).toBe(names.at(-1))
  await arrow('ArrowRight')
  await arrow('ArrowRight')
  expect(selected()).toBe(names[1])
  expect(body.querySelectorAll('[role=tab][tabindex="0"]')).toHaveLength(1)
})

it('what if: the slider moves the ranking and stores nothing until it is taken over', async () => {
  await tab('What if')
  await expect.poll(() => panel().querySelector('[data-testid=slid]'), { timeout: 60_000 }).not.toBeNull()
  const slid = () => find(panel(), '[data-testid=slid]').textContent
  const [before, own] = [slid(), useWater().current?.visibilityM]
  const take = () => find(panel(), 'button.take') as HTMLButtonElement
  expect(take().disabled).toBe(true)
  const slider = find(panel(), 'input[type=range]') as HTMLInputElement
  slider.value = '0'
  slider.dispatchEvent(new Event('input', { bubbles: true }))
  await flushPromises()
  expect(slid()).not.toBe(before)
  expect(useWater().current?.visibilityM).toBe(own)
  await click(take())
  expect(useWater().current?.visibilityM).toBeCloseTo(0.2, 6)
  await expect.poll(() => body.querySelector('.strip')?.textContent).toContain('visibility 0.2')
})

it('all its ways: each with a score; one that is chosen is the one looked at and can be carried', async () => {
  await tab('All its ways')
  const ways = () => [...panel().querySelectorAll<HTMLElement>('.ways ol button')]
  await expect.poll(() => ways().length, { timeout: 60_000 }).toBeGreaterThan(1)
  const scores = ways().map((w) => Number(find(w, '.points').textContent))
  expect(scores).toEqual([...scores].sort((a, b) => b - a))
  const last = ways().at(-1)
  if (!last) throw new Error('no way')
  const name = find(last, '.what b').textContent.trim()
  await click(last)
  await expect.poll(() => useMatch().chosen?.setUp.handling.technique.name).toBe(name)
  expect(ways().filter((w) => w.ariaPressed === 'true' || w.getAttribute('aria-pressed') === 'true')).toHaveLength(1)
  expect(useMatch().beside.map((r) => r.key)).toContain(useMatch().chosen?.key)
  const [other] = [...body.querySelectorAll<HTMLElement>('[data-lure]')].slice(-1)
  if (!other) throw new Error('no row')
  await click(other)
  await expect.poll(() => useMatch().chosen?.setUp.build.lure.name).toBe(other.dataset.lure)
  await expect.poll(() => useMatch().ways?.ways[0]?.setUp.build.lure.name).toBe(other.dataset.lure)
})
