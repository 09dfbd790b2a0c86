import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { beforeEach, describe, expect, it } from 'vitest'
import V13 from '../core/exchange/fixtures/archive-v13.json'
import { readArchive } from '../core/exchange'
import { YgrionDb } from './db'
import { demoWorld, emptyWorld } from '../core/demo/world'
import { USUAL_PRACTICE } from '../core/match'
import { MOST_FIXES, Outing } from '../core/outing'
import { putPractice, put, removal } from './edits'
import { storeProblem } from './problem'
import { Repository } from './repository'

const DAY = '2026-06-12'
let count = 0
let repository: Repository
let name = ''
beforeEach(() => {
  name = `test-${++count}`
  repository = new Repository(new YgrionDb(name))
})
const sorted = <T extends { id: string }>(things: readonly T[]) => [...things].sort((a, b) => (a.id < b.id ? -1 : 1))

describe('storage', () => {
  it('is seeded once, with all of the demo', async () => {
    const world = demoWorld(DAY)
    expect(await repository.seedOnce(() => world)).toBe(true)
    expect(await repository.seedOnce(() => world)).toBe(false)
    const stored = await repository.read()
    expect(stored.box.lures).toEqual(sorted(world.box.lures))
    expect(stored.places).toHaveLength(world.places.length)
  })
  it('stays empty once emptied, also for the next visit', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    await repository.replaceAll(emptyWorld(DAY))
    const next = new Repository(new YgrionDb(name))
    expect(await next.seedOnce(() => demoWorld(DAY))).toBe(false)
    expect((await next.read()).box.lures).toEqual([])
  })
  it('every change answers with the way back, and going back restores the box to the letter', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    const before = await repository.readAll()
    const [first, second, third] = before.box.lures
    if (!first || !second || !third) throw new Error('no lures')
    const renamed = await repository.apply([put('lures', { ...first, name: 'Renamed' })])
    const several = await repository.apply([
      removal('lures', first.id),
      put('lures', { ...second, trayId: null, slot: null }),
      put('lures', { ...third, id: 'one-more', name: 'One more' }),
    ])
    expect((await repository.read()).box.lures).toHaveLength(before.box.lures.length)
    const all = await repository.replaceAll(emptyWorld(DAY))
    await repository.replaceAll(all)
    await repository.apply(several)
    await repository.apply(renamed)
    expect(await repository.readAll()).toEqual(before)
  })
  it('one bad thing among many stops them all', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    const before = await repository.read()
    const [good, bad] = before.box.lures
    if (!good || !bad) throw new Error('no lures')
    await expect(
      repository.apply([put('lures', { ...good, name: 'Well' }), put('lures', { ...bad, lengthM: -1 })]),
    ).rejects.toThrow()
    expect(await repository.read()).toEqual(before)
  })
  it('what is written while it is typed is kept, and dropped when done', async () => {
    const draft = { key: 'lure:a', at: '2026-06-12T10:00:00', title: 'Pirrip', value: { name: 'Pirr' } }
    await repository.keepDraft(draft)
    await repository.keepDraft({ ...draft, value: { name: 'Pirri' } })
    expect(await new Repository(new YgrionDb(name)).drafts()).toEqual([{ ...draft, value: { name: 'Pirri' } }])
    await repository.dropDraft('lure:a')
    expect(await repository.drafts()).toEqual([])
  })
  it('a replacement that fails half-way leaves everything as it was', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    const before = await repository.read()
    const doubled = demoWorld(DAY)
    await expect(
      repository.replaceAll({ ...doubled, places: [...doubled.places, doubled.places[0]!] }),
    ).rejects.toThrow()
    expect(await repository.read()).toEqual(before)
  })
  it('tells a watcher of every change', async () => {
    await repository.seedOnce(() => emptyWorld(DAY))
    const seen: number[] = []
    const full = new Promise<void>((resolve, reject) => {
      const stop = repository.watch(({ box }) => {
        seen.push(box.lures.length)
        if (box.lures.length > 0) {
          stop()
          resolve()
        }
      }, reject)
    })
    await repository.replaceAll(demoWorld(DAY))
    await full
    expect(seen[seen.length - 1]).toBe(demoWorld(DAY).box.lures.length)
  })
  it('keeps settings', async () => {
    await repository.setSetting('settings', { system: 'imperial' })
    expect(await repository.setting('settings')).toEqual({ system: 'imperial' })
    expect(await repository.setting('none')).toBeUndefined()
  })
})

describe('a database as it was frozen', () => {
  const frozen = async (version: number) => {
    const name = `old-${version}`
    const old = new Dexie(name)
    const { box, places, waters, outings, plans } = V13
    const kinds = ['places', 'photos', 'bin', 'aside', 'practice', 'outings', 'backups', 'unreadable', 'plans']
    old.version(version).stores({
      ...Object.fromEntries([...Object.keys(box), ...kinds].map((kind) => [kind, 'id'])),
      waters: 'placeId',
      settings: 'key',
      drafts: 'key',
      steps: '++nth, tab',
    })
    for (const [kind, things] of Object.entries({ ...box, places, waters, outings, plans }))
      await old.table(kind).bulkAdd(things as unknown[])
    old.close()
    return name
  }
  it('one of the thirteenth version opens with everything as it was', async () => {
    const opened = new Repository(new YgrionDb(await frozen(13)))
    await opened.open()
    expect(await opened.setAsideUnreadable('2026-06-12T12:00')).toEqual([])
    const now = await opened.readAll()
    const archive = readArchive(JSON.stringify(V13))
    if (!archive.ok) throw new Error('the frozen archive does not open')
    expect(now.box.lures).toEqual(sorted(archive.archive.box.lures))
    expect(now.box.rigs).toEqual(sorted(archive.archive.box.rigs))
    expect(now.places).toEqual(sorted(archive.archive.places))
    expect(now.waters).toEqual(archive.archive.waters.toSorted((a, b) => (a.placeId < b.placeId ? -1 : 1)))
    expect(now.plans).toEqual(archive.archive.plans)
    expect(now.outings).toEqual(sorted(archive.archive.outings))
  })
  it('an older one is refused in words, stays as it lies, and what can be read of it is rescued', async () => {
    const name = await frozen(12)
    const now = new Repository(new YgrionDb(name))
    const refused = await now.open().catch((error: unknown) => error)
    expect(storeProblem(refused)).toEqual({ code: 'too-old' })
    expect(storeProblem(await now.read().catch((error: unknown) => error))).toEqual({ code: 'too-old' })
    const rescued = await now.rescue('2026-06-12T10:00:00')
    expect(rescued.box.lures).toHaveLength(V13.box.lures.length)
    expect(rescued.outings).toHaveLength(V13.outings.length)
    const raw = await new Dexie(name).open()
    expect([raw.verno, await raw.table('lures').count()]).toEqual([12, V13.box.lures.length])
    raw.close()
  })
})

describe('outings', () => {
  const said = (id: string, second: number) => ({
    id,
    at: `2026-06-12T10:00:${String(second).padStart(2, '0')}+02:00`,
    kind: 'cast' as const,
    aim: null,
  })
  const [demo] = demoWorld(DAY).outings
  if (!demo) throw new Error('no outing in the demo')
  /** Its entries until a rig is in the hand. */
  const begun = demo.entries.slice(0, demo.entries.findIndex((e) => e.kind === 'rig') + 1)
  beforeEach(() => repository.apply([{ kind: 'outings', id: demo.id, item: { ...demo, entries: begun } }]))
  const entries = async () => (await repository.outings())[0]?.entries.map((e) => e.id)

  it('entries stand as they were made, whatever the clock says, and each change answers with the way back', async () => {
    const first = await entries()
    const back = await repository.log({ outingId: demo.id, add: [said('y', 9), said('x', 3)] })
    expect((await entries())?.slice(-2)).toEqual(['y', 'x'])
    const again = await repository.log(back)
    expect(await entries()).toEqual(first)
    await repository.log(again)
    expect((await entries())?.slice(-2)).toEqual(['y', 'x'])
  })
  it('two pages that write at once lose nothing', async () => {
    const other = new Repository(new YgrionDb(name))
    await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        (i % 2 ? other : repository).log({ outingId: demo.id, add: [said(`n${i}`, i)] }),
      ),
    )
    expect((await entries())?.filter((id) => id.startsWith('n'))).toHaveLength(20)
  })
  const landed = (id: string, second: number) => ({
    ...said(id, second),
    kind: 'answer' as const,
    answer: 'landed' as const,
    fish: { speciesId: 'perch', lengthM: 0.3, massKg: null, hooked: null, ate: null, released: true },
  })
  /** The lure that the first entries of the demo's outing take into the hand, as it is stored. */
  const inHand = async () => {
    const rig = demo.entries.find((e) => e.kind === 'rig')
    const id = demo.carried.find((c) => c.id === rig?.carriedId)?.lureId
    const lure = (await repository.read()).box.lures.find((l) => l.id === id)
    if (!lure) throw new Error('the demo has no lure in the hand')
    return lure
  }
  const LATER = 59
  it('a fish counts on its lure with the entry, and goes with it', async () => {
    await repository.replaceAll({ ...demoWorld(DAY), outings: [{ ...demo, entries: begun }] })
    const { fish, count: pieces } = await inHand()
    const back = await repository.log({ outingId: demo.id, add: [landed('f', LATER)] })
    expect((await inHand()).fish).toBe(fish + 1)
    const { id, at } = said('l', LATER)
    await repository.log({ outingId: demo.id, add: [{ id, at, kind: 'lost-lure' }] })
    expect((await inHand()).count).toBe(pieces - 1)
    await repository.log(back)
    expect(await inHand()).toMatchObject({ fish, count: pieces - 1 })
  })
  it('more lost than owned, taken back one by one, is what was owned', async () => {
    await repository.replaceAll({ ...demoWorld(DAY), outings: [{ ...demo, entries: begun }] })
    const before = { ...(await inHand()), count: 1 }
    await repository.apply([put('lures', before)])
    const lost = (id: string) => ({ id, at: said(id, LATER).at, kind: 'lost-lure' as const })
    for (const id of ['l1', 'l2', 'l3']) await repository.log({ outingId: demo.id, add: [lost(id)] })
    expect((await inHand()).count).toBe(0)
    for (const id of ['l1', 'l2', 'l3']) await repository.log({ outingId: demo.id, drop: [id] })
    expect(await inHand()).toEqual(before)
  })
  it('what another page counted meanwhile stays when a fish is taken back', async () => {
    await repository.replaceAll({ ...demoWorld(DAY), outings: [{ ...demo, entries: begun }] })
    const back = await repository.log({ outingId: demo.id, add: [landed('f', LATER)] })
    await repository.apply([put('lures', { ...(await inHand()), fish: 77 })])
    await repository.log(back)
    expect((await inHand()).fish).toBe(76)
    // Twenty at once are twenty.
    await Promise.all(
      Array.from({ length: 20 }, (_, i) => repository.log({ outingId: demo.id, add: [landed(`t${i}`, LATER)] })),
    )
    expect((await inHand()).fish).toBe(96)
  })
  it('what is told of a fish leaves the rest of it as it is stored, and goes back alone', async () => {
    await repository.log({ outingId: demo.id, add: [landed('f', LATER)] })
    const amend = (fish: object) => repository.log({ outingId: demo.id, amend: [{ entryId: 'f', fish }] })
    const [, , back] = await Promise.all([amend({ lengthM: 0.41 }), amend({ hooked: 'edge' }), amend({ massKg: 0.9 })])
    const fish = async () =>
      (await repository.outings())[0]?.entries.flatMap((e) => (e.kind === 'answer' && e.id === 'f' ? [e.fish] : []))[0]
    expect(await fish()).toMatchObject({ lengthM: 0.41, hooked: 'edge', massKg: 0.9, released: true })
    await repository.log(back)
    expect(await fish()).toMatchObject({ lengthM: 0.41, hooked: 'edge', massKg: null })
    await expect(amend({ lengthM: 90 })).rejects.toThrow()
    expect(await fish()).toMatchObject({ lengthM: 0.41 })
  })
  it('what is told of an entry leaves the rest as it is, goes back alone, and must be what its kind has', async () => {
    const follow = { ...said('g', LATER), kind: 'answer' as const, answer: 'follow' as const, fish: null }
    await repository.log({ outingId: demo.id, add: [follow] })
    const tell = (told: object) => repository.log({ outingId: demo.id, amend: [{ entryId: 'g', told }] })
    const watch = (watched: object) => repository.log({ outingId: demo.id, amend: [{ entryId: 'g', watched }] })
    const stored = async () => (await repository.outings())[0]?.entries.find((e) => e.id === 'g')
    // Three taps at once are three, whichever page they come from.
    const [back] = await Promise.all([watch({ offM: 0.6 }), watch({ then: 'drop' }), tell({ lostHow: 'jumped' })])
    expect(await stored()).toEqual({ ...follow, watched: { offM: 0.6, then: 'drop' }, lostHow: 'jumped' })
    await repository.log(back)
    expect(await stored()).toEqual({ ...follow, watched: { then: 'drop' }, lostHow: 'jumped' })
    await repository.log({ outingId: demo.id, amend: [{ entryId: 'g', unsaid: ['then'] }] })
    expect(await stored()).toEqual({ ...follow, lostHow: 'jumped' })
    await expect(watch({ offM: -1 })).rejects.toThrow()
    await expect(tell({ to: 'A trailer' })).rejects.toThrow()
    expect(await stored()).toEqual({ ...follow, lostHow: 'jumped' })
  })
  it('what is taken along goes with the entry that took it, and stays while another speaks of it', async () => {
    const [first] = demo.carried
    if (!first) throw new Error('the demo carries nothing')
    const along = { ...first, id: 'along' }
    const take = { ...said('t', LATER), kind: 'rig' as const, carriedId: 'along', wayId: first.ways[0]?.id ?? '' }
    const { aim: _, ...entry } = take
    const carried = async () => (await repository.outings())[0]?.carried.map((c) => c.id)
    const before = await carried()
    const back = await repository.log({ outingId: demo.id, add: [entry], carry: [along] })
    expect(await carried()).toEqual([...(before ?? []), 'along'])
    const again = await repository.log(back)
    expect(await carried()).toEqual(before)
    await repository.log(again)
    await repository.log({ outingId: demo.id, add: [{ ...entry, id: 't2' }] })
    await repository.log(back)
    expect(await carried()).toEqual([...(before ?? []), 'along'])
    const many = Array.from({ length: 60 }, (_, i) => ({ ...first, id: `m${i}` }))
    await expect(repository.log({ outingId: demo.id, carry: many })).rejects.toThrow(/too-many/)
  })
  it('a track never grows over what can be kept, however many points have waited, and keeps the newest', async () => {
    const fix = (i: number) => ({ at: said('x', 1).at, latDeg: i / 1000, lonDeg: 0, accuracyM: 5 })
    const full = Array.from({ length: MOST_FIXES }, (_, i) => fix(i))
    await repository.replaceAll({ ...demoWorld(DAY), outings: [{ ...demo, entries: begun, track: full }] })
    const waiting = Array.from({ length: MOST_FIXES }, (_, i) => fix(MOST_FIXES + i))
    await repository.log({ outingId: demo.id, track: waiting })
    const track = (await repository.outings())[0]?.track ?? []
    expect(track.length).toBeLessThanOrEqual(MOST_FIXES)
    expect(track.slice(-MOST_FIXES / 2)).toEqual(waiting.slice(-MOST_FIXES / 2))
    expect(track[0]).toEqual(fix(0))
    expect(Outing.safeParse((await repository.outings())[0]).success).toBe(true)
  })
  it('an entry that is none, or for an outing that is gone, is refused', async () => {
    await expect(
      repository.log({ outingId: demo.id, add: [{ ...said('b', 1), kind: 'wink' } as never] }),
    ).rejects.toThrow()
    await expect(repository.log({ outingId: 'gone', add: [said('b', 1)] })).rejects.toThrow(/gone/)
  })
  it('writes with the durability that outlives a dead battery', () => {
    expect(
      (new YgrionDb('durable') as unknown as { _options: { chromeTransactionDurability: string } })._options
        .chromeTransactionDurability,
    ).toBe('strict')
  })
})

describe('how the angler judges', () => {
  it('is kept, read with the rest, and can be taken back', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    const mine = { ...USUAL_PRACTICE, sides: { S10: 'both' as const }, weights: { 'mud-thump': 0 } }
    const back = await repository.apply([putPractice(mine)])
    expect((await repository.read()).practice).toEqual(mine)
    await repository.apply(back)
    expect((await repository.read()).practice).toEqual(USUAL_PRACTICE)
  })
  it('a rule that asks for nothing is refused', async () => {
    const empty = { id: 'mine-1', sentence: 'Nothing', when: {}, effects: [] }
    await expect(repository.apply([putPractice({ ...USUAL_PRACTICE, own: [empty as never] })])).rejects.toThrow()
  })
})

describe('the demo fits its day', () => {
  it('is cold in January and warm in July', () => {
    const temps = (day: string) => demoWorld(day).waters.map((w) => w.waterTempC)
    temps('2026-07-10').forEach((july, i) => expect(july).toBeGreaterThan((temps('2026-01-10')[i] ?? 99) + 10))
  })
})
