import { beforeAll, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { demoWorld } from '../../core/demo/world'
import { choose, click, DAY, find, broke, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import { useBox } from '~/stores/box'
import { usePlans } from '~/stores/plans'
import PlanPage from '~/pages/plan/[id].vue'
import PackPage from '~/pages/plan/pack/[id].vue'
import PrintPage from '~/pages/plan/print/[id].vue'
import PlansPage from '~/pages/plan/index.vue'

/** A plan on its pages: a water nobody has seen, two hours, few lures. */

const LONG = { timeout: 120_000 }
async function openFew() {
  const world = demoWorld(DAY)
  const box = await openWorld({ ...world, box: { ...world.box, lures: world.box.lures.filter((_, i) => i % 8 === 0) } })
  usePlans().open(broke)
  return box
}
const only = () => {
  const [plan] = usePlans().all
  if (!plan) throw new Error('no plan')
  return plan
}

beforeAll(async () => {
  await openFew()
  const { screen, body } = await mountScreen(PlansPage, {}, '/plan')
  await vi.waitFor(() => find(body, 'form'), LONG)
  await type(body, 'Or a water you have not seen, in a few words', 'shallow weedy lake, June, pike and perch, wibble')
  expect(body.textContent).toMatch(/not understood: wibble/i)
  await choose(screen, 'From', 6)
  await choose(screen, 'Till', 8)
  await choose(screen, 'Lures at most', 3)
  const form = find(body, 'form')
  form.dispatchEvent(new Event('submit'))
  await vi.waitFor(() => expect(usePlans().all).toHaveLength(1), LONG)
  await vi.waitFor(() => expect(only().planned).not.toBeNull(), LONG)
}, 240_000)

it('a water nobody has seen: its place is there when it is worked out, and something of the box is fished at every hour', () => {
  const { planned, legs } = only()
  expect(useBox().places.some(({ id }) => id === legs[0]?.water.placeId)).toBe(true)
  expect(planned?.lures.length).toBe(3)
  expect(planned?.blocks.reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)).toBe(2)
  expect(planned?.value).toBeLessThanOrEqual((planned?.bound ?? 0) + 1e-9)
})

it('what the water could be is told in figures and can be weighed; what is weighed is worked out anew', async () => {
  const { body } = await mountScreen(PlanPage, {}, `/plan/${only().id}`)
  const details = find(body, 'details', /What the day may bring/) as HTMLDetailsElement
  details.open = true
  details.dispatchEvent(new Event('toggle'))
  await nextTick()
  const levels = () => [...body.querySelectorAll<HTMLInputElement>('input[type=range]')]
  const named = levels().filter((input) =>
    /The water you have not seen: .*seen/.test(input.getAttribute('aria-label') ?? ''),
  )
  expect(named.length).toBeGreaterThan(2)
  const [first] = named
  if (!first) throw new Error('no level')
  first.value = '1'
  first.dispatchEvent(new Event('change'))
  await vi.waitFor(() => expect(only().spread.water).toBeDefined(), LONG)
  await vi.waitFor(() => expect(usePlans().working.state).toBe('idle'), LONG)
  expect(only().planned?.lures.length).toBe(3)
}, 240_000)

it('a lure is pinned: it comes along, and its own rows are all that is ranked anew', async () => {
  const next = only().planned?.more[0]?.lureId
  if (!next) throw new Error('nothing would come next')
  await mountScreen(PlanPage, {}, `/plan/${only().id}`)
  await usePlans().save({ ...only(), pinned: [next] }, 'pinned')
  await vi.waitFor(() => expect(only().pinned).toEqual([next]), LONG)
  await vi.waitFor(() => expect(usePlans().working.state).toBe('idle'), LONG)
  await vi.waitFor(() => expect(only().planned?.lures.map(({ lureId }) => lureId)).toContain(next), LONG)
}, 240_000)

it('the list is ticked line by line, and keeps its ticks', async () => {
  const { body } = await mountScreen(PackPage, {}, `/plan/pack/${only().id}`)
  await vi.waitFor(() => find(body, 'input[type=checkbox]'), LONG)
  const boxes = () => [...body.querySelectorAll<HTMLInputElement>('input[type=checkbox]')]
  const [first] = boxes()
  if (!first) throw new Error('nothing to pack')
  await click(first)
  await vi.waitFor(() => expect(only().ticked).toHaveLength(1), LONG)
  expect(body.textContent).toContain(`1 of ${boxes().length} packed`)
})

it('a card for each rod: what stays tied on is one row through its hours; the day has every stretch', async () => {
  const { body } = await mountScreen(PrintPage, {}, `/plan/print/${only().id}`)
  const { planned } = only()
  await vi.waitFor(() => find(body, '[data-rod]'), LONG)
  for (const card of body.querySelectorAll('[data-rod]')) {
    const rows = [...card.querySelectorAll('.row b')].map((b) => (b.textContent ?? '').replace(/^\S+ /, ''))
    rows.forEach((name, i) => expect(name).not.toBe(rows[i - 1]))
  }
  expect(body.querySelectorAll('tbody tr')).toHaveLength(planned?.blocks.length ?? 0)
})

it('a plan is removed', async () => {
  const { body } = await mountScreen(PlanPage, {}, `/plan/${only().id}`)
  expect(region(body, 'What to carry').textContent).toContain('of your whole box')
  await press(body, 'Remove')
  await vi.waitFor(() => expect(usePlans().all).toHaveLength(0), LONG)
})
