import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { emptyWorld } from '../core/demo/world'
import { readArchive, writeArchive } from '../core/exchange'
import { smallWorld } from '../testing/hostile/trials'
import type { Command, DoneBy } from './command'
import { YgrionDb } from './db'
import { put, putPractice, removal, type Edit } from './edits'
import { StoreError } from './problem'
import { Repository } from './repository'
import { mended, unreadable } from './unreadable'

const AT = '2026-06-12T10:00:00'
const WORLD = smallWorld()
const TABS = ['a', 'b'] as const

/** One thing that a person does, in one of two tabs; the figures choose what it is done to. */
type Deed = readonly [
  what:
    | 'rename'
    | 'remove'
    | 'add'
    | 'move'
    | 'place'
    | 'judge'
    | 'cast'
    | 'take back'
    | 'empty'
    | 'import'
    | 'merge'
    | 'undo'
    | 'choose'
    | 'spoil',
  tab: (typeof TABS)[number],
  pick: number,
  word: string,
]
const deed: fc.Arbitrary<Deed> = fc.tuple(
  fc.constantFrom<Deed[0]>(
    'rename',
    'remove',
    'add',
    'move',
    'place',
    'judge',
    'cast',
    'take back',
    'empty',
    'import',
    'merge',
    'undo',
    'choose',
    'spoil',
  ),
  fc.constantFrom(...TABS),
  fc.nat(1000),
  fc.string({ minLength: 1, maxLength: 30, unit: 'grapheme' }).filter((s) => s.trim() !== ''),
)

let n = 0
/** Does it, as the stores do it. What is refused in words is as good as not done. */
async function act(db: YgrionDb, [what, tab, pick, word]: Deed): Promise<void> {
  const store = new Repository(db)
  const by: DoneBy = { tab, label: what, at: AT }
  const { box, places, outings, practice } = await store.readAll()
  const of = <T>(list: readonly T[]): T | undefined => list[pick % Math.max(1, list.length)]
  const edit = (...edits: Edit[]): Command => ({ kind: 'edits', edits })
  const [lure, place, outing, tray] = [of(box.lures), of(places), of(outings), of(box.trays)]
  const id = `made-${++n}`
  switch (what) {
    case 'rename':
      if (lure) await store.run(edit(put('lures', { ...lure, name: word.trim() }, lure)), by)
      return
    case 'remove':
      if (!lure) return
      await store.run(
        edit(removal('lures', lure.id), {
          kind: 'bin',
          id: `lures:${lure.id}`,
          item: { id: `lures:${lure.id}`, kind: 'lures', at: AT, item: lure },
        }),
        by,
      )
      return
    case 'add':
      if (lure) await store.run(edit(put('lures', { ...lure, id, name: word.trim(), notes: word }, null)), by)
      return
    case 'move':
      if (lure && tray) await store.run(edit(put('lures', { ...lure, trayId: tray.id, slot: 0 })), by)
      return
    case 'place':
      if (place) await store.run(edit({ kind: 'places', id: place.id, item: { ...place, note: word } }), by)
      return
    case 'judge':
      await store.run(
        edit(putPractice({ ...practice, weights: { ...practice.weights, [word]: (pick % 30) / 10 } })),
        by,
      )
      return
    case 'cast':
      if (!outing) return
      await store.run(
        { kind: 'log', change: { outingId: outing.id, add: [{ id, at: `${AT}+02:00`, kind: 'cast', aim: null }] } },
        by,
      )
      return
    case 'take back':
      if (outing) await store.log({ outingId: outing.id, dropLast: true })
      return
    case 'empty':
      await store.run({ kind: 'replace', content: emptyWorld('2026-06-12') }, by)
      return
    case 'import':
      await store.run({ kind: 'replace', content: WORLD }, by)
      return
    case 'merge':
      await store.run({ kind: 'take-in', content: WORLD, called: (added) => `took in ${added}` }, by)
      return
    case 'undo': {
      const last = (await store.steps(tab)).at(-1)
      if (last) await store.undo(last, AT)
      return
    }
    case 'choose':
      await store.choose({ currency: word.slice(0, 8), night: pick % 2 === 0, placeId: id, unknown: word })
      return
    case 'spoil': {
      // As an older program or a bad disk leaves it; then found, and perhaps mended.
      if (!place) return
      await db.table('places').put({ ...place, name: word.repeat(90) })
      const [bad] = await store.setAsideUnreadable(AT)
      const now = bad && pick % 2 ? mended(bad, word.trim()) : null
      if (bad && now && 'row' in now)
        await store.run(
          edit({ kind: 'places', id: place.id, item: now.row, base: null }, removal('unreadable', bad.id)),
          by,
        )
    }
  }
}

it('any sequence of deeds in two tabs leads to what an archive holds, and opens to the same', async () => {
  const tally = { done: 0, refused: 0 }
  await fc.assert(
    fc.asyncProperty(fc.array(deed, { minLength: 1, maxLength: 14 }), async (deeds) => {
      const db = new YgrionDb(`sequence-${++n}`)
      const store = new Repository(db)
      await store.seedOnce(() => WORLD)
      for (const one of deeds) {
        try {
          await act(db, one)
          tally.done += 1
        } catch (error) {
          if (!(error instanceof StoreError)) throw error
          tally.refused += 1
        }
      }
      const content = await store.readAll()
      const read = readArchive(writeArchive(content))
      if (!read.ok) throw new Error(JSON.stringify(read.problems[0]))
      const { format: _, version: __, ...archived } = read.archive
      expect(archived).toEqual(content)
      const other = new Repository(new YgrionDb(`sequence-${++n}-opened`))
      await other.replaceAll(archived)
      expect(await other.readAll()).toEqual(content)
      // And nothing in it needs to be set aside.
      expect(await other.setAsideUnreadable(AT)).toEqual([])
      expect(unreadable('lures', content.box.lures[0] ?? WORLD.box.lures[0], AT)).toBeNull()
      await db.delete()
    }),
    { numRuns: Number(process.env.SEQUENCES ?? 25), seed: 13 },
  )
  expect(tally.done).toBeGreaterThan(tally.refused)
})
