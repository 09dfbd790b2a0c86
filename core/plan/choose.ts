import { exchanged } from './exchange'
import { gainOf, greedyKit } from './greedy'
import { kitKg, kitValue, type Kit, type KitProblem } from './kit-problem'
import { climbSets, outfitSets } from './outfit-sets'
import type { Covered, Plan } from './plan'
import { bestOn, onlyLures, problemOf, type TableProblem, type WorthTable } from './table'

/** What to carry, and how near that is to the best there is. */

/** A kit with the outfits it is fished on. */
export interface ChosenKit {
  /** By their places in the table. */
  readonly outfits: readonly number[]
  /** The problem on these outfits, and the kit by its rows, in the order in which one would take them. */
  readonly on: TableProblem
  readonly kit: Kit
  /** Worth of all lures there are on all outfits there are. */
  readonly whole: number
}

/** Sets of outfits of which the kit is made better by exchanges. */
const POLISHED = 4

const all = ({ outfits }: WorthTable) => outfits.map((_, i) => i)

/** Worth of all lures of a problem together: no kit of them has more. */
const ceiling = ({ worth, weights }: KitProblem): number =>
  kitValue(
    { worth, weights },
    worth.map((_, row) => row),
  )

/** Lures of a kit in the order in which one would take them, those that must come first. */
export function inOrder(problem: KitProblem, kit: Kit): Kit {
  const rows = kit.lures.map((lure) => problem.worth[lure] ?? new Float64Array())
  const among = {
    ...problem,
    worth: rows,
    massKg: Float64Array.from(kit.lures, (lure) => problem.massKg[lure] ?? 0),
    most: kit.lures.length,
    mostKg: Infinity,
    must: kit.lures.flatMap((lure, i) => (problem.must?.includes(lure) ? [i] : [])),
  }
  const ordered = greedyKit(among).lures.map((i) => kit.lures[i] ?? -1)
  // What adds nothing to the others stays in the kit only where it must.
  return { lures: ordered, value: kitValue(problem, ordered) }
}

type Limited = Pick<Plan, 'limits' | 'pinned'>

const greedyOn = (table: WorthTable, outfits: readonly number[], plan: Limited) => {
  const on = problemOf(table, outfits, plan)
  return { outfits, on, kit: greedyKit(on.problem) }
}

/** Worth, on some outfits, of the lures that would be chosen if all outfits were there. */
function worthOfSets(table: WorthTable, plan: Limited): (outfits: readonly number[]) => number {
  const { on, kit } = greedyOn(table, all(table), plan)
  const few = onlyLures(table, new Set(kit.lures.map((row) => on.lures[row] ?? -1)))
  return (outfits) => ceiling(problemOf(few, outfits, { ...plan, pinned: [] }).problem)
}

/** So many figures are gone through to try sets of outfits: of a large table only the sets that promise most are tried. */
const MOST_FIGURES = 60e6

function triedSets(table: WorthTable, plan: Limited, sets: readonly number[][]): readonly number[][] {
  const { problem } = problemOf(table, all(table), plan)
  const tried = Math.max(POLISHED, Math.floor(MOST_FIGURES / (1 + problem.worth.length * problem.weights.length)))
  if (sets.length <= tried) return sets
  const worthOn = worthOfSets(table, plan)
  const worth = sets.map((set) => ({ set, value: worthOn(set) })).sort((a, b) => b.value - a.value)
  return worth.slice(0, tried).map(({ set }) => set)
}

/** The kit to carry: rods with their reels, and lures, both within their limits. `quick`: a first one at once, for the rods that suit the lures which all rods would. */
export function chooseKit(table: WorthTable, plan: Limited, quick = false): ChosenKit {
  const keys = table.outfits
  const { rods } = plan.limits
  const whole = ceiling(problemOf(table, all(table), plan).problem)
  if (quick) return { ...greedyOn(table, climbSets(keys, [], rods, worthOfSets(table, plan)), plan), whole }
  // Of more sets than can be tried one by one the best of fewer outfits is widened, and stays where nothing is better.
  const sets = outfitSets(keys, rods)
  const fewer = sets ? null : chooseKit(table, { ...plan, limits: { ...plan.limits, rods: rods - 1 } })
  const valueOn = (outfits: readonly number[]) => greedyOn(table, outfits, plan).kit.value
  const climbed = fewer && climbSets(keys, fewer.outfits, rods, valueOn)
  const tried = (sets ? triedSets(table, plan, sets) : [climbed ?? []])
    .map((outfits) => greedyOn(table, outfits, plan))
    .sort((a, b) => b.kit.value - a.kit.value)
    .slice(0, POLISHED)
    .map((one) => ({ ...one, kit: exchanged(one.on.problem, one.kit) }))
  const best = [...tried, ...(fewer ? [fewer] : [])].reduce(
    (one, other) => (other.kit.value > one.kit.value + 1e-12 ? other : one),
    tried[0] ?? greedyOn(table, [], plan),
  )
  return { ...best, kit: inOrder(best.on.problem, best.kit), whole }
}

/** What a kit is made of, item by item. */
export interface KitAccount {
  readonly items: readonly { readonly lure: number; readonly adds: number; readonly without: number }[]
  /** What would come next, one after another, each with what it would add. */
  readonly next: readonly { readonly lure: number; readonly adds: number }[]
  /** How many lures would add next to nothing to the kit. */
  readonly home: number
  readonly kg: number
}

const NEXT_TOLD = 16
/** Less than this share of the whole box is next to nothing. */
const NOTHING = 0.002

/** What each lure adds to those before it, what would be lost without it, what would come next, and what is not missed: shares of the whole box. */
export function accountOfKit(table: WorthTable, { on: { problem, lures }, kit, whole }: ChosenKit): KitAccount {
  const unit = Math.max(1e-9, whole)
  const best = new Float64Array(problem.weights.length)
  const items = kit.lures.map((row) => {
    const worth = problem.worth[row] ?? best
    const adds = gainOf(worth, best, problem.weights) / unit
    for (let s = 0; s < best.length; s++) best[s] = Math.max(best[s] ?? 0, worth[s] ?? 0)
    const rest = kit.lures.filter((other) => other !== row)
    return { lure: lures[row] ?? -1, adds, without: (kit.value - kitValue(problem, rest)) / unit }
  })
  const carried = new Set(kit.lures)
  const kitBest = best.slice()
  const wider = { ...problem, must: kit.lures, most: kit.lures.length + NEXT_TOLD, mostKg: Infinity }
  const next = greedyKit(wider).lures.slice(kit.lures.length)
  const more = next.map((row) => {
    const worth = problem.worth[row] ?? best
    const adds = gainOf(worth, best, problem.weights) / unit
    for (let s = 0; s < best.length; s++) best[s] = Math.max(best[s] ?? 0, worth[s] ?? 0)
    return { lure: lures[row] ?? -1, adds }
  })
  const missed = lures.filter(
    (_, row) => !carried.has(row) && gainOf(problem.worth[row] ?? best, kitBest, problem.weights) / unit >= NOTHING,
  )
  return {
    items,
    next: more.filter(({ adds }) => adds > 1e-9),
    home: table.lures.length - missed.length - items.length,
    kg: kitKg(problem, kit.lures),
  }
}

/** How much of the whole box a kit gives, level by level of what is not known: what it leaves uncovered stands out. */
export function coverOf(table: WorthTable, { outfits, on: { lures }, kit }: ChosenKit): Covered[] {
  const carried = kit.lures.map((row) => lures[row] ?? -1)
  const everyOutfit = all(table)
  const tastes = table.tasteCount
  const known = new Map<string, { kit: Float64Array; whole: Float64Array }>()
  const worthOf = (key: string) => {
    const before = known.get(key)
    if (before) return before
    const there = [...(table.waters.get(key)?.chances.keys() ?? [])]
    const best = (some: readonly number[], on: readonly number[]) => {
      const most = new Float64Array(tastes)
      for (const lure of some) {
        const chance = bestOn(table, key, lure, on)
        if (chance === 0) continue
        const factors = table.tastes(lure)
        for (let t = 0; t < tastes; t++) most[t] = Math.max(most[t] ?? 0, Math.min(1, chance * (factors[t] ?? 1)))
      }
      return most
    }
    const worth = { kit: best(carried, outfits), whole: best(there, everyOutfit) }
    known.set(key, worth)
    return worth
  }
  const sums = new Map<
    string,
    { cover: Omit<Covered, 'share' | 'weight'>; kit: number; whole: number; weight: number }
  >()
  const add = (of: Covered['of'], id: string, key: string, weight: number, waterId: string) => {
    const sum = sums.get(`${of} ${id}`) ?? { cover: { of, id }, kit: 0, whole: 0, weight: 0 }
    const worth = worthOf(key)
    table.believed(waterId).forEach((taste, t) => {
      sum.kit += weight * taste * (worth.kit[t] ?? 0)
      sum.whole += weight * taste * (worth.whole[t] ?? 0)
      sum.weight += weight * taste
    })
    sums.set(`${of} ${id}`, sum)
  }
  let total = 0
  for (const { waters } of table.hours)
    for (const { key, weight, water } of waters) {
      total += weight
      if (water.added) add('added', water.added.id, key, weight, water.id)
      else
        for (const [factor, level] of Object.entries(water.variant.levels))
          add(factor as Covered['of'], level, key, weight, water.id)
    }
  return [...sums.values()].map(({ cover, kit: of, whole, weight }) => ({
    ...cover,
    share: whole > 0 ? Math.min(1, of / whole) : 1,
    weight: weight / Math.max(1e-9, total),
  }))
}
