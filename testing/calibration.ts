import { RULES, createMatchContext, fitsSetUp, rank, type Ranked, type Rule } from '../core/match'
import { CHANCES } from '../data/chances'
import { Place } from '../core/water'
import type { Scenario } from './scenarios'
import { PLACE, WORLD, water } from './world'

/** How well the scenarios hold, what each rule does for them, and by how much rules should be weighed otherwise: the procedure behind data/rules/factors. */

/** Rows looked at in each scenario; place that what is wanted must reach, and place that what is not must stay behind. */
const ROWS = 40
const WANTED = 3
const SHUNNED = 10

/** What a rule adds to the logarithm of a row's chance, by rule. */
type Shares = ReadonlyMap<string, number>

/** One demand of a scenario: that one row stands before another. */
export interface Margin {
  readonly scenario: string
  readonly kind: 'first' | 'never'
  /** ln (score of the row that should stand before / score of the other). */
  readonly margin: number
  /** What each rule adds to it. */
  readonly by: Shares
}

function sharesOf({ parts }: Pick<Ranked, 'parts'>): Shares {
  const shares = new Map<string, number>()
  for (const { axis, chance, causes } of parts) {
    const log = Math.log(chance) - (axis === 'practice' ? Math.log(CHANCES.unspoken) : 0)
    const all = causes.reduce((sum, c) => sum + c.weight, 0)
    for (const { ruleId, weight } of causes) shares.set(ruleId, (shares.get(ruleId) ?? 0) + (log * weight) / all)
  }
  return shares
}

function marginOf(scenario: string, kind: Margin['kind'], before: Ranked, behind: Ranked): Margin {
  const [own, other] = [sharesOf(before), sharesOf(behind)]
  const by = new Map<string, number>()
  for (const id of new Set([...own.keys(), ...other.keys()])) by.set(id, (own.get(id) ?? 0) - (other.get(id) ?? 0))
  return { scenario, kind, margin: Math.log(before.chance / behind.chance), by }
}

/** The margins of a scenario: of the best that is wanted before the one it must beat, and of the last allowed before the best that is not. */
export function marginsOf(s: Scenario, rules: readonly Rule[] = RULES): Margin[] {
  const place = Place.parse({ ...PLACE, ...s.place })
  const context = createMatchContext(water(s.water), place, WORLD.box, { sides: {}, rules })
  const rows = [...rank(WORLD.box, context, ROWS)].sort((a, b) => b.chance - a.chance)
  const wanted = (r: Ranked) => s.first.some((t) => fitsSetUp(t, r.setUp))
  const shunned = (r: Ranked) => s.never.some((t) => fitsSetUp(t, r.setUp))
  const best = rows.find(wanted)
  const rival = rows.filter((r) => !wanted(r))[WANTED - 1]
  const worst = rows.find(shunned)
  const bar = rows.filter((r) => !shunned(r))[SHUNNED - 1]
  return [
    ...(best && rival ? [marginOf(s.name, 'first', best, rival)] : []),
    ...(worst && bar ? [marginOf(s.name, 'never', bar, worst)] : []),
  ]
}

/** Margin that is asked for, softness of the demand; pull back to the weights as they are; farthest factor. */
const FIT = { asked: 0.15, soft: 0.08, ridge: 2, farthest: Math.log(1.4), rounds: 300, stride: 0.05 } as const

/** Margin with weights changed by factors eᵘ, as if each rule’s share grew with its weight. */
export const marginWith = ({ margin, by }: Margin, u: ReadonlyMap<string, number>) =>
  [...by].reduce((sum, [id, share]) => sum + share * (Math.exp(u.get(id) ?? 0) - 1), margin)

/**
 * Logarithms of factors for the rules, by gradient descent: every margin pulls with at most its own shares, the ridge pulls back, so that no one scenario can
 * bend a rule by more than its share / (2·ridge), some 10 %. Deterministic.
 */
export function fitFactors(margins: readonly Margin[]): Map<string, number> {
  const u = new Map<string, number>()
  for (let round = 0; round < FIT.rounds; round++) {
    const slope = new Map<string, number>()
    for (const one of margins) {
      const pull = 1 / (1 + Math.exp((marginWith(one, u) - FIT.asked) / FIT.soft))
      if (pull < 1e-3) continue
      for (const [id, share] of one.by) slope.set(id, (slope.get(id) ?? 0) - pull * share * Math.exp(u.get(id) ?? 0))
    }
    for (const id of new Set([...slope.keys(), ...u.keys()])) {
      const was = u.get(id) ?? 0
      const next = was - FIT.stride * ((slope.get(id) ?? 0) + 2 * FIT.ridge * was)
      u.set(id, Math.max(-FIT.farthest, Math.min(FIT.farthest, next)))
    }
  }
  return u
}

/** Share of scenarios that hold with factors fitted to all the others. */
export function leaveOneOut(margins: readonly Margin[]): { held: number; of: number; lost: string[] } {
  const names = [...new Set(margins.map((m) => m.scenario))]
  const lost = names.filter((name) => {
    const u = fitFactors(margins.filter((m) => m.scenario !== name))
    return margins.some((m) => m.scenario === name && marginWith(m, u) <= 0)
  })
  return { held: names.length - lost.length, of: names.length, lost }
}
