import { bestOf, createMatchContext, rank, rulesFor, USUAL_PRACTICE } from '../match'
import { carry, spotsOf, usualFeature, type Carried, type Outing } from '../outing'
import { chooseKit, layOut, proveKit, tableSteps, Plan } from '../plan'
import { speciesOf, type Conditions } from '../water'
import { fishDay, type DayOf } from './fished-day'
import { WORLD } from './world'

/** Kits of as many lures, chosen in three ways, fished with the adviser on the simulated lake: same days, same fish. */

const KIT_SIZE = 6
const JUDGING = { sides: USUAL_PRACTICE.sides, rules: rulesFor(USUAL_PRACTICE) }
const DAY_H = [6, 12] as const

export type KitBy = 'plan' | 'noon' | 'families'

interface KitDays {
  readonly days: Readonly<Record<KitBy, DayOf>>
}

/** The day at a water, with the kit of each way. What fish may want is drawn from the first of the match through the day, whatever is carried. */
export function kitDaysAt(placeId: string): KitDays {
  const place = WORLD.places.find((p) => p.id === placeId)
  const water = WORLD.waters.find((w) => w.placeId === placeId)
  if (!place || !water) throw new Error(`${placeId} is not in the demo`)
  const noon = { ...water, hour: 12 } as Conditions
  const context = createMatchContext(noon, place, WORLD.box, JUDGING)
  const all = rank(WORLD.box, context, 24, 'lure')
  const carriedOf = (ids: readonly string[]): Carried[] =>
    ids.flatMap((id, i) => {
      const lure = WORLD.box.lures.find((l) => l.id === id)
      const best = lure && bestOf(lure, WORLD.box, context)
      return best ? [carry(best.setUp, context, `rig-${i + 1}`, best.setUp.build.lure.name)] : []
    })
  const byRank = all.map(({ setUp }) => setUp.build.lure)
  // One of each family, the best of it, families as they come in the list.
  const families = [...new Map(byRank.map((lure) => [lure.family, lure.id])).keys()]
  const firstOf = families.map((family) => byRank.find((lure) => lure.family === family)?.id ?? '')
  const plan = Plan.parse({
    id: 'plan',
    name: 'plan',
    legs: [{ id: 'leg', water: { ...water, zone: null }, fromH: DAY_H[0], toH: DAY_H[1] }],
    limits: { lures: KIT_SIZE, rods: 6 },
  })
  const world = { box: WORLD.box, places: WORLD.places, judging: JUDGING }
  const steps = tableSteps(plan, world)
  let step = steps.next()
  while (!step.done) step = steps.next()
  const chosen = chooseKit(step.value, plan)
  const planned = layOut(
    plan,
    world,
    step.value,
    chosen,
    proveKit(step.value, plan, chosen),
    () => '',
    '2026-06-11T20:00:00+00:00',
  )
  // The match's first stands first in each kit; ways are those of noon for all of them.
  const kits: Record<KitBy, Carried[]> = {
    plan: carriedOf(planned.lures.map(({ lureId }) => lureId)),
    noon: carriedOf(byRank.slice(0, KIT_SIZE).map(({ id }) => id)),
    families: carriedOf(firstOf.slice(0, KIT_SIZE)),
  }
  const feature = usualFeature(water)
  const spots = [...spotsOf(1, feature.id), ...spotsOf(2, feature.id).slice(0, 2)]
  const wanted = carriedOf(byRank.map(({ id }) => id))
  const day = (carried: readonly Carried[]): DayOf => {
    const outing: Outing = {
      id: 'day',
      placeName: place.name,
      water,
      startedAt: '2026-06-12T06:00:00+00:00',
      effortBy: 'clock',
      carried: [...carried],
      entries: [],
      note: '',
    }
    return { carried, spots, outing, schooling: speciesOf(water.speciesId)?.isSchooling ?? false, wanted }
  }
  return { days: { plan: day(kits.plan), noon: day(kits.noon), families: day(kits.families) } }
}

export const takesWith = (kits: readonly KitDays[], by: KitBy, seeds: readonly number[]): number[] =>
  seeds.map((seed) => {
    const kit = kits[seed % kits.length]
    if (!kit) throw new Error('no water')
    return fishDay(seed, 'advised', kit.days[by]).takes
  })
