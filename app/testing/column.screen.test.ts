import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import { find, mountScreen, openWorld } from '~/testing/mount'
import WaterColumn from '~/components/column/WaterColumn.vue'
import TopBar from '~/components/TopBar.vue'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { plainCast } from '../../testing/plain-cast'
import type { Conditions } from '../../core/water'
import { diveAngleForLabel, retrievePath, type CastPlan } from '../../core/motion'

/** The living picture: every grip can be moved by keys, within its bounds, and says where it stands. */
let c: Conditions
beforeEach(async () => {
  await openWorld()
  await useSettings().load()
  const { current } = useWater()
  if (!current) throw new Error('the demo has no water')
  c = { ...current, depthM: 4, zone: { topM: 1, bottomM: 2 }, cover: { ...current.cover, kind: 'grass', topM: 3 } }
})
/** A plug that dives 1.5 m by its label. */
const planFor = ({ castM, rodTipM, depthM }: Conditions): CastPlan =>
  plainCast(
    {
      towDragAreaM2: 0.00125,
      sinkDragAreaM2: 0.00125,
      diveAngleTan: diveAngleForLabel(1.5, 0.00125),
      submergedWeightN: 0,
      basis: 'labelled',
    },
    { castM, rodTipM: rodTipM ?? 1, depthM },
  )
const column = (over: Partial<Conditions> = {}) => {
  const now = { ...c, ...over }
  const plan = planFor(now)
  return mountScreen(WaterColumn, {
    c: now,
    zone: now.zone ?? { topM: 1, bottomM: 2 },
    light: 'day',
    plan,
    path: retrievePath(plan),
  })
}
async function key(body: ParentNode, name: string, ...keys: string[]) {
  const grip = find(body, `[role=slider][aria-label="${name}"]`)
  for (const k of keys) grip.dispatchEvent(new KeyboardEvent('keydown', { key: k, bubbles: true, cancelable: true }))
  await flushPromises()
  return grip
}
const lastChange = (emitted: (name: string) => unknown[][]) => emitted('change').at(-1)?.[0]

it.each([
  ['Top of the zone', 'ArrowDown', { zone: { topM: 1.1, bottomM: 2 } }],
  ['Top of the zone', 'ArrowUp', { zone: { topM: 0.9, bottomM: 2 } }],
  ['Bottom of the zone', 'ArrowDown', { zone: { topM: 1, bottomM: 2.1 } }],
  // The zone keeps its least height, and stays in the water.
  ['Top of the zone', 'End', { zone: { topM: 1.8, bottomM: 2 } }],
  ['Bottom of the zone', 'Home', { zone: { topM: 1, bottomM: 1.2 } }],
  ['Bottom of the zone', 'End', { zone: { topM: 1, bottomM: 4 } }],
  ['Height of the rod tip', 'End', { rodTipM: 3 }],
  ['Height of the rod tip', 'Home', { rodTipM: 0 }],
] as const)('%s, %s', async (name, press, change) => {
  const { body, emitted } = await column()
  await key(body, name, press)
  expect(lastChange(emitted)).toEqual(change)
})

it('the cast is moved in proportion to the angler’s own, within what anyone throws', async () => {
  const { body, emitted } = await column({ castM: 30 })
  await key(body, 'Length of the cast', 'ArrowLeft')
  expect((lastChange(emitted) as Partial<Conditions>).castM).toBeCloseTo(29, 6)
  await key(body, 'Length of the cast', 'PageUp')
  expect((lastChange(emitted) as Partial<Conditions>).castM).toBeCloseTo(35, 6)
  await key(body, 'Length of the cast', 'End')
  expect((lastChange(emitted) as Partial<Conditions>).castM).toBe(120)
})

it('keys that mean nothing change nothing', async () => {
  const { body, emitted } = await column()
  await key(body, 'Top of the zone', 'a', 'Tab', 'Escape')
  expect(emitted('change')).toEqual([])
})

it('open water has no cover to take hold of; every grip tells its value in the angler’s units', async () => {
  const { body } = await column({ cover: { ...c.cover, kind: 'open' } })
  const grips = [...body.querySelectorAll('[role=slider]')]
  expect(grips.map((g) => g.getAttribute('aria-label'))).not.toContain('Top of the cover')
  expect(grips).toHaveLength(4)
  for (const grip of grips) expect(grip.getAttribute('aria-valuetext')).toMatch(/^[\d.]+\u202fm$/)
  await useSettings().keep({ system: 'imperial' })
  await flushPromises()
  for (const grip of grips) expect(grip.getAttribute('aria-valuetext')).toMatch(/ft$/)
})

it('the path is drawn from the rod to the lure and follows what is moved; true scale says so', async () => {
  const first = await column()
  const drawn = find(first.body, '[data-testid=lure-path]').getAttribute('d')
  expect(drawn?.match(/[ML]/g)?.length ?? 0).toBeGreaterThan(5)
  const scale = find(first.body, '.scale button')
  const said = find(first.body, '.scale').textContent
  scale.click()
  await flushPromises()
  expect(find(first.body, '.scale').textContent).not.toBe(said)
  const second = await column({ castM: c.castM * 0.6 })
  expect(find(second.body, '[data-testid=lure-path]').getAttribute('d')).not.toBe(drawn)
})

it('the bar above all views: units and colours are switched and kept, undo says what it takes back', async () => {
  const { body } = await mountScreen(TopBar, {}, '/bench/test')
  const here = find(body, 'nav a.here')
  expect(here.textContent).toBe('Bench')
  const units = find(body, 'button.units')
  expect(units.getAttribute('aria-label')).toMatch(/^Units: metric/)
  units.click()
  await expect.poll(() => units.getAttribute('aria-label')).toMatch(/^Units: imperial/)
  find(body, 'button[aria-label="Night colours"]').click()
  await expect.poll(() => useSettings().night).toBe(true)
  await useSettings().load()
  expect(useSettings()).toMatchObject({ system: 'imperial', night: true })
  const undo = find(body, 'button[aria-label=Undo]') as HTMLButtonElement
  expect(undo.disabled).toBe(true)
  const { box } = useBox()
  const [lure] = box.lures
  if (!lure) throw new Error('the demo has no lures')
  await useBox().save('lures', { ...lure, name: 'Renamed' })
  await expect.poll(() => undo.disabled).toBe(false)
  expect(undo.title).toContain('Changed Renamed')
  undo.click()
  await expect.poll(() => useBox().lureById.get(lure.id)?.name).toBe(lure.name)
  await expect.poll(() => (find(body, 'button[aria-label=Redo]') as HTMLButtonElement).disabled).toBe(false)
})
