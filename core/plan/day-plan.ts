import { blocksOf, heldHours, inHandBy, type Course, type InHand } from './blocks'
import { accountOfKit, coverOf, type ChosenKit } from './choose'
import { KitOnRods, unit, type SayRig } from './kit-on-rods'
import { partsOf } from './outfit-sets'
import type { Plan, Planned } from './plan'
import type { Proof } from './prove'
import type { PlanWorld, WorthTable } from './table'
import { reTiesOf, tiedThrough, worthInHour } from './timeline'

/** The day laid out: what hangs on which rod when, how it is worked, when to lay it down, and what then. */

/** Lures that a lock speaks of come along. */
export const withLocked = (plan: Plan): Plan => ({
  ...plan,
  pinned: [...new Set([...plan.pinned, ...plan.locks.map(({ lureId }) => lureId)])],
})

/** A chosen kit on its way through the day. */
function courseOf(table: WorthTable, { outfits, on, kit }: ChosenKit, { locks }: Plan): Course {
  const lures = kit.lures.map((row) => on.lures[row] ?? -1)
  const rodIds = outfits.map((outfit) => partsOf(table.outfits[outfit] ?? '').rodId)
  const lureIds = lures.map((lure) => table.lures[lure]?.id ?? '')
  const held = heldHours(locks, table.hours, lureIds, rodIds)
  return { table, outfits, lures, rodIds, held, tied: tiedThrough(table, outfits, lures, held) }
}

/** What each hour is worth with the kit, and with the whole box. */
const hoursOf = ({ table, outfits, lures }: Course, inHand: readonly (InHand | null)[]): Planned['hours'] =>
  table.hours.map((hour, h) => {
    const { each, all: kitWorth } = worthInHour(table, hour, outfits, lures)
    const { leg, fromH, toH } = hour.slot
    return {
      legId: leg.id,
      fromH,
      toH,
      whole: unit(inHand[h]?.whole ?? kitWorth),
      kit: unit(kitWorth),
      each: each.map(unit),
    }
  })

/** Lays the day out with a chosen kit. */
export function layOut(
  plan: Plan,
  world: PlanWorld,
  table: WorthTable,
  chosen: ChosenKit,
  { bound, by }: Proof,
  sayRig: SayRig,
  at: string,
): Planned {
  const course = courseOf(table, chosen, plan)
  const kit = new KitOnRods(table, plan, world, course.outfits, course.lures, sayRig)
  const inHand = inHandBy(course)
  const blocks = blocksOf(inHand, course, kit)
  kit.takeTheRest()
  const { carried, tied } = kit
  const account = accountOfKit(table, chosen)
  const named = (lure: number) => ({ lureId: table.lures[lure]?.id ?? '', name: table.lures[lure]?.name ?? '' })
  return {
    lures: account.items.map(({ lure, adds, without }) => ({
      ...named(lure),
      adds: unit(adds),
      without: unit(without),
    })),
    more: account.next.map(({ lure, adds }) => ({ ...named(lure), adds: unit(adds), without: 0 })),
    home: account.home,
    rods: course.outfits.map((outfit) => {
      const { rodId, reelId } = partsOf(table.outfits[outfit] ?? '')
      return { rodId, reelId, lineIds: [...new Set(tied.filter((t) => t.rodId === rodId).map((t) => t.lineId))] }
    }),
    carried,
    tied,
    blocks,
    hours: hoursOf(course, inHand),
    covered: coverOf(table, chosen),
    loads: [],
    value: unit(chosen.kit.value),
    whole: unit(chosen.whole),
    bound: unit(Math.max(bound, chosen.kit.value)),
    by,
    luresKg: account.kg,
    reTies: reTiesOf(course.tied),
    waters: table.waters.size,
    at,
  }
}
