import type { Box } from '../box'
import { bestOf, createMatchContext, type MatchContext, type Ranked, type SetUp } from '../match'
import { carry, wayId, type Carried } from '../outing'
import { partsOf } from './outfit-sets'
import type { Plan, Planned } from './plan'
import { boxFor, type Hour, type PlanWorld, type WorthTable } from './table'
import { worthInHour } from './timeline'

/** From hook to rod in words; the words stand elsewhere. */
export type SayRig = (setUp: SetUp) => string

interface SetUpThere {
  readonly ranked: Ranked
  readonly context: MatchContext
}

/** Best set-up of a lure on one rod and reel in the likeliest water of an hour in which it is fished so; null where it is in none. */
function worker(table: WorthTable, plan: Plan, { box: whole, judging }: PlanWorld) {
  const box = boxFor(whole, plan)
  const known = new Map<string, SetUpThere | null>()
  const onOutfit = (outfit: string): Box => {
    const { rodId, reelId } = partsOf(outfit)
    return {
      ...box,
      rods: box.rods.filter(({ id }) => id === rodId),
      reels: box.reels.filter(({ id }) => id === reelId),
    }
  }
  return (hour: Hour, lureIndex: number, outfitIndex: number): SetUpThere | null => {
    const lure = table.lures[lureIndex]
    const outfit = table.outfits[outfitIndex]
    if (!lure || !outfit) return null
    const likeliest = [...hour.waters].sort((a, b) => b.weight - a.weight)
    for (const { key } of likeliest) {
      const water = table.waters.get(key)
      if (!water || (water.chances.get(lureIndex)?.[outfitIndex] ?? 0) === 0) continue
      const name = `${key}\n${lure.id}\n${outfit}`
      let found = known.get(name)
      if (found === undefined) {
        const on = onOutfit(outfit)
        const context = createMatchContext(water.c, water.place, on, { ...judging, against: 1 })
        const ranked = bestOf(lure, on, context)
        found = ranked && { ranked, context }
        known.set(name, found)
      }
      if (found) return found
    }
    return null
  }
}

/** A lure on an outfit as it goes on the water, and one of its ways. */
export interface Taken {
  readonly carriedId: string
  readonly wayId: string
}

interface Rigged {
  readonly carried: Carried
  readonly setUp: SetUp
  /** Its outfit, by its place among those that come along. */
  readonly outfit: number
  snag: number
}

/** Lures of a kit on the outfits of a day: each is rigged when an hour first asks for it. */
export class KitOnRods {
  private readonly rigged = new Map<string, Rigged>()
  private readonly workedOn: ReturnType<typeof worker>

  /**
   * @param outfits outfits that come along, by their places in the table
   * @param lures lures of the kit, by their places in the table
   */
  constructor(
    private readonly table: WorthTable,
    plan: Plan,
    world: PlanWorld,
    private readonly outfits: readonly number[],
    private readonly lures: readonly number[],
    private readonly sayRig: SayRig,
  ) {
    this.workedOn = worker(table, plan, world)
  }

  /** A lure of the kit on an outfit, as it is worked in an hour; null where it is not. */
  take(hour: Hour, lure: number, at: number): Taken | null {
    const worked = this.workedOn(hour, this.lures[lure] ?? -1, this.outfits[at] ?? -1)
    if (!worked) return null
    const { setUp, thrown } = worked.ranked
    const one = this.rig(`${lure} ${at}`, at, setUp, worked.context)
    one.snag = Math.max(one.snag, thrown.risk)
    const { ways } = one.carried
    const way =
      ways.find(({ id }) => id === wayId(setUp.handling)) ??
      ways.find(({ techniqueId }) => techniqueId === setUp.handling.technique.id) ??
      ways[0]
    return way ? { carriedId: one.carried.id, wayId: way.id } : null
  }

  private rig(key: string, outfit: number, setUp: SetUp, context: MatchContext): Rigged {
    const before = this.rigged.get(key)
    if (before) return before
    const carried = carry(setUp, context, `rig-${this.rigged.size + 1}`, this.sayRig(setUp))
    const made: Rigged = { carried, setUp, outfit, snag: 0 }
    this.rigged.set(key, made)
    return made
  }

  /** What no hour has asked for comes along all the same, on the rod and for the hour it is best at. */
  takeTheRest(): void {
    const { table, outfits } = this
    this.lures.forEach((lure, i) => {
      if ([...this.rigged.keys()].some((key) => key.startsWith(`${i} `))) return
      const best = table.hours.reduce<{ readonly hour: Hour; readonly worth: number } | null>((most, hour) => {
        const worth = worthInHour(table, hour, outfits, [lure]).each[0] ?? 0
        return worth > (most?.worth ?? 0) ? { hour, worth } : most
      }, null)
      if (best) this.take(best.hour, i, bestOutfit(table, best.hour, outfits, lure))
    })
  }

  get carried(): Carried[] {
    return [...this.rigged.values()].map((one) => one.carried)
  }

  /** What hangs on which rod, reel and line. */
  get tied(): Planned['tied'] {
    return [...this.rigged.values()].map(({ carried: { id }, setUp, outfit, snag }) => {
      const { rodId, reelId } = partsOf(this.table.outfits[this.outfits[outfit] ?? -1] ?? '')
      return { carriedId: id, rodId, reelId, lineId: setUp.outfit.line.id, partIds: partIdsOf(setUp), snag: unit(snag) }
    })
  }
}

/** A chance, whatever rounding made of it. */
export const unit = (v: number): number => Math.min(1, Math.max(0, v))

/** Of the outfits that come along the one on which a lure is worth most in an hour, by its place among them; −1 where none carries it. */
export function bestOutfit(table: WorthTable, hour: Hour, outfits: readonly number[], lure: number): number {
  const worth = outfits.map((outfit) => worthInHour(table, hour, [outfit], [lure]).each[0] ?? 0)
  const best = worth.reduce((most, v, i) => (v > (worth[most] ?? 0) + 1e-12 ? i : most), 0)
  return (worth[best] ?? 0) > 0 ? best : -1
}

/** Parts of a rig beside its lure: what is counted out of the drawers. */
function partIdsOf({ build: { mount, trailer, clip, anchor }, leader }: SetUp): string[] {
  const ids = [
    mount.kind === 'head' ? mount.head.id : null,
    'hook' in mount ? mount.hook.id : null,
    'sinker' in mount ? (mount.sinker?.id ?? null) : null,
    trailer?.id ?? null,
    clip?.id ?? null,
    anchor?.id ?? null,
    leader?.id ?? null,
  ]
  return ids.filter((one): one is string => one !== null)
}
