import { WORLDS } from '../../data/plan'
import type { Box } from '../box'
import { createMatchContext, outfitsOf, outfitKey } from '../match'
import { lureMass, type Lure } from '../tackle'
import { firstLures, lureInWater, luresInWater, waterKey, type Judging, type LureInWater } from './worth'
import { slotsOf, waterIn, watersOf, type DayWater, type Slot } from './day'
import type { KitProblem } from './kit-problem'
import type { Plan } from './plan'
import { drawTastes, tasteFactors } from './taste'
import type { Conditions, Place } from '../water'

/** A water of the day, for as many hours and ways it may be as ask for the same. */
interface RankedWater {
  readonly c: Conditions
  readonly place: Place
  /** Chance of each lure on each outfit, by their places in the table; 0 where it is not fished so. */
  readonly chances: ReadonlyMap<number, Float64Array>
}

/** An hour, and the waters it may bring. */
export interface Hour {
  readonly slot: Slot
  readonly waters: readonly { readonly key: string; readonly weight: number; readonly water: DayWater }[]
}

/** What every lure is worth in every water of the days: all that a plan reckons with. */
export interface WorthTable {
  readonly lures: readonly Lure[]
  /** Keys of rods with reels. */
  readonly outfits: readonly string[]
  readonly hours: readonly Hour[]
  readonly waters: ReadonlyMap<string, RankedWater>
  /** Factors on the chance of a lure in each taste. */
  readonly tastes: (lure: number) => Float64Array
  readonly tasteCount: number
  /** How likely each taste is in one of the ways the water may be; alike at first, otherwise after what was seen. */
  readonly believed: (waterId: string) => Float64Array
}

export interface PlanWorld {
  readonly box: Box
  readonly places: readonly Place[]
  readonly judging: Judging
}

/** How far the waters have been ranked. */
export interface TableStep {
  readonly done: number
  readonly of: number
  readonly table: WorthTable
}

/** The part of a box that may come along: lures there are, in the trays that come, without those left at home. */
export function boxFor(box: Box, { limits, leftHome, pinned }: Pick<Plan, 'limits' | 'leftHome' | 'pinned'>): Box {
  const { trayIds } = limits
  const home = new Set(leftHome)
  const held = new Set(pinned)
  const inTrays = (lure: Lure) => trayIds === null || held.has(lure.id) || trayIds.includes(lure.trayId ?? '')
  return { ...box, lures: box.lures.filter((l) => l.count > 0 && !home.has(l.id) && inTrays(l)) }
}

/**
 * Ranks the waters of a plan, the likeliest of every hour first, then the others; waters that ask for the same are ranked once. After each the table as far as it has come.
 */
export function* tableSteps(
  plan: Plan,
  world: PlanWorld,
  worlds: { readonly waters: number; readonly tastes: number } = WORLDS,
): Generator<TableStep, WorthTable> {
  const { box: whole, places, judging } = world
  const box = boxFor(whole, { ...plan, pinned: [] })
  const lures = box.lures
  const placeOf = new Map(lures.map((lure, i) => [lure.id, i]))
  const outfits = [...new Set(outfitsOf(box).map((outfit) => outfitKey({ outfit })))]
  const tastes = drawTastes(worlds.tastes, 1)
  const factors = new Map<number, Float64Array>()
  const tastesOf = (lure: number) => {
    const known = factors.get(lure)
    if (known) return known
    const of = lures[lure]
    const made = of ? tasteFactors(of, tastes) : new Float64Array(tastes.length)
    factors.set(lure, made)
    return made
  }
  const alike = new Float64Array(tastes.length).fill(1 / tastes.length)
  const slots = slotsOf(plan.legs, places)
  const waysOfLeg = new Map(plan.legs.map((leg) => [leg.id, watersOf(leg, plan, worlds.waters)]))
  const most = Math.max(0, ...[...waysOfLeg.values()].map((ways) => ways.length))
  const asked = Array.from({ length: most }, (_, nth) =>
    slots.flatMap((slot) => {
      const water = waysOfLeg.get(slot.leg.id)?.[nth]
      return water ? [{ slot, water }] : []
    }),
  ).flat()
  const found = new Map<Slot, { key: string; weight: number; water: DayWater }[]>(slots.map((slot) => [slot, []]))
  const waters = new Map<string, RankedWater>()
  const table = (): WorthTable => ({
    lures,
    outfits,
    waters,
    tastes: tastesOf,
    tasteCount: tastes.length,
    believed: () => alike,
    hours: slots.map((slot) => ({ slot, waters: found.get(slot) ?? [] })),
  })
  const chancesOf = (rows: readonly LureInWater[]) =>
    new Map(rows.map((row) => [placeOf.get(row.lure.id) ?? -1, chancesOn(row, outfits)]))
  let done = 0
  for (const { slot, water } of asked) {
    const c = waterIn(slot, water)
    const context = createMatchContext(c, slot.place, box, { ...judging, against: 1 })
    const key = waterKey(context)
    found.get(slot)?.push({ key, weight: water.weight * (slot.toH - slot.fromH), water })
    if (!waters.has(key)) {
      if (waters.size === 0) {
        waters.set(key, { c, place: slot.place, chances: chancesOf(firstLures(box, context)) })
        yield { done, of: asked.length, table: table() }
      }
      waters.set(key, { c, place: slot.place, chances: chancesOf(luresInWater(box, context)) })
    }
    done += 1
    yield { done, of: asked.length, table: table() }
  }
  return yield* heldSteps(table(), plan, world)
}

/** Chance of a lure on each of some outfits; 0 where it is not fished so. */
const chancesOn = ({ on }: LureInWater, outfits: readonly string[]): Float64Array =>
  Float64Array.from(outfits, (key) => on.find(({ outfit }) => outfit === key)?.ranked.chance ?? 0)

/** What is held to is looked at in every water, wherever it stands there and whatever tray it lies in: its rows are added to the table. */
export function* heldSteps(
  table: WorthTable,
  plan: Plan,
  { box: whole, judging }: PlanWorld,
): Generator<TableStep, WorthTable> {
  const box = boxFor(whole, plan)
  const extra = box.lures.filter(({ id }) => plan.pinned.includes(id) && !table.lures.some((lure) => lure.id === id))
  const lures = [...table.lures, ...extra]
  const held = lures.flatMap((lure, i) => (plan.pinned.includes(lure.id) ? [{ lure, i }] : []))
  if (held.length === 0) return table
  const tastes = drawTastes(table.tasteCount, 1)
  const waters = new Map(table.waters)
  const wider: WorthTable = {
    ...table,
    lures,
    waters,
    tastes: (i) => {
      const more = extra[i - table.lures.length]
      return more ? tasteFactors(more, tastes) : table.tastes(i)
    },
  }
  let done = 0
  for (const [key, water] of table.waters) {
    const missing = held.filter(({ i }) => !water.chances.has(i))
    if (missing.length > 0) {
      const context = createMatchContext(water.c, water.place, box, { ...judging, against: 1 })
      const rows = missing.flatMap(({ lure, i }) => {
        const row = lureInWater(lure, box, context)
        return row ? [[i, chancesOn(row, table.outfits)] as const] : []
      })
      waters.set(key, { ...water, chances: new Map([...water.chances, ...rows]) })
    }
    done += 1
    yield { done, of: table.waters.size, table: wider }
  }
  return wider
}

/** The problem of what to carry on given outfits, and which lure of the table each of its rows is. */
export interface TableProblem {
  readonly problem: KitProblem
  readonly lures: readonly number[]
}

/** Scenarios: every ranked water with every taste, by how likely each is over all hours. */
export function problemOf(
  table: WorthTable,
  outfits: readonly number[],
  { limits, pinned }: Pick<Plan, 'limits' | 'pinned'>,
): TableProblem {
  const tastes = table.tasteCount
  const shares = new Map<string, Float64Array>()
  let all = 0
  for (const { waters } of table.hours)
    for (const { key, weight, water } of waters) {
      const share = shares.get(key) ?? new Float64Array(tastes)
      table.believed(water.id).forEach((taste, t) => {
        share[t] = (share[t] ?? 0) + weight * taste
        all += weight * taste
      })
      shares.set(key, share)
    }
  const keys = [...shares.keys()]
  const there = new Set<number>()
  for (const key of keys) for (const lure of table.waters.get(key)?.chances.keys() ?? []) there.add(lure)
  const lures = [...there].sort((a, b) => a - b)
  const weights = new Float64Array(keys.length * tastes)
  keys.forEach((key, k) => weights.set(shares.get(key)?.map((share) => share / all) ?? [], k * tastes))
  const worth = lures.map((lure) => {
    const row = new Float64Array(keys.length * tastes)
    const factors = table.tastes(lure)
    keys.forEach((key, k) => {
      const chance = bestOn(table, key, lure, outfits)
      if (chance > 0) for (let t = 0; t < tastes; t++) row[k * tastes + t] = Math.min(1, chance * (factors[t] ?? 1))
    })
    return row
  })
  const must = lures.flatMap((lure, row) => (pinned.includes(table.lures[lure]?.id ?? '') ? [row] : []))
  return {
    lures,
    problem: {
      worth,
      weights,
      massKg: Float64Array.from(lures, (lure) => kgOf(table, lure)),
      most: limits.lures,
      mostKg: limits.luresKg ?? Infinity,
      must,
    },
  }
}

/** The table with some of its lures only. */
export function onlyLures(table: WorthTable, kept: ReadonlySet<number>): WorthTable {
  const waters = [...table.waters].map(([key, water]) => {
    const chances = new Map([...water.chances].filter(([lure]) => kept.has(lure)))
    return [key, { ...water, chances }] as const
  })
  return { ...table, waters: new Map(waters) }
}

const kgOf = ({ lures }: WorthTable, lure: number) => {
  const of = lures[lure]
  return of ? lureMass(of).kg : 0
}

/** Chance of a lure in a water on the best of some outfits; 0 where none carries it. */
export function bestOn({ waters }: WorthTable, key: string, lure: number, outfits: readonly number[]): number {
  const chances = waters.get(key)?.chances.get(lure)
  if (!chances) return 0
  let best = 0
  for (const outfit of outfits) best = Math.max(best, chances[outfit] ?? 0)
  return best
}
