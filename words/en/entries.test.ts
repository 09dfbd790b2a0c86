import { describe, expect, it } from 'vitest'
import type { Entry, NewEntry, Outing } from '../../core/outing'
import { FAULTS } from '../../testing/proof-reading'
import { WORLD } from '../../testing/world'
import { sayEntry } from './entries'

const [outing] = WORLD.outings as [Outing]
const [first, second] = outing.carried
if (!first || !second) throw new Error('the demo carries too little')
const at = '2026-06-12T10:00:00+02:00'
const entry = (said: NewEntry): Entry => ({ id: 'x', at, ...said }) as Entry
const [way] = first.ways
const SAID: readonly (readonly [NewEntry, string])[] = [
  [{ kind: 'spot', stop: 3, featureId: 'open', spotId: 'open' }, 'Stop 3, open'],
  [{ kind: 'altered', carriedId: first.id, what: 'cut', lengthM: 0.08 }, `${first.name}: `],
  [{ kind: 'altered', carriedId: 'gone', what: 'heavier', byKg: 0.002, to: 'A trailer' }, '?: '],
  [{ kind: 'boat', speedMps: 0.5, lineOutM: 30, side: 'left', turn: 'inside' }, '30 m of line out'],
  [{ kind: 'reading', waterTempC: 12, visibilityM: 2, depthM: 4, windMps: 3, sky: 'sun' }, 'water 12 °C, seen to 2 m'],
  [{ kind: 'advice', variable: 'colour', says: 'Go dark', giveMin: 20, taken: false }, 'Advice left: Go dark'],
  [{ kind: 'companion', who: null, speciesId: 'perch', lengthM: 0.31 }, 'Somebody else: perch, 31'],
  [{ kind: 'comparison', a: first.id, b: second.id, castsEach: 10 }, `Trial: ${first.name} against ${second.name}`],
  [{ kind: 'note', text: 'Rain began' }, 'Rain began'],
  [{ kind: 'lost-lure' }, 'The lure is lost'],
  [{ kind: 'rig', carriedId: first.id, wayId: way?.id ?? '' }, first.name],
]

describe('an entry of the log in words', () => {
  it.each(SAID)('%j', (said, expected) => {
    const text = sayEntry(entry(said), outing, 'metric').replaceAll('\u202f', ' ')
    expect(text).toContain(expected)
    for (const [what, pattern] of FAULTS) expect([what, text.match(pattern)]).toEqual([what, null])
  })
  it('every entry of the demo is said, in both systems of units', () => {
    const entries = WORLD.outings.flatMap((o) => o.entries.map((e) => [e, o] as const))
    expect(entries.length).toBeGreaterThan(20)
    for (const [e, o] of entries)
      for (const system of ['metric', 'imperial'] as const) {
        const text = sayEntry(e, o, system)
        for (const [what, pattern] of FAULTS) expect([e.kind, what, text.match(pattern)]).toEqual([e.kind, what, null])
      }
  })
})
