import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { demoWorld, emptyWorld } from '../core/demo/world'
import { MOST_KEPT } from '../core/exchange'
import type { Lure } from '../core/tackle'
import type { Command, DoneBy } from './command'
import { YgrionDb } from './db'
import { put, removal } from './edits'
import { StoreError } from './problem'
import { Repository } from './repository'

const DAY = '2026-06-12'
const AT = `${DAY}T10:00:00`
let n = 0
let name = ''
let mine: Repository
let theirs: Repository
beforeEach(async () => {
  name = `commands-${(n += 1)}`
  mine = new Repository(new YgrionDb(name))
  theirs = new Repository(new YgrionDb(name))
  await mine.seedOnce(() => demoWorld(DAY))
})
const by = (label: string, tab = 'a'): DoneBy => ({ tab, label, at: AT })
const edits = (...list: ReturnType<typeof put>[]): Command => ({ kind: 'edits', edits: list })
const lures = async () => (await mine.read()).box.lures
async function lureAt(i: number): Promise<Lure> {
  const lure = (await lures())[i]
  if (!lure) throw new Error('no lure')
  return lure
}
const problemOf = async (work: Promise<unknown>) => {
  const error: unknown = await work.then(
    () => null,
    (e: unknown) => e,
  )
  if (!(error instanceof StoreError)) throw new Error(`not refused: ${String(error)}`)
  return error.problem
}

describe('what was done, taken back', () => {
  it('goes back to the letter, and forward again, also by a page that was opened anew', async () => {
    const before = await mine.readAll()
    const lure = await lureAt(0)
    await mine.run(edits(put('lures', { ...lure, name: 'Renamed' })), by('Renamed it'))
    await mine.run({ kind: 'replace', content: emptyWorld(DAY) }, by('Started an empty box'))
    const after = await mine.readAll()
    const again = new Repository(new YgrionDb(name))
    const steps = await again.steps('a')
    expect(steps.map((s) => s.label)).toEqual(['Renamed it', 'Started an empty box'])
    const commands: Command[] = []
    for (const step of [...steps].reverse()) commands.unshift(await again.undo(step, AT))
    expect(await again.readAll()).toEqual(before)
    expect(await again.steps('a')).toEqual([])
    for (const command of commands) await again.run(command, by('again'))
    expect(await again.readAll()).toEqual(after)
  })
  it('of one tab never takes back what another did since: other fields stay, the same field refuses', async () => {
    const lure = await lureAt(0)
    const step = await mine.run(edits(put('lures', { ...lure, name: 'Renamed' })), by('Renamed it'))
    await theirs.run(edits(put('lures', { ...lure, name: 'Renamed', fish: 77 })), by('Counted', 'b'))
    await mine.undo(step, AT)
    expect(await lureAt(0)).toMatchObject({ name: lure.name, fish: 77 })
    const second = await mine.run(edits(put('lures', { ...(await lureAt(0)), name: 'Mine' })), by('Mine'))
    await theirs.run(edits(put('lures', { ...(await lureAt(0)), name: 'Theirs' })), by('Theirs', 'b'))
    expect(await problemOf(mine.undo(second, AT))).toMatchObject({
      code: 'changed-meanwhile',
      conflicts: [{ name: lure.name, fields: ['name'] }],
    })
    expect((await lureAt(0)).name).toBe('Theirs')
  })
  it('a whole box is not put back over what another tab did since', async () => {
    const step = await mine.run({ kind: 'replace', content: emptyWorld(DAY) }, by('Emptied'))
    const [lure] = demoWorld(DAY).box.lures
    if (!lure) throw new Error('no lure')
    await theirs.run(edits(put('lures', lure)), by('Added', 'b'))
    expect(await problemOf(mine.undo(step, AT))).toEqual({ code: 'box-changed' })
    expect(await lures()).toHaveLength(1)
    // The backup is there all the same.
    const [backup] = await mine.backups()
    await mine.run({ kind: 'restore', backupId: backup?.id ?? '' }, by('Brought back'))
    expect((await lures()).length).toBeGreaterThan(100)
  })
  it('is gone once it was taken back elsewhere', async () => {
    const step = await mine.run(edits(removal('lures', (await lureAt(0)).id)), by('Removed'))
    await theirs.undo(step, AT)
    expect(await problemOf(mine.undo(step, AT))).toEqual({ code: 'gone', what: 'step' })
  })
  it('keeps the last 200 steps of a tab, and those of others', async () => {
    const lure = await lureAt(0)
    await theirs.run(edits(put('lures', { ...lure, count: 9 })), by('Theirs', 'b'))
    for (let i = 0; i < 205; i++) await mine.run(edits(put('lures', { ...lure, count: i })), by(`Step ${i}`))
    const steps = await mine.steps('a')
    expect([steps.length, steps[0]?.label]).toEqual([200, 'Step 5'])
    expect(await mine.steps('b')).toHaveLength(1)
  })
})

describe('two hands on one thing', () => {
  it('a form that was opened before another saved keeps both, where they changed different fields', async () => {
    const base = await lureAt(0)
    await theirs.run(edits(put('lures', { ...base, fish: base.fish + 5 }, base)), by('Theirs', 'b'))
    await mine.run(edits(put('lures', { ...base, notes: 'seen' }, base)), by('Mine'))
    expect(await lureAt(0)).toMatchObject({ fish: base.fish + 5, notes: 'seen' })
  })
  it('and refuses where both changed the same, naming it with both values', async () => {
    const base = await lureAt(0)
    await theirs.run(edits(put('lures', { ...base, fish: 77 }, base)), by('Theirs', 'b'))
    const problem = await problemOf(mine.run(edits(put('lures', { ...base, fish: 22 }, base)), by('Mine')))
    expect(problem).toMatchObject({ code: 'changed-meanwhile', conflicts: [{ id: base.id, fields: ['fish'] }] })
    expect((await lureAt(0)).fish).toBe(77)
  })
  it('one outing is under way at a time, in whichever tab it was begun', async () => {
    const [old] = demoWorld(DAY).outings
    if (!old) throw new Error('no outing')
    const start = (id: string): Command => ({
      kind: 'edits',
      edits: [{ kind: 'outings', id, item: { ...old, id, entries: old.entries.slice(0, 1) } }],
      alone: true,
    })
    const done = await Promise.allSettled([mine.run(start('a'), by('Start')), theirs.run(start('b'), by('Start', 'b'))])
    expect(done.map((d) => d.status).sort()).toEqual(['fulfilled', 'rejected'])
    expect((await mine.outings()).filter((o) => !o.entries.some((e) => e.kind === 'end'))).toHaveLength(1)
  })
})

describe('backups', () => {
  it.each([
    ['a second', '2026-10-25T02:59:59'],
    ['the hour of autumn', '2026-10-25T02:00:00'],
    ['half a day, on a journey west', '2026-10-24T15:00:00'],
    ['a year', '2025-10-25T03:00:00'],
  ])('with the clock set back by %s the newest stays, and everything can be taken back', async (_, later) => {
    const before = await mine.readAll()
    const at = '2026-10-25T03:00:00'
    for (let i = 0; i < 6; i++)
      await mine.run({ kind: 'replace', content: before }, { tab: 'a', label: `Before ${i}`, at })
    const done = await mine.run(
      { kind: 'replace', content: emptyWorld(DAY) },
      { tab: 'a', label: 'Emptied', at: later },
    )
    expect((await mine.backups()).map((b) => b.why)).toEqual([
      'Emptied',
      'Before 5',
      'Before 4',
      'Before 3',
      'Before 2',
    ])
    expect(await lures()).toEqual([])
    await mine.undo(done, later)
    expect(await mine.readAll()).toEqual(before)
  })
  it('of before, named by the clock, go first', async () => {
    const old = new YgrionDb(name)
    const content = await mine.readAll()
    for (const year of [2025, 2026])
      await old.backups.put({
        ...{ id: `${year}-01-01T00:00:00 x`, at: `${year}-01-01T00:00:00`, why: `In ${year}`, version: 15, content },
        ...{ lures: 0, outings: 0, places: 0 },
      })
    old.close()
    for (let i = 0; i < 4; i++) await mine.run({ kind: 'replace', content }, by(`Import ${i}`))
    expect((await mine.backups()).map((b) => b.why)).toEqual([
      'Import 3',
      'Import 2',
      'Import 1',
      'Import 0',
      'In 2026',
    ])
  })
  it('the last five are kept, with what they hold, and each opens', async () => {
    const counts: number[] = []
    for (let i = 0; i < 7; i++) {
      const world = demoWorld(DAY)
      const content = { ...world, box: { ...world.box, lures: world.box.lures.slice(0, i + 1), rigs: [] } }
      await mine.run({ kind: 'replace', content }, { tab: 'a', label: `Import ${i}`, at: `${DAY}T10:00:0${i}` })
      counts.push(i + 1)
    }
    const backups = await mine.backups()
    expect(backups.map((b) => b.why)).toEqual([6, 5, 4, 3, 2].map((i) => `Import ${i}`))
    expect(backups.map((b) => b.lures)).toEqual(counts.slice(1, 6).reverse())
    for (const b of backups) expect((await mine.backupContent(b.id)).box.lures).toHaveLength(b.lures)
    expect(await problemOf(mine.backupContent('none'))).toEqual({ code: 'gone', what: 'backup' })
  })
  it('a replacement that fails leaves no backup and no step', async () => {
    const twice = demoWorld(DAY)
    const content = { ...twice, places: [...twice.places, ...twice.places] }
    await expect(mine.run({ kind: 'replace', content }, by('Bad'))).rejects.toThrow()
    expect([await mine.backups(), await mine.steps('a')]).toEqual([[], []])
  })
})

describe('limits', () => {
  it('no more of a kind is stored than an archive holds, and the surplus is refused whole', async () => {
    const [place] = demoWorld(DAY).places
    if (!place) throw new Error('no place')
    const many = Array.from({ length: MOST_KEPT.places + 1 }, (_, i) => ({
      kind: 'places' as const,
      id: `p${i}`,
      item: { ...place, id: `p${i}` },
    }))
    expect(await problemOf(mine.run({ kind: 'edits', edits: many }, by('Waypoints')))).toEqual({
      code: 'too-many',
      kind: 'places',
      most: MOST_KEPT.places,
    })
    expect((await mine.read()).places).toHaveLength(demoWorld(DAY).places.length)
  })
  it('what is wrong is told by its name, its field and its value', async () => {
    const lure = await lureAt(0)
    expect(await problemOf(mine.run(edits(put('lures', { ...lure, lengthM: 3 })), by('Long')))).toEqual({
      code: 'not-valid',
      name: lure.name,
      field: 'lengthM',
      fault: { kind: 'too-big', bound: 0.5, value: '3' },
    })
  })
})

describe('a clock that is set back', () => {
  it('entries keep their order: nothing is emptied, and the last one made is the one taken back', async () => {
    const [old] = demoWorld(DAY).outings
    if (!old) throw new Error('no outing')
    const entries = old.entries.slice(0, 1)
    await mine.apply([{ kind: 'outings', id: old.id, item: { ...old, entries } }])
    const cast = (id: string, clock: string) => ({
      id,
      at: `${DAY}T${clock}:00+02:00`,
      kind: 'cast' as const,
      aim: null,
    })
    const add = (id: string, clock: string) => mine.log({ outingId: old.id, add: [cast(id, clock)] })
    await add('one', '10:00')
    await add('two', '08:30')
    await add('three', '08:31')
    const ids = async () => (await mine.outings()).find((o) => o.id === old.id)?.entries.map((e) => e.id)
    expect((await ids())?.slice(1)).toEqual(['one', 'two', 'three'])
    const back = await mine.log({ outingId: old.id, dropLast: true })
    expect((await ids())?.slice(1)).toEqual(['one', 'two'])
    const middle = await mine.log({ outingId: old.id, drop: ['one'] })
    await mine.log(middle)
    await mine.log(back)
    expect((await ids())?.slice(1)).toEqual(['one', 'two', 'three'])
    for (let i = 0; i < 6; i++) await mine.log({ outingId: old.id, dropLast: true })
    expect(await ids()).toHaveLength(1)
  })
})
