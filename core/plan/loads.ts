import { LOADS_KG } from '../../data/plan'
import { isHollow, withFiller } from '../bench'
import type { Box } from '../box'
import { bestOf, createMatchContext } from '../match'
import type { Lure } from '../tackle'
import { slotsOf, waterOf } from './day'
import type { Load, Plan, Planned } from './plan'
import { waterKey } from './worth'
import type { PlanWorld } from './table'

/**
 * How much filler a hollow plug wants in each hour that it hangs on a rod: of some fillings the one with which the match gives it most in the water of that hour, tide and all; of equals
 * the lighter. Hours that want the same are one.
 */
export function loadsOf(plan: Plan, planned: Planned, { box, places, judging }: PlanWorld): Load[] {
  const hollow = planned.lures.flatMap(({ lureId }) => box.lures.find(({ id }) => id === lureId) ?? []).filter(isHollow)
  const known = new Map<string, number | null>()
  const loads: Load[] = []
  for (const slot of slotsOf(plan.legs, places))
    for (const lure of hollow) {
      const on = onOutfit(box, planned, lure, slot.leg.id, slot.fromH)
      if (!on) continue
      const context = createMatchContext(waterOf(slot), slot.place, on, { ...judging, against: 1 })
      const key = `${lure.id} ${on.rods[0]?.id} ${waterKey(context)}`
      if (!known.has(key))
        known.set(
          key,
          bestFilling(lure, (filled) => bestOf(filled, on, context)?.score ?? 0),
        )
      const kg = known.get(key)
      if (kg === null || kg === undefined) continue
      const hours = { legId: slot.leg.id, fromH: slot.fromH, toH: slot.toH }
      const last = loads.findLast((load) => load.lureId === lure.id)
      if (last && last.legId === hours.legId && last.toH === hours.fromH && last.kg === kg)
        loads[loads.lastIndexOf(last)] = { ...last, toH: hours.toH }
      else loads.push({ lureId: lure.id, kg, ...hours })
    }
  return loads
}

/** Of the fillings, and the one it has, that with which it is worth most; null where it is worth nothing with any. */
function bestFilling(lure: Lure, worth: (filled: Lure) => number): number | null {
  const tried = LOADS_KG.map((kg) => ({ kg, worth: worth(withFiller(lure, kg)) }))
  const most = Math.max(...tried.map((one) => one.worth))
  return most > 0 ? (tried.find((one) => one.worth >= ALIKE * most)?.kg ?? null) : null
}
/** This share of the best chance is as good as the best. */
const ALIKE = 0.97

/** The box with only the rod and reel on which a lure hangs in an hour; null where it hangs on none. */
function onOutfit(box: Box, { blocks, carried, rods }: Planned, lure: Lure, legId: string, hour: number): Box | null {
  const ids = new Set(carried.flatMap((one) => (one.lureId === lure.id ? [one.id] : [])))
  const there = blocks.find((b) => b.legId === legId && b.fromH <= hour && hour < b.toH)
  const rodId =
    there && (ids.has(there.carriedId) ? there.rodId : there.beside.find((b) => ids.has(b.carriedId))?.rodId)
  const reelId = rods.find((one) => one.rodId === rodId)?.reelId
  return rodId && reelId
    ? {
        ...box,
        rods: box.rods.filter(({ id }) => id === rodId),
        reels: box.reels.filter(({ id }) => id === reelId),
      }
    : null
}
