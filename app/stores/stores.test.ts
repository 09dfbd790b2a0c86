import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { reactive } from 'vue'
import { alter } from '../../core/tackle'
import { demoWorld, emptyWorld } from '../../core/demo/world'
import { put } from '../../storage/edits'
import { useBox } from './box'
import { Told, useCommands } from './commands'
import { useHistory } from './history'
import { repository } from './repository'
import { useSettings } from './settings'
import { useWater } from './water'

vi.mock('~/composables/useMatchWorker', () => import('~/testing/match-on-thread'))

/** What a browser keeps for a tab. */
const sessionStorageOf = new Map<string, string>()
vi.stubGlobal('sessionStorage', {
  getItem: (key: string) => sessionStorageOf.get(key) ?? null,
  setItem: (key: string, value: string) => void sessionStorageOf.set(key, value),
})

const LURES = demoWorld('2026-06-12').box.lures.length

const fail = (error: unknown) => {
  throw error
}
beforeEach(async () => {
  setActivePinia(createPinia())
  await useBox().open(fail)
  await useBox().startDemo()
  await vi.waitFor(() => expect(useBox().status.state).toBe('ready'), { timeout: 30_000 })
  await vi.waitFor(() => expect(useBox().box.lures).toHaveLength(LURES), { timeout: 30_000 })
})

type Act = { at: number; what: 'rename' | 'remove' | 'move' | 'many' | 'restore' | 'alter'; name: string; slot: number }
const acts = fc.record<Act>({
  at: fc.nat(200),
  what: fc.constantFrom('rename', 'remove', 'move', 'many', 'restore', 'alter'),
  name: fc.string({ minLength: 1, maxLength: 20 }).filter((s) => s.trim() !== ''),
  slot: fc.nat(23),
})

async function act({ at, what, name, slot }: Act) {
  const box = useBox()
  const { bin, box: stored } = await repository.read()
  const lure = stored.lures[at % stored.lures.length]
  const tray = stored.trays[at % stored.trays.length]
  if (!lure || !tray) throw new Error('no lure')
  const thrown = bin[at % bin.length]
  if (what === 'remove') await box.remove('lures', [lure])
  else if (what === 'move') await box.move([lure], at % 5 === 0 ? null : tray.id, at % 5 === 0 ? null : slot)
  else if (what === 'many')
    await box.saveAll(
      'lures',
      stored.lures.slice(at % 20, (at % 20) + 9).map((l) => ({ ...l, count: slot })),
      'Filled down',
    )
  else if (what === 'restore' && thrown) await box.restore([thrown])
  else if (what === 'alter')
    await box.save('lures', alter(lure, { id: `c${at}`, date: '2026-06-12', kind: 'other', note: name, patch: {} }))
  else await box.save('lures', { ...lure, name: name.trim() })
}

it('twenty random edits, removals and moves, undone, leave the stored box as it was; redone, as they left it', async () => {
  const runs = fc.sample(fc.array(acts, { minLength: 20, maxLength: 20 }), { numRuns: 3, seed: 7 })
  for (const steps of runs) {
    const before = await repository.readAll()
    const history = useHistory()
    const from = history.steps.length
    for (const step of steps) await act(step)
    const after = await repository.readAll()
    expect(after).not.toEqual(before)
    const done = history.steps.length - from
    for (let i = 0; i < done; i++) await history.undo()
    expect(await repository.readAll()).toEqual(before)
    for (let i = 0; i < done; i++) await history.redo()
    expect(await repository.readAll()).toEqual(after)
  }
})

it('undo asked for twice in a hurry takes back two steps, the newest first, and no more than there are', async () => {
  const box = useBox()
  const history = useHistory()
  const [a, b] = (await repository.read()).box.lures
  if (!a || !b) throw new Error('no lures')
  const before = await repository.readAll()
  const steps = history.steps.length
  await box.remove('lures', [a])
  await box.remove('lures', [b])
  await Promise.all([history.undo(), history.undo()])
  expect(await repository.readAll()).toEqual(before)
  expect(history.steps).toHaveLength(steps)
})

it('a step that cannot be taken back is told, changes nothing, and does not bar the way to the one before', async () => {
  const history = useHistory()
  const box = useBox()
  const [lure] = (await repository.read()).box.lures
  if (!lure) throw new Error('no lure')
  await box.save('lures', { ...lure, name: 'First' })
  await box.save('lures', { ...lure, name: 'Second' })
  // Another tab names it anew meanwhile.
  await repository.apply([put('lures', { ...lure, name: 'Theirs' })])
  await expect(history.undo()).rejects.toBeInstanceOf(Told)
  expect(useCommands().failure).toMatchObject({ problem: { code: 'changed-meanwhile' } })
  expect((await repository.read()).box.lures.find((l) => l.id === lure.id)?.name).toBe('Theirs')
  expect(history.last?.label).toBe('Changed First')
})

it('what was done is taken back after a reload, too', async () => {
  sessionStorageOf.clear()
  const before = await repository.readAll()
  const [lure] = before.box.lures
  if (!lure) throw new Error('no lure')
  await useBox().save('lures', { ...lure, name: 'Renamed' })
  await useBox().replace(emptyWorld('2026-06-12'), 'Started an empty box')
  setActivePinia(createPinia())
  await useHistory().open()
  expect(useHistory().last?.label).toBe('Started an empty box')
  await useHistory().undo()
  await useHistory().undo()
  expect(await repository.readAll()).toEqual(before)
})

it('a reactive lure is thrown away and put back as it was', async () => {
  const box = useBox()
  const [lure] = (await repository.read()).box.lures
  if (!lure) throw new Error('no lure')
  await box.remove('lures', [reactive(structuredClone(lure))])
  await vi.waitFor(() => expect(useBox().bin).toHaveLength(1), { timeout: 30_000 })
  await box.restore(useBox().bin)
  expect((await repository.read()).box.lures).toContainEqual(lure)
})

it('water follows the hand at once, is brought back into itself, and is stored', async () => {
  const water = useWater()
  water.change({ depthM: 2 })
  expect(water.current).toMatchObject({ depthM: 2, cover: { topM: 2 }, zone: { bottomM: 2 } })
  expect(water.reading?.zone.bottomM).toBe(2)
  await water.store()
  const stored = (await repository.read()).waters.find((w) => w.placeId === water.place?.id)
  expect(stored?.depthM).toBe(2)
})

it('water that cannot be is refused and the old one kept', () => {
  const water = useWater()
  const before = water.current
  expect(water.change({ waterTempC: 45 })).toEqual({
    field: 'waterTempC',
    fault: { kind: 'too-big', bound: 40, value: '45' },
  })
  expect(water.change({ visibilityM: Number.NaN })).not.toBeNull()
  expect(water.current).toEqual(before)
})

it('another place brings its own water; settings stay', async () => {
  const water = useWater()
  water.change({ waterTempC: 7 })
  await water.goTo('quillskar')
  expect(water.current?.speciesId).toBe('sea-trout')
  await water.goTo('vessamere-north')
  await vi.waitFor(() => expect(water.current?.waterTempC).toBe(7), { timeout: 30_000 })
  await useSettings().keep({ system: 'imperial' })
  setActivePinia(createPinia())
  await useSettings().load()
  expect(useSettings().system).toBe('imperial')
})
