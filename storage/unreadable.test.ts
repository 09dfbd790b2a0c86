import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { beforeEach, describe, expect, it } from 'vitest'
import V13 from '../core/exchange/fixtures/archive-v13.json'
import { demoWorld } from '../core/demo/world'
import { archiveProblem, readArchive, writeArchive, type UnreadableRow } from '../core/exchange'
import { YgrionDb } from './db'
import { Repository } from './repository'
import { JUDGED_LATER, mended, unreadable } from './unreadable'

const DAY = '2026-06-12'
const AT = '2026-06-12T10:00:00'
let count = 0
let name = ''
let db: YgrionDb
let repository: Repository
beforeEach(async () => {
  name = `unreadable-${++count}`
  db = new YgrionDb(name)
  repository = new Repository(db)
  await repository.seedOnce(() => demoWorld(DAY))
})
const LONG = 'Hollow'.repeat(60)
const aRow = (over: Partial<UnreadableRow> = {}): UnreadableRow => ({
  id: 'a',
  table: 'places',
  at: AT,
  name: 'Somewhere',
  path: ['name'],
  fault: { kind: 'too-long', bound: 60, of: 'letters' },
  row: {},
  ...over,
})

describe('rows that are not what their schema says', () => {
  it('are set aside whole, one table or many, and the rest stays', async () => {
    const { places } = await repository.read()
    const [place] = places
    if (!place) throw new Error('no place')
    await db.table('places').put({ ...place, name: LONG })
    await db.table('lures').put({ id: 'half', name: 'Half a lure' })
    await db.table('outings').put({ id: 'junk', entries: 'none' })
    const found = await repository.setAsideUnreadable(AT)
    expect(found.map((u) => [u.table, u.name, u.path[0]])).toEqual([
      ['lures', 'Half a lure', expect.any(String)],
      ['places', LONG.slice(0, 80), 'name'],
      ['outings', '', expect.any(String)],
    ])
    const after = await repository.read()
    expect(after.places).toHaveLength(places.length - 1)
    expect(after.unreadable.find((u) => u.table === 'places')?.row).toEqual({ ...place, name: LONG })
    expect(await repository.setAsideUnreadable(AT)).toEqual([])
    // They go into the archive and come back.
    const read = readArchive(writeArchive(await repository.readAll()))
    expect(read.ok && read.archive.unreadable).toHaveLength(3)
  })
  it('a picture that is none does not keep the rest from going out', async () => {
    const good = { id: 'photo:good', dataUrl: 'data:image/png;base64,AAAA' }
    const photos = Array.from({ length: 23 }, (_, i) => ({ ...good, id: `photo:${i}` }))
    await db.photos.bulkPut([...photos, { id: 'photo:11', dataUrl: 'spoilt' }])
    expect(archiveProblem(writeArchive(await repository.readAll()))).not.toBeNull()
    const [bad, ...others] = await repository.setAsideUnreadable(AT, JUDGED_LATER)
    expect([bad?.table, bad?.row, others]).toEqual(['photos', { id: 'photo:11', dataUrl: 'spoilt' }, []])
    const all = await repository.readAll()
    expect(all.photos).toHaveLength(22)
    expect(archiveProblem(writeArchive(all))).toBeNull()
  })
  it('a judgement that cannot be read is set aside, and the usual one holds', async () => {
    await db.table('practice').put({ id: 'mine', sides: 'none' })
    expect((await repository.setAsideUnreadable(AT)).map((u) => u.table)).toEqual(['practice'])
    expect((await repository.read()).practice).toEqual(demoWorld(DAY).practice)
  })
  it('what a newer schema fills in is filled in where it lies', async () => {
    const [place] = (await repository.read()).places
    if (!place) throw new Error('no place')
    const { utcOffsetH: _, ...old } = place
    const lacking = Object.keys(place).filter((key) => unreadable('places', omit(place, key), AT) === null)
    expect(lacking.length).toBeGreaterThan(0)
    await db.table('places').put(omit(place, lacking[0] ?? ''))
    expect(await repository.setAsideUnreadable(AT)).toEqual([])
    expect(Object.keys((await db.places.get(old.id)) ?? {}).sort()).toEqual(Object.keys(place).sort())
  })
})
const omit = (of: object, key: string) => Object.fromEntries(Object.entries(of).filter(([k]) => k !== key))

describe('an old database with one bad row', () => {
  it('opens, and the row is set aside instead of stopping all', async () => {
    const old = new Dexie('old-and-bad')
    const { box, places, waters } = V13
    const tables: Record<string, object[]> = { ...box, places, waters }
    old.version(13).stores({
      ...Object.fromEntries(Object.keys(box).map((kind) => [kind, 'id'])),
      places: 'id',
      waters: 'placeId',
      ...Object.fromEntries(['photos', 'bin', 'aside', 'outings', 'plans', 'practice'].map((table) => [table, 'id'])),
      backups: 'id',
      unreadable: 'id',
      steps: '++nth, tab',
      settings: 'key',
      drafts: 'key',
    })
    for (const [table, things] of Object.entries(tables)) await old.table(table).bulkAdd(things)
    await old.table('places').add({ ...places[0], id: 'too-long', name: LONG })
    old.close()
    const now = new Repository(new YgrionDb('old-and-bad'))
    await now.open()
    expect((await now.setAsideUnreadable(AT)).map((u) => u.row.id)).toEqual(['too-long'])
    expect((await now.read()).places).toHaveLength(places.length)
  })
})

describe('one of them, typed anew', () => {
  it('goes back as its table wants it, text or figure', async () => {
    const [place] = demoWorld(DAY).places
    const [lure] = demoWorld(DAY).box.lures
    const long = mended(aRow({ row: { ...place, name: LONG } }), 'Lantern Pool')
    expect(long).toEqual({ row: { ...place, name: 'Lantern Pool' } })
    const light = mended(aRow({ table: 'lures', path: ['lengthM'], row: { ...lure, lengthM: -1 } }), '0.08')
    expect(light).toEqual({ row: { ...lure, lengthM: 0.08 } })
  })
  it('says what is wrong next, or still', () => {
    const [lure] = demoWorld(DAY).box.lures
    const two = { ...lure, lengthM: -1, massKg: -1 }
    const first = unreadable('lures', two, AT)
    if (!first) throw new Error('nothing wrong')
    const next = mended(first, '0.08')
    expect(next).toMatchObject({ still: { id: first.id, row: { lengthM: 0.08 } } })
    expect('still' in next && next.still.path).not.toEqual(first.path)
    expect(mended(first, 'long')).toMatchObject({ still: { path: first.path } })
    expect(mended(first, null)).toMatchObject({ still: { path: first.path, row: two } })
  })
  it('a path that the row does not have changes nothing, least of all every object', () => {
    const row = { id: 'x', name: 'x' }
    expect(mended(aRow({ row, path: ['__proto__', 'polluted'] }), 'yes')).toMatchObject({ still: { row } })
    expect(({} as { polluted?: string }).polluted).toBeUndefined()
  })
})

describe('the rescue of a database that does not open', () => {
  it('reads all that can be read; what is bad comes along', async () => {
    const before = await repository.readAll()
    await db.table('rods').put({ id: 'bent', name: 'Bent rod' })
    db.close()
    const saved = await repository.rescue(AT)
    expect({ ...saved, unreadable: [], settings: before.settings }).toEqual(before)
    expect(saved.unreadable.map((u) => [u.table, u.name])).toEqual([['rods', 'Bent rod']])
    expect(readArchive(writeArchive(saved)).ok).toBe(true)
  })
  it('is what is left where a newer version has made the database: none of it is touched', async () => {
    db.close()
    await new Promise<void>((resolve) => {
      indexedDB.open(name, 9990).onsuccess = ({ target }) => {
        ;(target as IDBOpenDBRequest).result.close()
        resolve()
      }
    })
    const old = new Repository(new YgrionDb(name))
    await expect(old.open()).rejects.toMatchObject({ problem: { code: 'older' } })
    expect((await old.rescue(AT)).box.lures).toHaveLength(demoWorld(DAY).box.lures.length)
  })
  it('fails where there is none', async () => {
    await expect(new Repository(new YgrionDb('never-made')).rescue(AT)).rejects.toThrow()
  })
})

describe('without a database', () => {
  it('works in memory, and nothing of it is stored', async () => {
    await repository.goInMemory()
    expect(await repository.seedOnce(() => demoWorld(DAY))).toBe(true)
    await repository.setSetting('mark', 1)
    expect(await new Repository(new YgrionDb(name)).setting('mark')).toBeUndefined()
  })
})
