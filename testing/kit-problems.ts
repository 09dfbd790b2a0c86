import { Plan } from '../core/plan'
import { watersOf } from '../core/plan/day'
import { fitsIn, kitValue, type KitProblem } from '../core/plan/kit-problem'
import type { WorthTable } from '../core/plan/table'
import { seededRandom } from '../core/random'
import { WORLD } from './world'

/** A problem of what to carry, made of a seed. */
export function someKitProblem(
  seed: number,
  lures: number,
  scenarios: number,
  most: number,
  mostKg = Infinity,
): KitProblem {
  const { next: random } = seededRandom(seed)
  // Lures are good in some kinds of scenario, as in life, and a little by chance.
  const kinds = 4
  const weights = Float64Array.from({ length: scenarios }, () => 0.2 + random())
  const total = weights.reduce((sum, w) => sum + w, 0)
  const kindOf = Array.from({ length: scenarios }, () => Math.floor(random() * kinds))
  const worth = Array.from({ length: lures }, () => {
    const liking = Array.from({ length: kinds }, () => random() ** 3)
    return Float64Array.from(kindOf, (kind) => Math.min(1, 0.8 * (liking[kind] ?? 0) + 0.2 * random()))
  })
  return {
    worth,
    weights: weights.map((w) => w / total),
    massKg: Float64Array.from({ length: lures }, () => 0.005 + 0.03 * random()),
    most,
    mostKg,
  }
}

/** Worth of the best of all kits, each of them tried: for small problems. */
export function bestOfAll(problem: KitProblem): number {
  let best = 0
  const tryFrom = (from: number, kit: number[]) => {
    if (!fitsIn(problem, kit)) return
    best = Math.max(best, kitValue(problem, kit))
    for (let lure = from; lure < problem.worth.length; lure++) tryFrom(lure + 1, [...kit, lure])
  }
  tryFrom(0, [])
  return best
}

/** A table of made-up chances: eight waters, nine lures, four rods that suit some lures better than others. */
export function someTable(seed: number): WorthTable {
  const { next: random } = seededRandom(seed)
  const lures = WORLD.box.lures.slice(0, 9)
  const outfits = ['a|1', 'b|2', 'c|3', 'd|4']
  const suits = lures.map(() => outfits.map(() => 0.3 + 0.7 * random()))
  const keys = Array.from({ length: 8 }, (_, i) => `water ${i}`)
  const [water] = WORLD.waters
  const [place] = WORLD.places
  if (!water || !place) throw new Error('the demo has no water')
  const chances = () =>
    new Map(
      lures.map((_, l) => {
        const good = random() ** 2
        return [l, Float64Array.from(outfits, (__, o) => good * (suits[l]?.[o] ?? 0))] as const
      }),
    )
  const [leg] = Plan.parse({
    id: 'p',
    name: 'p',
    legs: [{ id: 'leg', water, fromH: 6, toH: 7 }],
    limits: { lures: 3, rods: 1 },
  }).legs
  if (!leg) throw new Error('no leg')
  const dayWaters = watersOf(leg, { spread: {}, added: [] }, keys.length)
  return {
    lures,
    outfits,
    waters: new Map(keys.map((key) => [key, { c: water, place, chances: chances() }])),
    tastes: () => Float64Array.of(1),
    tasteCount: 1,
    believed: () => Float64Array.of(1),
    hours: [
      {
        slot: { leg, place, fromH: 6, toH: 7 },
        waters: dayWaters.map((one, i) => ({ key: keys[i] ?? '', weight: one.weight, water: one })),
      },
    ],
  }
}
