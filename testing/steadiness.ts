import { seededRandom } from '../core/random'
import { createMatchContext, rank } from '../core/match'
import { kinKeyOf } from '../core/tackle'
import { SKIES, SPECIES, type Conditions, type Species } from '../core/water'
import { PLACE, WORLD, water } from './world'

/** How steady an answer is: random waters, each a little warmer, murkier, deeper, windier. */

const COVERS = ['open', 'rock', 'grass', 'timber', 'docks', 'brush', 'pads'] as const
const MOODS = ['active', 'neutral', 'lethargic', 'pressured'] as const

/** A place on which a species is at home. */
const placeOf = ({ waters }: Species) => ({
  ...PLACE,
  salinity: waters.includes('fresh') ? 0 : waters.includes('brackish') ? 8 : 34,
})

/** Waters drawn evenly over what the fish stands: any temperature at which it feeds at all, any clarity, depth, cover, mood and hour of light. */
export function someWaters(count: number, seed: number): { c: Conditions; place: typeof PLACE }[] {
  const random = seededRandom(seed)
  const between = (low: number, high: number) => low + (high - low) * random.next()
  return Array.from({ length: count }, () => {
    const species = random.pick(SPECIES)
    const [coldest, , , hottest] = species.feedingRangeC
    const depthM = Math.exp(between(Math.log(1.2), Math.log(15)))
    const kind = species.waters.includes('fresh')
      ? random.pick(COVERS)
      : random.pick(['open', 'rock', 'grass'] as const)
    const density = kind === 'open' ? 0 : between(0.1, 0.9)
    const small = species.strength === 'panfish' || species.strength === 'light'
    const c = water({
      speciesId: species.id,
      waterTempC: between(Math.max(1, coldest + 1), hottest - 1),
      visibilityM: Math.exp(between(Math.log(0.4), Math.log(8))),
      depthM,
      cover: { kind, topM: kind === 'open' ? depthM : depthM * between(0.2, 0.7), density },
      forage: { kind: 'roach', lengthM: between(0.04, small ? 0.07 : 0.15) },
      windMps: between(0, 8),
      sky: random.pick(SKIES),
      mood: random.pick(MOODS),
      hour: Math.round(between(6, 20)),
      date: `2026-${String(1 + Math.floor(between(0, 12))).padStart(2, '0')}-12`,
    })
    return { c, place: placeOf(species) }
  })
}

/** One step of the wind as it is told: light, fresh, strong. */
const WIND_STEP_MPS = 1.5
const deeper = (c: Conditions, by: number): Partial<Conditions> => ({
  depthM: c.depthM * by,
  cover: { ...c.cover, topM: c.cover.topM * by },
})
/** Less than anyone reads off the water. */
const NUDGES: Readonly<Record<string, (c: Conditions) => Partial<Conditions>>> = {
  warmer: (c) => ({ waterTempC: c.waterTempC + 1 }),
  colder: (c) => ({ waterTempC: c.waterTempC - 1 }),
  clearer: (c) => ({ visibilityM: c.visibilityM * 1.2 }),
  murkier: (c) => ({ visibilityM: c.visibilityM * 0.8 }),
  deeper: (c) => deeper(c, 1.1),
  shallower: (c) => deeper(c, 0.9),
  windier: (c) => ({ windMps: c.windMps + WIND_STEP_MPS }),
  calmer: (c) => ({ windMps: Math.max(0, c.windMps - WIND_STEP_MPS) }),
}

const firstModels = ({ c, place }: { c: Conditions; place: typeof PLACE }, limit: number) =>
  rank(WORLD.box, createMatchContext(c, place, WORLD.box, { sides: {}, against: 1 }), limit)

/** A nudge after which the first model is no longer among the first three, and how far behind them it is, as a share of their third. */
export interface Unsteady {
  readonly water: Conditions
  readonly nudge: string
  readonly was: string
  readonly share: number
}

/** Looks at every nudge of some waters. Waters that give nothing to anything of the box are not counted. */
export function steadiness(waters: ReturnType<typeof someWaters>): { tried: number; unsteady: Unsteady[] } {
  const unsteady: Unsteady[] = []
  let tried = 0
  for (const one of waters) {
    const [first] = firstModels(one, 12)
    if (!first) continue
    const { lure } = first.setUp.build
    for (const [nudge, by] of Object.entries(NUDGES)) {
      tried += 1
      const rows = firstModels({ ...one, c: { ...one.c, ...by(one.c) } }, 12)
      const at = rows.findIndex(({ setUp }) => kinKeyOf(setUp.build.lure) === kinKeyOf(lure))
      if (at >= 0 && at < 3) continue
      const share = (rows[at]?.chance ?? 0) / (rows[2]?.chance ?? 1)
      unsteady.push({ water: one.c, nudge, was: `${lure.name}, ${first.setUp.handling.technique.id}`, share })
    }
  }
  return { tried, unsteady }
}
