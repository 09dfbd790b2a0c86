import { LINE_DENSITY } from '../../data/tackle-limits'
import {
  sinkRateMps,
  sinkDepthM,
  sinkTimeS,
  trollingDepth,
  METAL_KG_M3,
  motionOf,
  weightInWaterN,
  type BuildMotion,
  type Fluid,
} from '../motion'
import { GRAVITY_MPS2 } from '../constants'
import {
  alter,
  BLADE_SHAPES,
  cutBody,
  familyOf,
  lureAction,
  lureMass,
  swapBlade,
  trailerFits,
  type BladeShape,
  type Line,
  type Lure,
  type Trailer,
} from '../tackle'
import type { Box } from '../box'
import { waterDensity, waterFluid } from '../water'
import { motionFromProfile, testedMotion, type LureProfile } from './lure-profile'
import type { Carrying } from './fit-rest'
import { bisect } from '../bisect'

const bare = (lure: Lure) => ({ lure, mount: { kind: 'own' as const }, trailer: null, massKg: lureMass(lure).kg })
const tow = (line: Line) => ({ diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] })

/** How a sinking lure behaves at a weight. */
export interface Sinking {
  readonly massKg: number
  readonly fallMps: number
  /** Depth after three and five seconds, m. */
  readonly after3M: number
  readonly after5M: number
  /** Depth it holds, m, with a length of line out, at a pace through the water. */
  readonly holdsM: number
}

export interface Held {
  readonly line: Line
  /** Speed through the water: retrieve and current together, m/s. */
  readonly speedMps: number
  readonly lineOutM: number
  readonly rodTipM: number
}

function sinking(motion: BuildMotion, massKg: number, fluid: Fluid, { line, speedMps, lineOutM, rodTipM }: Held) {
  return {
    massKg,
    fallMps: sinkRateMps(motion, fluid.density),
    after3M: sinkDepthM(motion, fluid.density, line.diameterM, 3),
    after5M: sinkDepthM(motion, fluid.density, line.diameterM, 5),
    holdsM: trollingDepth(motion, fluid, tow(line), speedMps, lineOutM, rodTipM).depthM,
  }
}

/** Paces tried for holding a depth, m/s. */
const PACES = [0.05, 4] as const

/** Pace through the water at which a sinking lure holds a depth with that line out, m/s, by bisection; null where no pace does. */
function paceToHold(motion: BuildMotion, fluid: Fluid, held: Omit<Held, 'speedMps'>, depthM: number): number | null {
  const at = (v: number) => trollingDepth(motion, fluid, tow(held.line), v, held.lineOutM, held.rodTipM).depthM
  const [slow, fast] = PACES
  if (at(slow) < depthM || at(fast) > depthM) return null
  return bisect((mps) => at(mps) > depthM, slow, fast, { steps: 30 })
}

/** A hollow plug filled to each of some weights, kg; the filler lies inside and displaces nothing. */
export function filled(
  lure: Lure,
  known: LureProfile,
  water: Carrying,
  massesKg: readonly number[],
  held: Held,
  holdM?: number,
): (Sinking & { readonly fillerKg: number; readonly holdPaceMps: number | null; readonly countS: number | null })[] {
  const empty = lureMass(withFiller(lure, 0)).kg
  const fluid = waterFluid(water.tempC, water.salinity)
  const motion = motionFromProfile(bare(withFiller(lure, 0)), known, water)
  return massesKg
    .filter((massKg) => massKg >= empty)
    .map((massKg) => {
      const fillerKg = massKg - empty
      const loaded = { ...motion, submergedWeightN: motion.submergedWeightN + fillerKg * GRAVITY_MPS2 }
      const holdPaceMps = holdM === undefined ? null : paceToHold(loaded, fluid, held, holdM)
      const countS = holdM === undefined ? null : sinkTimeS(loaded, fluid.density, held.line.diameterM, holdM)
      return { fillerKg, holdPaceMps, countS, ...sinking(loaded, massKg, fluid, held) }
    })
}

/** A hollow plug with so much filler in it, kg. */
export const withFiller = (lure: Lure, loadKg: number): Lure =>
  ({ ...lure, traits: { ...lure.traits, loadKg } }) as Lure
export const isHollow = (lure: Lure) => 'loadKg' in lure.traits

export interface Bladed {
  readonly blade: BladeShape
  readonly size: number
  readonly vibration: number
  readonly flash: number
  /** Depth it runs at with that line out at that speed, m. */
  readonly holdsM: number
  /** Wound faster than this it comes up to the surface, m/s; Infinity where it never lifts. */
  readonly surfacesMps: number
  readonly massKg: number
}

/** Speed at which the lift of planes or blades carries all of a lure's weight: −tan φ₀ · ½ρ·C·A·V² = W′. */
function surfacesMps({ diveAngleTan, submergedWeightN, towDragAreaM2 }: BuildMotion, density: number): number {
  return diveAngleTan < 0 ? Math.sqrt(submergedWeightN / (-diveAngleTan * 0.5 * density * towDragAreaM2)) : Infinity
}

/** Every blade shape at sizes one number either side: lift, vibration, flash, weight. */
export function bladed(lure: Lure, known: LureProfile, water: Carrying, held: Held): Bladed[] {
  const traits = lure.traits as { blade?: BladeShape; bladeSize?: number; bladeFinish?: string; hammered?: boolean }
  const { blade: now, bladeSize } = traits
  if (now === undefined || bladeSize === undefined) return []
  const fluid = waterFluid(water.tempC, water.salinity)
  const sizes = [bladeSize - 1, bladeSize, bladeSize + 1].filter((n) => n >= 0 && n <= 8)
  return BLADE_SHAPES.flatMap((blade) =>
    sizes.map((size) => {
      const patch = swapBlade(lure, {
        blade,
        bladeSize: size,
        bladeFinish: traits.bladeFinish ?? 'silver',
        hammered: traits.hammered ?? false,
      })
      const swapped = alter(lure, { id: 'tried', date: '2000-01-01', kind: 'blade', note: '', patch })
      const { vibration, flash } = lureAction(swapped)
      const motion = motionFromProfile(bare(swapped), known, water)
      return {
        blade,
        size,
        vibration,
        flash,
        holdsM: trollingDepth(motion, fluid, tow(held.line), held.speedMps, held.lineOutM, held.rodTipM).depthM,
        surfacesMps: surfacesMps(motion, fluid.density),
        massKg: lureMass(swapped).kg,
      }
    }),
  )
}

/** A soft body cut to a length, kg and m/s on a head. */
export function cutTo(lure: Lure, known: LureProfile, water: Carrying, lengthsM: readonly number[], headKg: number) {
  const density = waterDensity(water.tempC, water.salinity)
  return lengthsM.map((lengthM) => {
    const patch = lengthM < lure.lengthM ? cutBody(lure, lengthM) : {}
    const cut = alter(lure, { id: 'tried', date: '2000-01-01', kind: 'cut', note: '', patch })
    const motion = onHead(cut, known, water, headKg, { shorter: lengthM / lure.lengthM })
    return { lengthM, massKg: lureMass(cut).kg, fallMps: sinkRateMps(motion, density) }
  })
}

/** A body with a lead head of a weight; a fitted area shrinks with the square of a cut, and a trailer adds its own. */
function onHead(
  lure: Lure,
  known: LureProfile,
  water: Carrying,
  headKg: number,
  { shorter = 1, trailer = null }: { shorter?: number; trailer?: Trailer | null } = {},
): BuildMotion {
  const density = waterDensity(water.tempC, water.salinity)
  const tested = testedMotion(known, water)
  const sinkDragAreaM2 = tested.sinkDragAreaM2 === null ? null : tested.sinkDragAreaM2 * shorter ** 2
  const motion = motionOf({ ...bare(lure), trailer }, density, { ...tested, sinkDragAreaM2 })
  return { ...motion, submergedWeightN: motion.submergedWeightN + weightInWaterN(headKg, METAL_KG_M3.lead, density) }
}

/** Trailers of the box on a bait: how each slows the fall, and what it does to the thump where that was tested. */
export function trailersOn(lure: Lure, known: LureProfile, box: Pick<Box, 'trailers'>, water: Carrying) {
  if (!familyOf(lure.family).takesTrailer) return []
  const density = waterDensity(water.tempC, water.salinity)
  const without = sinkRateMps(onHead(lure, known, water, 0), density)
  return box.trailers
    .filter((t) => trailerFits(t, lure.lengthM))
    .map((trailer) => ({
      trailer,
      fallMps: sinkRateMps(onHead(lure, known, water, 0, { trailer }), density),
      bareMps: without,
      damping: known.damping.get(trailer.id) ?? null,
    }))
}

const HEAVIEST_KG = 0.2

/**
 * Weight of lead, kg, that a body or jig needs on (or in place of) its head to fall at a wanted speed, by bisection; null where even 200 g do not do it.
 *
 * @param ownKg true: the jig's own mass is what changes; false: a head is hung on the body
 */
export function weightForFall(lure: Lure, known: LureProfile, water: Carrying, wantedMps: number): number | null {
  const density = waterDensity(water.tempC, water.salinity)
  const soft = familyOf(lure.family).body === 'soft'
  const own = lureMass(lure).kg
  const fallAt = (kg: number) => sinkRateMps(onHead(lure, known, water, soft ? kg : kg - own), density)
  if (fallAt(HEAVIEST_KG) < wantedMps) return null
  return bisect((kg) => fallAt(kg) < wantedMps, 0, HEAVIEST_KG, { steps: 45 })
}

/** Seconds to a depth at a weight of head, for the table beside the wanted fall. */
export function secondsWith(
  lure: Lure,
  known: LureProfile,
  water: Carrying,
  headKg: number,
  depthM: number,
  line: Line,
) {
  const soft = familyOf(lure.family).body === 'soft'
  const motion = onHead(lure, known, water, soft ? headKg : headKg - lureMass(lure).kg)
  return sinkTimeS(motion, waterDensity(water.tempC, water.salinity), line.diameterM, depthM)
}
