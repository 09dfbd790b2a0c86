import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { tempoFor } from '../tackle'
import { SPECIES, type Conditions } from '../water'
import { createMatchContext, matchWater, type MatchRow } from '.'
import { evaluateBuild } from './possible/dressed'
import { tackleAsked } from './possible/tackle-asked'

/** What must hold of every row in any water and with any box: no sense is given away for a better path. */

const { box } = WORLD
const anyCase = fc.record({
  speciesId: fc.constantFrom(...SPECIES.filter(({ biteProof }) => !biteProof).map(({ id }) => id)),
  waterTempC: fc.double({ min: 3, max: 28, noNaN: true }),
  visibilityM: fc.double({ min: 0.3, max: 7, noNaN: true }),
  depthM: fc.double({ min: 1.2, max: 14, noNaN: true }),
  kind: fc.constantFrom('open', 'rock', 'timber', 'grass', 'docks', 'brush', 'pads'),
  density: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
  mood: fc.constantFrom('active', 'neutral', 'lethargic', 'pressured'),
  every: fc.integer({ min: 2, max: 4 }),
})
type Case = typeof anyCase extends fc.Arbitrary<infer T> ? T : never
const asked = ({ kind, density, every, ...rest }: Case) => {
  const c: Conditions = water({
    ...rest,
    cover: { kind, topM: kind === 'open' ? rest.depthM : rest.depthM * 0.4, density: kind === 'open' ? 0 : density },
  })
  const some = { ...box, lures: box.lures.filter((_, i) => i % every === 0) }
  return { c, some, context: createMatchContext(c, PLACE, some, { sides: {} }) }
}
const thick = (c: Conditions) => ['timber', 'brush', 'docks', 'pads'].includes(c.cover.kind) && c.cover.density >= 0.6
const trebles = ({ setUp }: MatchRow) => /treble/.test(setUp.build.lure.hooks?.style ?? '')

describe('on random waters with random boxes', () => {
  it('nothing is worked beyond its range or in a way that is not allowed; the list goes by its score; no share is no share', () => {
    fc.assert(
      fc.property(anyCase, (one) => {
        const { c, some, context } = asked(one)
        const { rows } = matchWater(c, PLACE, some, { sides: {}, limit: 8, lifts: 0 })
        expect(rows.map((r) => r.score)).toEqual(rows.map((r) => r.score).sort((a, b) => b - a))
        for (const { setUp, score } of rows) {
          const { build, handling } = setUp
          expect(score >= 0 && score <= 100).toBe(true)
          expect(context.deliveries.has(handling.technique.delivery)).toBe(true)
          expect(handling.technique.works.families).toContain(build.lure.family)
          const { speedMps } = evaluateBuild(build, context.known(build.lure), context.reading)
          if (handling.technique.pace)
            expect(tempoFor(handling.technique, handling.paceMps, speedMps)).toBeCloseTo(handling.tempo, 3)
          const most = handling.technique.restS?.[2] ?? 0
          expect(handling.restS).toBeLessThanOrEqual(most + 1e-9)
        }
      }),
      { numRuns: 12 },
    )
  })
  it('no line or leader is under half of what weight, fish and cover ask', () => {
    fc.assert(
      fc.property(anyCase, (one) => {
        const { c, some, context } = asked(one)
        for (const { setUp } of matchWater(c, PLACE, some, { sides: {}, limit: 6, lifts: 0 }).rows.slice(0, 3)) {
          const { lineN, leaderN } = tackleAsked(setUp.build, setUp.handling.technique, context.fish)
          const strongest = Math.max(...context.riggings.map(({ outfit }) => outfit.line.strengthN))
          // What the box has none of cannot be asked for.
          if (strongest < lineN[0]) continue
          const weakest = Math.min(setUp.outfit.line.strengthN, setUp.leader?.strengthN ?? Infinity)
          expect(weakest).toBeGreaterThan(0.5 * lineN[0])
          if (setUp.leader) expect(setUp.leader.strengthN).toBeGreaterThan(0.5 * leaderN[0])
        }
      }),
      { numRuns: 12 },
    )
  })
  it('in thick wood and pads bare trebles are never put forward first while something guarded comes near them', () => {
    fc.assert(
      fc.property(anyCase, (one) => {
        const { c, some } = asked({ ...one, kind: one.kind === 'open' ? 'timber' : one.kind, density: 0.8, every: 1 })
        if (!thick(c)) return
        const { rows } = matchWater(c, PLACE, some, { sides: {}, limit: 8, lifts: 0 })
        const [first] = rows
        const guarded = rows.find((row) => !trebles(row))
        if (first && trebles(first) && guarded) expect(first.thrown.risk).toBeLessThan(0.25)
      }),
      { numRuns: 12 },
    )
  })
})
