import { epochOf, stationFor, tideAt, type Conditions, type Place } from '../water'
import type { AddedScenario, Leg, Plan } from './plan'
import { asVariant, drawVariants, usualSpread, type Spread, type Variant } from './spread'

/** The days of a plan as hours, and the waters that each hour may bring. */

/** One hour of fishing; less than a whole one where the way took the rest. */
export interface Slot {
  readonly leg: Leg
  readonly place: Place
  readonly fromH: number
  readonly toH: number
}

/** What a plan needs to know of its places. */
type Places = readonly Place[]

/** The hours that can be fished: a leg begins when one has come there from the one before. */
export function slotsOf(legs: readonly Leg[], places: Places): Slot[] {
  let free = -Infinity
  let day = ''
  return legs.flatMap((leg) => {
    const place = places.find(({ id }) => id === leg.water.placeId)
    if (!place) return []
    const from = leg.water.date === day ? Math.max(leg.fromH, free + leg.travelMin / 60) : leg.fromH
    free = leg.toH
    day = leg.water.date
    const hours = Array.from({ length: leg.toH - leg.fromH }, (_, i) => leg.fromH + i)
    return hours
      .filter((h) => h + 1 > from + 1e-9)
      .map((h): Slot => ({ leg, place, fromH: Math.max(h, from), toH: h + 1 }))
  })
}

/** Water of a leg at the middle of an hour, as it is thought to be: the forecast and the tide of that hour in it. */
export function waterOf({ leg, place, fromH, toH }: Slot): Conditions {
  const hour = (fromH + toH) / 2
  const told = leg.forecast.reduce<Leg['forecast'][number] | null>(
    (best, one) => (best && Math.abs(best.hour - hour) <= Math.abs(one.hour - hour) ? best : one),
    null,
  )
  const { hour: _, ...said } = told ?? { hour }
  const station = stationFor(place)
  const tide = station && tideAt(station, epochOf(place, leg.water.date, hour))
  return {
    ...leg.water,
    hour,
    lightAs: null,
    ...(tide && { tide: tide.tide, tideRangeM: Math.min(16, tide.rangeM) }),
    ...said,
  }
}

/** The spread of a leg: as usual in its water, but for what the angler weighed. */
export function spreadOf({ water, alternatives }: Pick<Leg, 'water' | 'alternatives'>, own: Plan['spread']): Spread {
  const usual = usualSpread(water, alternatives)
  const weighed = Object.entries(own).filter(([, levels]) => levels && Object.values(levels).some((w) => w > 0))
  return {
    ...usual,
    ...Object.fromEntries(weighed.map(([factor, levels]) => [factor, levels])),
    // Fish, and what an unseen water could be, are the leg’s own: a weight set for another leg’s has no say here.
    fish: ofTheLeg(usual.fish, own.fish),
    water: ofTheLeg(usual.water, own.water),
  }
}

function ofTheLeg(usual: Spread['fish'], own: Plan['spread']['fish']): Spread['fish'] {
  const said = Object.keys(usual).map((id) => [id, own?.[id] ?? usual[id] ?? 0] as const)
  return said.some(([, weight]) => weight > 0) ? Object.fromEntries(said) : usual
}

/** One way the water may be, through all hours of a leg. */
export interface DayWater {
  readonly id: string
  readonly weight: number
  readonly variant: Variant
  readonly added: AddedScenario | null
}

/** The ways a leg's water may be: those drawn from its spread, and the angler's own beside them. Their weights add up to 1. */
export function watersOf(leg: Leg, { spread, added }: Pick<Plan, 'spread' | 'added'>, count: number): DayWater[] {
  const drawn = drawVariants(spreadOf(leg, spread), count, 1)
  const [first] = drawn
  const own = added.filter(({ weight }) => weight > 0)
  const ofOwn = own.reduce((sum, { weight }) => sum + weight, 0)
  const scale = ofOwn > 1 ? 1 / ofOwn : 1
  const rest = Math.max(0, 1 - ofOwn)
  return [
    ...drawn.map((variant, i) => ({ id: String(i), weight: rest * variant.weight, variant, added: null })),
    ...(first ? own.map((one) => ({ id: one.id, weight: scale * one.weight, variant: first, added: one })) : []),
  ].filter(({ weight }) => weight > 0)
}

/** An hour as one of the waters has it. */
export function waterIn(slot: Slot, { variant, added }: DayWater): Conditions {
  const known = slot.leg.alternatives.find(({ id }) => id === variant.levels.water)
  const { id: _id, weight: _weight, ...other } = known ?? { id: '', weight: 0 }
  const told = { ...waterOf(slot), ...other }
  if (!added) return asVariant(told, slot.place, variant)
  const { id: _, name: __, weight: ___, ...change } = added
  return asVariant({ ...told, ...change }, slot.place, variant)
}
