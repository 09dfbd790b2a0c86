import fc from 'fast-check'
import { createMatchContext, matchWater, type MatchRow } from '../core/match'
import { evaluateBuild } from '../core/match/possible/dressed'
import { tackleAsked } from '../core/match/possible/tackle-asked'
import { deliveryOf, hookOff, tempoFor } from '../core/tackle'
import { SPECIES, type Conditions } from '../core/water'
import { PLACE, WORLD, water } from './world'

/** What must hold of every row in any water and with any box: no sense is given away for a better path. Bounds are common practice, told here anew and not taken from what is judged. */

const { box } = WORLD
const WOODEN = ['timber', 'brush', 'docks', 'pads'] as const

export const anySenseCase = fc.record({
  speciesId: fc.constantFrom(...SPECIES.filter(({ biteProof }) => !biteProof).map(({ id }) => id)),
  waterTempC: fc.double({ min: 3, max: 28, noNaN: true }),
  visibilityM: fc.double({ min: 0.3, max: 7, noNaN: true }),
  depthM: fc.double({ min: 1.2, max: 14, noNaN: true }),
  kind: fc.constantFrom('open', 'rock', 'grass', ...WOODEN),
  density: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
  mood: fc.constantFrom('active', 'neutral', 'lethargic', 'pressured'),
  every: fc.integer({ min: 1, max: 4 }),
})
export type SenseCase = typeof anySenseCase extends fc.Arbitrary<infer T> ? T : never

const conditionsOf = ({ kind, density, every: _, ...rest }: SenseCase): Conditions =>
  water({
    ...rest,
    cover: { kind, topM: kind === 'open' ? rest.depthM : rest.depthM * 0.4, density: kind === 'open' ? 0 : density },
  })

/** A rod throws from four fifths of its least to a fifth over its most; what is lowered may be lighter. */
const ROD = { least: 0.8, most: 1.2 } as const
/** No line, and no leader, under half of what weight, fish and cover ask. */
const LEAST_STRENGTH = 0.5
/** A hook further off than this is another body’s. */
const HOOK_OFF = 0.6
/** In wood: a bare treble that hangs up on every fourth cast is not put first while a guarded lure is there. */
const BARE_RISK = 0.25
const THICK = 0.6

const hasTrebles = ({ setUp }: MatchRow) => setUp.build.lure.hooks?.style.includes('treble') === true

/** What makes no sense in the answer to one water with one box, a line each. */
export function senseFaults(one: SenseCase): string[] {
  const c = conditionsOf(one)
  const some = { ...box, lures: box.lures.filter((_, i) => i % one.every === 0) }
  const context = createMatchContext(c, PLACE, some, { sides: {} })
  const { rows } = matchWater(c, PLACE, some, { sides: {}, limit: 8, lifts: 0 })
  const faults: string[] = []
  const strongest = Math.max(...context.riggings.map(({ outfit }) => outfit.line.strengthN))
  rows.forEach((row, i) => {
    const { build, handling, outfit, leader } = row.setUp
    const { technique } = handling
    const say = (what: string) => faults.push(`${i + 1}. ${build.lure.name}, ${technique.id}: ${what}`)
    if (!(row.score >= 0 && row.score <= 100) || row.score > (rows[i - 1]?.score ?? 100)) say(`score ${row.score}`)
    if (!context.deliveries.has(technique.delivery)) say(`${technique.delivery} is not done here`)
    if (!technique.works.families.includes(build.lure.family)) say('not a technique of its family')
    const { speedMps } = evaluateBuild(build, context.known(build.lure), context.reading)
    if (technique.pace && Math.abs(tempoFor(technique, handling.paceMps, speedMps) - handling.tempo) > 1e-3)
      say(`${handling.paceMps.toFixed(2)} m/s is beyond its range`)
    const [shortest = 0, , longest = 0] = technique.restS ?? []
    if (handling.restS > longest + 1e-9 || (technique.restS && handling.restS < shortest - 1e-9))
      say(`a rest of ${handling.restS.toFixed(1)} s`)
    const { lureMinKg, lureMaxKg } = outfit.rod
    const isThrown = deliveryOf(technique.delivery).thrown === 'cast'
    if (build.massKg > ROD.most * lureMaxKg + 1e-9 || (isThrown && build.massKg < ROD.least * lureMinKg - 1e-9))
      say(`${(build.massKg * 1000).toFixed(1)} g on ${outfit.rod.name}`)
    const { lineN, leaderN } = tackleAsked(build, technique, context.fish)
    // What the box has none of cannot be asked for.
    if (i < 3 && strongest >= lineN[0]) {
      if (Math.min(outfit.line.strengthN, leader?.strengthN ?? Infinity) < LEAST_STRENGTH * lineN[0])
        say(`line ${outfit.line.name}`)
      if (leader && leader.strengthN < LEAST_STRENGTH * leaderN[0]) say(`leader ${leader.name}`)
    }
    if (row.thrown.risk > THICK) say(`hangs up on ${(100 * row.thrown.risk).toFixed(0)} % of casts`)
    if ('hook' in build.mount) {
      const { hook, kind } = build.mount
      if (Math.abs(hookOff(build.lure, hook.hookSize, kind, hook.style)) > HOOK_OFF) say(`hook ${hook.hookSize}`)
    }
  })
  const [first] = rows
  const isWooden = (WOODEN as readonly string[]).includes(one.kind) && one.density >= THICK
  if (isWooden && first && hasTrebles(first) && first.thrown.risk >= BARE_RISK && rows.some((r) => !hasTrebles(r)))
    faults.push(`1. ${first.setUp.build.lure.name}: bare trebles first in wood`)
  return faults
}
