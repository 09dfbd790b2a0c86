import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { beforeEach, expect, it } from 'vitest'
import { asFriends, type Entry, type Outing, type Party } from '../core/outing'
import { demoWorld } from '../core/demo/world'
import { YgrionDb } from './db'
import { Repository } from './repository'

/** A friend’s log in the store: what he caught and lost on one’s lures counts once, however often it comes. */
const DAY = '2026-06-12'
const BY = { tab: 'a', label: 'Took a log', at: `${DAY}T20:00:00` }
let repository: Repository
let log: Outing
let lureId: string
beforeEach(async () => {
  await Dexie.delete('ygrion')
  repository = new Repository(new YgrionDb())
  await repository.replaceAll(demoWorld(DAY))
  const [old] = demoWorld(DAY).outings
  const carried = old?.carried.find((c) => c.lureId !== null)
  if (!old || !carried?.lureId) throw new Error('no outing')
  lureId = carried.lureId
  const share = { carriedId: carried.id, wayId: carried.ways[0]?.id ?? '' }
  const party: Party = {
    id: 'p',
    names: ['Anouk', 'Bren'],
    who: 1,
    startedAt: old.startedAt,
    turnMin: 20,
    turns: [[share, share]],
  }
  const at = old.startedAt
  const landed = (id: string): Entry => ({ id, at, kind: 'answer', answer: 'landed', aim: null, fish: null })
  const entries: Entry[] = [
    { id: '1', at, kind: 'rig', ...share },
    landed('2'),
    landed('3'),
    { id: '4', at, kind: 'lost-lure' },
  ]
  log = asFriends({ ...old, carried: [carried], entries, party, plan: undefined, track: undefined })
})
const lure = async () => {
  const found = (await repository.read()).box.lures.find((l) => l.id === lureId)
  return { fish: found?.fish ?? 0, count: found?.count ?? 0 }
}
const take = (put: Outing) => repository.run({ kind: 'log', change: { outingId: put.id, put } }, BY)
const stored = async () => (await repository.outings()).filter((o) => o.id === 'p-2')

it('his fish and his losses count on the lure; taken in again they count no more', async () => {
  const before = await lure()
  await take(log)
  const once = { fish: before.fish + 2, count: Math.max(0, before.count - 1) }
  expect(await lure()).toEqual(once)
  await take(log)
  expect(await lure()).toEqual(once)
  expect(await stored()).toHaveLength(1)
})

it('a fuller log takes the place of the first, and only what is more counts', async () => {
  const before = await lure()
  await take({ ...log, entries: log.entries.slice(0, 2) })
  expect((await lure()).fish).toBe(before.fish + 1)
  await take(log)
  expect((await lure()).fish).toBe(before.fish + 2)
  expect((await stored())[0]?.entries.length).toBe(log.entries.length)
})

it('it can be taken back, with all it counted, and done again', async () => {
  const before = await lure()
  const step = await take(log)
  const again = await repository.undo(step, BY.at)
  expect(await lure()).toEqual(before)
  expect(await stored()).toEqual([])
  await repository.run(again, BY)
  expect((await lure()).fish).toBe(before.fish + 2)
})

it('one that is not what a log is, is refused, and nothing is changed', async () => {
  const before = await lure()
  await expect(take({ ...log, startedAt: 'yesterday' })).rejects.toThrow()
  expect(await lure()).toEqual(before)
  expect(await stored()).toEqual([])
})

it('it is no outing under way, even cut short: one’s own can begin after it', async () => {
  await take({ ...log, entries: log.entries.slice(0, 2) })
  const [old] = demoWorld(DAY).outings
  if (!old) throw new Error('no outing')
  const item = { ...old, id: 'own', entries: old.entries.slice(0, 1) }
  await repository.run({ kind: 'edits', edits: [{ kind: 'outings', id: 'own', item }], alone: true }, BY)
  expect((await repository.outings()).some((o) => o.id === 'own')).toBe(true)
})
