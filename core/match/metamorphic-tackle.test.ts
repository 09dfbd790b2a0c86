import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { workAt, trailerFits, type Head, type Lure } from '../tackle'
import type { Box } from '../box'
import type { Conditions } from '../water'
import { evaluateBuild } from './possible/dressed'
import { bestOf, createMatchContext, rank, scoreSetUp } from '.'

/** What must hold of lead, pace, trailers and law, whatever the water. */

const { box } = WORLD
const contextOf = (c: Conditions, of: Box = box) => createMatchContext(c, PLACE, of, { sides: {} })
const double = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const named = (family: Lure['family'], n = 0): Lure => {
  const found = box.lures.filter((l) => l.family === family)[n]
  if (!found) throw new Error(`no ${family} in the demo`)
  return found
}

describe('lead against drift', () => {
  const body = box.lures.find((l) => l.family === 'grub' && l.lengthM > 0.05) as Lure
  const head = (grams: number): Head => ({
    ...(box.heads.find((h) => h.id === 'head-ball-5') as Head),
    id: `lead ${grams}`,
    massKg: grams / 1000,
    hookSize: '1/0',
  })
  const best = (grams: number, c: Conditions) => {
    const of = { ...box, lures: [body], heads: [head(grams)], tests: [] }
    return bestOf(body, of, contextOf(c, of))?.score ?? 0
  }
  it('more drift never helps the lighter of two heads beside the heavier, by more than a path is out', () => {
    fc.assert(
      fc.property(
        double(4, 14),
        double(0, 0.3),
        double(0.1, 0.4),
        fc.constantFrom('perch', 'zander'),
        (depthM, driftMps, more, speciesId) => {
          const zone = { topM: depthM * 0.75, bottomM: depthM }
          const at = (d: number) => water({ speciesId, depthM, driftMps: d, zone, waterTempC: 12 })
          const share = (d: number) => {
            const [light, heavy] = [best(5, at(d)), best(14, at(d))]
            return light / Math.max(1e-6, light + heavy)
          }
          expect(share(driftMps + more)).toBeLessThanOrEqual(share(driftMps) + 0.06)
        },
      ),
      { numRuns: 12 },
    )
  })
})

describe('the hand against the mood', () => {
  const HAND = new Set(['tempo', 'patience', 'pace', 'passing', 'practice', 'warning'])
  it('slower fish never lift a faster tempo or a shorter rest beside a slower and a longer one', () => {
    const moods = ['active', 'neutral', 'lethargic'] as const
    fc.assert(
      fc.property(
        fc.constantFrom('perch', 'zander', 'largemouth-bass', 'pike'),
        double(6, 18),
        fc.constantFrom(named('jerkbait'), named('paddle-tail'), named('crankbait'), named('grub')),
        (speciesId, waterTempC, lure) => {
          const at = (mood: Conditions['mood']) =>
            water({ speciesId, waterTempC, mood, depthM: 4, zone: { topM: 1.5, bottomM: 3.5 } })
          // The very set-up of the active day, in each mood.
          const row = bestOf(lure, { ...box, lures: [lure] }, contextOf(at('active')))
          if (!row) return
          const { technique } = row.setUp.handling
          const share = (mood: Conditions['mood']) => {
            const on = contextOf(at(mood))
            const { speedMps } = evaluateBuild(row.setUp.build, on.known(lure), on.reading)
            // What the hand is worth: where it swims is another matter, fish that are slow come less far.
            const worth = (tempo: number, patience: number) =>
              scoreSetUp(
                {
                  ...row.setUp,
                  handling: { ...row.setUp.handling, ...workAt(technique, { tempo, patience }, speedMps) },
                },
                on,
              )
                .parts.filter((p) => HAND.has(p.axis))
                .reduce((product, p) => product * p.chance, 1)
            const [fast, slow] = [worth(0.85, 0.1), worth(0.15, 0.8)]
            return fast / (fast + slow)
          }
          const shares = moods.map(share)
          for (let i = 1; i < shares.length; i++) expect(shares[i]).toBeLessThanOrEqual((shares[i - 1] ?? 1) + 0.02)
        },
      ),
      { numRuns: 25 },
    )
  })
})

describe('a jig and its trailer', () => {
  const jigs = box.lures.filter(
    (l) => l.family === 'skirted-jig' || l.family === 'spinnerbait' || l.family === 'bladed-jig',
  )
  it('a trailer that suits never loses to the bare hook, where fish are not pressured', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...jigs),
        double(8, 26),
        double(0.4, 4),
        fc.constantFrom('active', 'neutral'),
        fc.constantFrom('timber', 'docks', 'grass', 'rock'),
        (lure, waterTempC, visibilityM, mood, kind) => {
          const c = water({
            waterTempC,
            visibilityM,
            mood: mood as 'active',
            depthM: 3,
            cover: { kind: kind as 'rock', topM: 1.5, density: 0.3 },
          })
          const fitting = box.trailers.filter((t) => trailerFits(t, lure.lengthM))
          if (fitting.length === 0) return
          const best = (trailers: typeof box.trailers) => {
            const of = { ...box, lures: [lure], trailers, tests: [] }
            return bestOf(lure, of, contextOf(c, of))?.score ?? 0
          }
          expect(best(fitting)).toBeGreaterThan(best([]))
        },
      ),
      { numRuns: 25 },
    )
  })
  it('and is what the ranking shows', () => {
    const c = water({ depthM: 3, cover: { kind: 'timber', topM: 1, density: 0.6 }, waterTempC: 17 })
    const of = { ...box, lures: jigs }
    const shown = rank(of, contextOf(c, of), 20)
    expect(shown.length).toBeGreaterThan(3)
    for (const { setUp } of shown) {
      const { lure, trailer } = setUp.build
      if (box.trailers.some((t) => trailerFits(t, lure.lengthM))) expect(trailer).not.toBeNull()
    }
  })
})
