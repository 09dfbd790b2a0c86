import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { YgrionDb } from './db'
import { demoWorld, emptyWorld } from '../core/demo/world'
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
  it('every change answers with what it replaced, and going back restores the box to the letter', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    const before = await repository.read()
    const lure = before.box.lures[4]
    if (!lure) throw new Error('no lure')
    const replaced = await repository.put('lures', { ...lure, name: 'Renamed' })
    expect(replaced).toEqual(lure)
    const removed = await repository.take('lures', lure.id)
    expect(removed?.name).toBe('Renamed')
    const all = await repository.replaceAll(emptyWorld(DAY))
    expect(all.box.lures).toHaveLength(before.box.lures.length - 1)
    await repository.replaceAll(all)
    await repository.put('lures', removed!)
    await repository.put('lures', replaced!)
    expect(await repository.read()).toEqual(before)
  })
  it('refuses a lure that cannot be, and keeps what was there', async () => {
    await repository.seedOnce(() => demoWorld(DAY))
    const before = await repository.read()
    await expect(repository.put('lures', { ...before.box.lures[0]!, lengthM: -1 })).rejects.toThrow()
    expect(await repository.read()).toEqual(before)
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

describe('the demo fits its day', () => {
  it('is cold in January and warm in July', () => {
    const temps = (day: string) => demoWorld(day).waters.map((w) => w.waterTempC)
    temps('2026-07-10').forEach((july, i) => expect(july).toBeGreaterThan((temps('2026-01-10')[i] ?? 99) + 10))
  })
})
