import { itemAt } from '../list'
import { LEAD_STRIP, SUSPENDS_MPS } from '../../data/bench'
import { METAL_KG_M3, sinkRateMps, weightInWaterN } from '../motion'
import { GRAVITY_MPS2 } from '../constants'
import { HUNG, WIRES, HookSize, hookGapM, hooksMassKg, type HungHooks, type Leader, type Lure } from '../tackle'
import { waterDensity } from '../water'
import { carriedDifferenceN, restSpeedIn, restWeightN, type Carrying, type Rest } from './fit-rest'

/** What makes a plug hang in a water. */
export interface Suspend {
  /** Speed now, m/s, down positive. */
  readonly nowMps: number
  readonly state: 'floats' | 'suspends' | 'sinks'
  /** Lead to add, kg; negative: to take off. */
  readonly leadKg: number
  /** Length of strip of the usual width and thickness, m. */
  readonly stripM: number
  /** How far off the lead may be before it drifts faster than 2 cm/s, kg. */
  readonly toleranceKg: number
}

/** Lead, kg, that weighs so much in water, N. */
const leadForN = (submergedWeightN: number, density: number) =>
  submergedWeightN / (GRAVITY_MPS2 * (1 - density / METAL_KG_M3.lead))

/** Speed of a plug at a weight in water, m/s, down positive. */
const hangingMps = (rest: Rest, submergedWeightN: number, density: number) =>
  sinkRateMps({ submergedWeightN, sinkDragAreaM2: Math.exp(itemAt(rest.parameters, 1)) }, density)

/** Length of lead strip of a mass, m. */
export const stripM = (leadKg: number) => leadKg / (METAL_KG_M3.lead * LEAD_STRIP.widthM * LEAD_STRIP.thickM)

export function stateOf(speedMps: number): Suspend['state'] {
  if (Math.abs(speedMps) < SUSPENDS_MPS) return 'suspends'
  return speedMps < 0 ? 'floats' : 'sinks'
}

/** Grams and millimetres of lead that make a plug hang in a water. */
export function suspend(rest: Rest, water: Carrying): Suspend {
  const density = waterDensity(water.tempC, water.salinity)
  const nowMps = restSpeedIn(rest, water)
  const leadKg = leadForN(-restWeightN(rest, water), density)
  const dragM2 = Math.exp(itemAt(rest.parameters, 1))
  return {
    nowMps,
    state: stateOf(nowMps),
    leadKg,
    stripM: stripM(leadKg),
    toleranceKg: leadForN(0.5 * density * dragM2 * SUSPENDS_MPS ** 2, density),
  }
}

/** The plug with lead on it, kg, as it hangs: how fast it rises or sinks in any water, m/s. */
export function restSpeedWith(rest: Rest, leadKg: number, water: Carrying): number {
  const density = waterDensity(water.tempC, water.salinity)
  const weight = restWeightN(rest, water) + weightInWaterN(leadKg, METAL_KG_M3.lead, density)
  return hangingMps(rest, weight, density)
}

export interface HookChoice {
  readonly hooks: HungHooks
  readonly addedKg: number
  readonly speedMps: number
}

/** Gaps this far from the present one still hang clear of each other and of the body, as shares. */
const GAP_NEAR = [0.75, 1.35] as const

/** Hook sets of the same number that bring the plug nearest to hanging, best first. Steel displaces water as well. */
export function hooksToSuspend(lure: Lure, rest: Rest, water: Carrying, most = 3): HookChoice[] {
  const now = lure.hooks
  if (!now) return []
  const density = waterDensity(water.tempC, water.salinity)
  const gap = hookGapM(now.size)
  const choices = HUNG.filter((style) => style !== 'moulded' && style !== 'assist').flatMap((style) =>
    HookSize.options
      .filter((size) => hookGapM(size) >= GAP_NEAR[0] * gap && hookGapM(size) <= GAP_NEAR[1] * gap)
      .flatMap((size) => WIRES.map((wire): HungHooks => ({ style, size, wire, count: now.count }))),
  )
  return choices
    .map((hooks) => {
      const addedKg = hooksMassKg(hooks) - hooksMassKg(now)
      const weight = restWeightN(rest, water) + weightInWaterN(addedKg, METAL_KG_M3.steel, density)
      return { hooks, addedKg, speedMps: hangingMps(rest, weight, density) }
    })
    .sort((a, b) => Math.abs(a.speedMps) - Math.abs(b.speedMps))
    .slice(0, most)
}

/** Density of leader materials, kg/m³: PVDF, nylon 6, steel; handbook values, from memory. */
const LEADER_DENSITY = { fluoro: 1780, mono: 1140, wire: METAL_KG_M3.steel } as const
/** Half of a leader hangs on the lure, half on the line. */
const HANGS_ON_LURE = 0.5

/** Leaders at hand and how the plug hangs on each. */
export function leadersToSuspend(leaders: readonly Leader[], rest: Rest, water: Carrying) {
  const density = waterDensity(water.tempC, water.salinity)
  return leaders
    .map((leader) => {
      const own = LEADER_DENSITY[leader.material]
      const volume = (Math.PI / 4) * leader.diameterM ** 2 * leader.lengthM * HANGS_ON_LURE
      const weight = restWeightN(rest, water) + volume * (own - density) * GRAVITY_MPS2
      return { leader, speedMps: hangingMps(rest, weight, density) }
    })
    .sort((a, b) => Math.abs(a.speedMps) - Math.abs(b.speedMps))
}

/** What a change of water does, apart: the water's own density, and with the shell shrinking or swelling too. */
export function inOtherWater(rest: Rest, leadKg: number, from: Carrying, to: Carrying) {
  const density = waterDensity(to.tempC, to.salinity)
  const here = restWeightN(rest, from)
  const leadN = weightInWaterN(leadKg, METAL_KG_M3.lead, density)
  const speed = (weight: number) => hangingMps(rest, weight + leadN, density)
  return {
    waterAloneMps: speed(here + carriedDifferenceN(rest.massKg, here, from, to, 0)),
    withShellMps: speed(here + carriedDifferenceN(rest.massKg, here, from, to)),
  }
}
