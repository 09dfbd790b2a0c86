import { CLARITIES, DEPTHS, MOODS_BY_THOUGHT, OTHERWISE, SKY_KEEPS } from '../../data/plan'
import { seededRandom } from '../random'
import { readWater, speciesOf, type Conditions, type Place } from '../water'

/** What is not known the evening before, as levels with how likely each is. */

export const FACTORS = ['clarity', 'depth', 'sky', 'mood', 'fish', 'water'] as const
export type Factor = (typeof FACTORS)[number]

/** How likely each level is; they add up to 1. */
type Levels = Readonly<Record<string, number>>
export type Spread = Readonly<Record<Factor, Levels>>

/** One water that may be: a level of each factor, and how likely it is beside the others. */
export interface Variant {
  readonly levels: Readonly<Record<Factor, string>>
  readonly weight: number
}

const tableOf = (rows: readonly { readonly id: string; readonly weight: number }[]): Levels =>
  Object.fromEntries(rows.map(({ id, weight }) => [id, weight]))

/** What is usually reckoned with in a water; fish that are as welcome are equally likely to be sought. */
export function usualSpread(
  { mood, speciesId, alsoFor }: Pick<Conditions, 'mood' | 'speciesId' | 'alsoFor'>,
  alternatives: readonly { readonly id: string; readonly weight: number }[] = [],
): Spread {
  const fish = [...new Set([speciesId, ...alsoFor])]
  return {
    clarity: tableOf(CLARITIES),
    depth: tableOf(DEPTHS),
    sky: tableOf(SKY_KEEPS),
    mood: MOODS_BY_THOUGHT[mood],
    fish: Object.fromEntries(fish.map((id) => [id, 1 / fish.length])),
    water: alternatives.length > 0 ? tableOf(alternatives) : { known: 1 },
  }
}

/** Levels that can be, their weights brought to a sum of 1; where none has any, all alike. */
function shares(levels: Levels): [string, number][] {
  const all = Object.entries(levels).filter(([, weight]) => weight > 0)
  if (all.length === 0) return Object.keys(levels).map((id, _, ids) => [id, 1 / ids.length])
  const sum = all.reduce((total, [, weight]) => total + weight, 0)
  return all.map(([id, weight]) => [id, weight / sum])
}

/** So many places dealt to levels by their shares: whole parts first, the rest to the largest remainders; a level that can be gets one while there are enough. */
function dealt(levels: readonly (readonly [string, number])[], count: number): string[] {
  const parts = levels.map(([id, share]) => ({ id, n: Math.floor(share * count), rest: (share * count) % 1 }))
  const order = [...parts].sort((a, b) => Number(a.n > 0) - Number(b.n > 0) || b.rest - a.rest)
  let left = count - parts.reduce((sum, { n }) => sum + n, 0)
  for (const part of order) {
    if (left === 0) break
    part.n += 1
    left -= 1
  }
  return parts.flatMap(({ id, n }) => Array.from({ length: n }, () => id))
}

/** Rounds in which the weights of the drawn waters are brought to the levels’ own. */
const RAKED = 60

/**
 * Waters drawn from a spread: each level stands in as many of them as it is likely (a Latin square dealt by chance), the first is the likeliest of all; weights are raked until
 * every level that was drawn has its own weight, where that can be (iterative proportional fitting, Deming and Stephan 1940).
 */
export function drawVariants(spread: Spread, count: number, seed: number): Variant[] {
  const random = seededRandom(seed)
  const levels = Object.fromEntries(FACTORS.map((f) => [f, shares(spread[f])])) as Record<Factor, [string, number][]>
  const most = (f: Factor) => levels[f].reduce((a, b) => (b[1] > a[1] ? b : a))[0]
  const dealtOf = Object.fromEntries(
    FACTORS.map((f) => {
      const ids = dealt(levels[f], count)
      // The likeliest stands first; the others lie as chance has it.
      ids.splice(ids.indexOf(most(f)), 1)
      return [f, [most(f), ...random.shuffled(ids)]]
    }),
  ) as Record<Factor, string[]>
  const drawn = Array.from({ length: count }, (_, i): Variant => ({
    levels: Object.fromEntries(FACTORS.map((f) => [f, dealtOf[f][i] ?? most(f)])) as Record<Factor, string>,
    weight: 1 / count,
  }))
  const raked = rake(drawn, levels)
  return off(raked, levels) < off(drawn, levels) ? raked : drawn
}

type Shares = Readonly<Record<Factor, [string, number][]>>

const marginOf = (drawn: readonly Variant[], factor: Factor, id: string): number =>
  drawn.reduce((sum, v) => (v.levels[factor] === id ? sum + v.weight : sum), 0)

/** Levels of a factor that were drawn, with the weights that they should have: their own, brought to a sum of 1 without those that were not. */
function drawnShares(drawn: readonly Variant[], levels: Shares, factor: Factor): [string, number][] {
  const there = levels[factor].filter(([id]) => drawn.some((v) => v.levels[factor] === id))
  const all = there.reduce((sum, [, share]) => sum + share, 0)
  return there.map(([id, share]) => [id, share / all])
}

/** How far the weight of any level that was drawn lies from what it should be. */
const off = (drawn: readonly Variant[], levels: Shares): number =>
  Math.max(
    ...FACTORS.flatMap((f) =>
      drawnShares(drawn, levels, f).map(([id, share]) => Math.abs(marginOf(drawn, f, id) - share)),
    ),
  )

/** Weights brought to the levels’ own, factor by factor. */
function rake(drawn: readonly Variant[], levels: Shares): Variant[] {
  const weights = drawn.map(({ weight }) => weight)
  for (let round = 0; round < RAKED; round++)
    for (const f of FACTORS) {
      for (const [id, share] of drawnShares(drawn, levels, f)) {
        const mine = drawn.flatMap((v, i) => (v.levels[f] === id ? [i] : []))
        const has = mine.reduce((sum, i) => sum + (weights[i] ?? 0), 0)
        for (const i of mine) weights[i] = ((weights[i] ?? 0) * share) / has
      }
    }
  return drawn.map((v, i) => ({ ...v, weight: weights[i] ?? 0 }))
}

const THINNEST_M = 0.3

/** A water as one variant has it. Where fish are moved in depth, they are moved from where they usually hold. */
export function asVariant(c: Conditions, place: Place, { levels }: Variant): Conditions {
  const clarity = CLARITIES.find(({ id }) => id === levels.clarity)?.factor ?? 1
  const shift = DEPTHS.find(({ id }) => id === levels.depth)?.shift ?? 0
  const otherwise = levels.sky === 'otherwise'
  const water: Conditions = {
    ...c,
    speciesId: levels.fish,
    alsoFor: [],
    mood: levels.mood as Conditions['mood'],
    visibilityM: Math.min(40, Math.max(0.05, c.visibilityM * clarity)),
    sky: otherwise ? OTHERWISE.sky[c.sky] : c.sky,
    windMps: Math.min(40, otherwise ? c.windMps * OTHERWISE.wind : c.windMps),
  }
  const species = speciesOf(water.speciesId)
  if (shift === 0 || !species) return water
  const { topM, bottomM } = readWater(water, place, species).zone
  const by = Math.min(c.depthM - bottomM, Math.max(-topM, shift * c.depthM))
  const zone = { topM: topM + by, bottomM: Math.max(topM + by + THINNEST_M / 2, bottomM + by) }
  return zone.bottomM > c.depthM ? water : { ...water, zone }
}
