import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { demoWorld } from '../core/demo/world'
import { MOST_KEPT, inParts, readArchive, writeArchive, type ArchiveContent } from '../core/exchange'
import type { DoneBy, TakeIn } from './command'
import { YgrionDb } from './db'
import { put } from './edits'
import { StoreError } from './problem'
import { Repository } from './repository'

/** What is new in an archive, taken in beside what is there. */
const DAY = '2026-06-12'
const AT = `${DAY}T10:00:00`
const WORLD = demoWorld(DAY)
const [lure] = WORLD.box.lures
const [place] = WORLD.places
if (!lure || !place) throw new Error('the demo is empty')
let n = 0
let mine: Repository
let theirs: Repository
beforeEach(async () => {
  const name = `take-in-${(n += 1)}`
  mine = new Repository(new YgrionDb(name))
  theirs = new Repository(new YgrionDb(name))
  await mine.seedOnce(() => WORLD)
})
const by = (tab = 'a'): DoneBy => ({ tab, label: 'Take in', at: AT })
const named = <T extends { id: string }>(like: T, many: number, id: string): T[] =>
  Array.from({ length: many }, (_, i) => ({ ...like, id: `${id}-${i}` }))
const taking = (content: ArchiveContent): TakeIn => ({
  kind: 'take-in',
  content,
  called: (added, kept) => `${added} came, ${kept} stayed`,
})
const lures = (many: number) => ({ ...WORLD, box: { ...WORLD.box, lures: named(lure, many, 'new') } })

describe('what is taken in', () => {
  it('comes beside what is there, is one step, and goes again as it came', async () => {
    const before = await mine.readAll()
    const technique = { ...lures(3), practice: { ...WORLD.practice, weights: { other: 2 } } }
    const step = await mine.run(taking(technique), by())
    expect(step.label).toBe('3 came, 0 stayed')
    expect((await mine.read()).box.lures).toHaveLength(WORLD.box.lures.length + 3)
    expect((await mine.read()).practice).toEqual(before.practice)
    const again = await mine.undo(step, AT)
    expect(await mine.readAll()).toEqual(before)
    await mine.run(again, by())
    expect((await mine.read()).box.lures).toHaveLength(WORLD.box.lures.length + 3)
  })
  it('pushes no backup out: none is made', async () => {
    await mine.run({ kind: 'replace', content: WORLD }, by())
    const [kept] = await mine.backups()
    for (let i = 0; i < 7; i += 1) await mine.run(taking({ ...WORLD, places: named(place, 1, `code-${i}`) }), by())
    expect(await mine.backups()).toEqual([kept])
  })
  it('leaves what another tab stores meanwhile, whenever it does', async () => {
    for (let i = 0; i < 12; i += 1) {
      const entry = { ...place, id: `other-${i}` }
      const other = async () => {
        for (let wait = 0; wait < i; wait += 1) await Promise.resolve()
        await theirs.run({ kind: 'edits', edits: [{ kind: 'places', id: entry.id, item: entry }] }, by('b'))
      }
      await Promise.all([mine.run(taking({ ...WORLD, places: named(place, 1, `mine-${i}`) }), by()), other()])
      const there = (await mine.read()).places.map(({ id }) => id)
      expect(there).toContain(`mine-${i}-0`)
      expect(there).toContain(entry.id)
    }
  })
  it('with nothing new in it is no step, and pressing back takes back what was done before it', async () => {
    await mine.run({ kind: 'edits', edits: [put('lures', { ...lure, name: 'Renamed' })] }, by())
    await mine.run(taking(WORLD), by())
    expect((await mine.steps('a')).map(({ label }) => label)).toEqual(['Take in'])
  })
  it('and is more than can be kept is refused whole, before any of it is stored', async () => {
    const before = await mine.readAll()
    const many = { ...lures(2), places: named(place, MOST_KEPT.places, 'many') }
    const refused: unknown = await mine.run(taking(many), by()).catch((error: unknown) => error)
    expect(refused instanceof StoreError && refused.problem).toEqual({
      code: 'too-many',
      kind: 'places',
      most: MOST_KEPT.places,
    })
    expect(await mine.readAll()).toEqual(before)
  })
})

describe('more than one archive can hold', () => {
  it('goes out in parts that each open, and hold all of it together', () => {
    const over = { ...WORLD, places: named(place, MOST_KEPT.places + 404, 'place') }
    const parts = inParts(over).map((part) => readArchive(writeArchive(part)))
    expect(parts.map(({ ok }) => ok)).toEqual([true, true])
    const places = parts.flatMap((part) => (part.ok ? part.archive.places : []))
    expect(places).toEqual(over.places)
    expect(parts.flatMap((part) => (part.ok ? part.archive.box.lures : []))).toEqual(WORLD.box.lures)
    expect(inParts(WORLD)).toEqual([WORLD])
  })
})
