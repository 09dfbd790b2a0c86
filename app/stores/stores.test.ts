import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { useBox } from './box'
import { useHistory } from './history'
import { repository } from './repository'
import { useSettings } from './settings'
import { useWater } from './water'

beforeEach(async () => {
  setActivePinia(createPinia())
  await useBox().open()
  await useBox().startDemo()
  await vi.waitFor(() => expect(useBox().status.state).toBe('ready'))
  await vi.waitFor(() => expect(useBox().box.lures).toHaveLength(61))
})

it('twenty random edits and removals, undone, leave the stored box as it was', async () => {
  const box = useBox()
  const before = await repository.read()
  const steps = fc.sample(
    fc.record({
      at: fc.nat(60),
      remove: fc.boolean(),
      name: fc.string({ minLength: 1, maxLength: 20 }).filter((s) => s.trim() !== ''),
    }),
    { numRuns: 20, seed: 7 },
  )
  for (const { at, remove, name } of steps) {
    const { lures } = (await repository.read()).box
    const lure = lures[at % lures.length]
    if (!lure) throw new Error('no lure')
    if (remove) await box.remove('lures', lure)
    else await box.save('lures', { ...lure, name: name.trim() })
  }
  expect(await repository.read()).not.toEqual(before)
  const history = useHistory()
  for (let i = 0; i < 20; i++) await history.undo()
  expect(await repository.read()).toEqual(before)
})

it('an undo clicked twice in a hurry is done once', async () => {
  const box = useBox()
  const history = useHistory()
  const [a, b] = (await repository.read()).box.lures
  if (!a || !b) throw new Error('no lures')
  await box.remove('lures', a)
  await box.remove('lures', b)
  await Promise.all([history.undo(), history.undo()])
  const ids = (await repository.read()).box.lures.map((l) => l.id)
  expect(ids).toContain(b.id)
  expect(ids).not.toContain(a.id)
})

it('a damaged archive changes nothing and is no step of the history', async () => {
  const steps = useHistory().steps.length
  expect(await useBox().importText('{"format":"ygrion-archive","version":1}')).not.toEqual([])
  expect(useHistory().steps).toHaveLength(steps)
  expect(await useBox().importText(useBox().exportText())).toEqual([])
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
  water.change({ waterTempC: 900 })
  water.change({ visibilityM: Number.NaN })
  expect(water.current).toEqual(before)
})

it('another place brings its own water; settings stay', async () => {
  const water = useWater()
  water.change({ waterTempC: 7 })
  await water.goTo('quillskar')
  expect(water.current?.speciesId).toBe('sea-trout')
  await water.goTo('vessamere-north')
  await vi.waitFor(() => expect(water.current?.waterTempC).toBe(7))
  await useSettings().keep({ system: 'imperial' })
  setActivePinia(createPinia())
  await useSettings().load()
  expect(useSettings().system).toBe('imperial')
})
