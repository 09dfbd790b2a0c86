import type { BuildMotion, TestedMotion } from './types'
import { CLIP_ON } from '../../data/heads'
import { addedSinceRestTold, familyOf, fillerKg, madeDensity, madeShift, type Build, type Lure } from '../tackle'
import { diveAngleForLabel } from './dive-label'
import { METAL_KG_M3, weightInWaterN } from './drag-curve'
import { GRAVITY_MPS2 } from '../constants'

export const UNTESTED: TestedMotion = {
  towDragAreaM2: null,
  sinkDragAreaM2: null,
  diveAngleTan: null,
  submergedWeightN: null,
  castM: null,
}

const LEAD_KG_M3 = METAL_KG_M3.lead
const STEEL_KG_M3 = METAL_KG_M3.steel
const SOFT_KG_M3 = 1080

/** Speed at which a plug rises or sinks at rest, m/s, by what the packet says (common practice: about a hand a second up, a few cm down). */
const REST_SPEED_MPS = { floats: -0.12, suspends: 0, sinks: 0.07 } as const

/** Weight in water of head, hook and sinker, N. A drop-shot's sinker stands on the bottom and does not load the bait, but it sinks the rig. */
function mountWeightN({ mount }: Build, waterDensity: number): number {
  switch (mount.kind) {
    case 'own':
      return 0
    case 'head':
      return weightInWaterN(mount.head.massKg, METAL_KG_M3[mount.head.metal ?? 'lead'], waterDensity)
    case 'texas':
    case 'drop-shot':
      return (
        weightInWaterN(mount.hook.massKg, STEEL_KG_M3, waterDensity) +
        weightInWaterN(mount.sinker?.massKg ?? 0, METAL_KG_M3[mount.sinker?.metal ?? 'lead'], waterDensity)
      )
    default:
      return weightInWaterN(mount.hook.massKg, STEEL_KG_M3, waterDensity)
  }
}

/**
 * What changes added in weight in water, N: ballast as lead, a shorter body or lighter hooks as what they were made of; filler lies in a hollow that displaced
 * water before, and all its weight counts.
 */
function addedWeightN(lure: Lure, alteredKg: number, waterDensity: number): number {
  const soft = familyOf(lure.family).body === 'soft'
  return (
    fillerKg(lure) * GRAVITY_MPS2 +
    weightInWaterN(alteredKg, soft && alteredKg < 0 ? SOFT_KG_M3 : LEAD_KG_M3, waterDensity)
  )
}

function traitOf<T>(lure: Lure, name: string): T | undefined {
  return (lure.traits as Readonly<Record<string, T | undefined>>)[name]
}

/** Area that a trailer adds to what it hangs on, as a share of its length squared; assumed. */
const TRAILER_DRAG = 0.04

/**
 * Physics of a build in a water of a given density (kg/m³): from the bench where it was tested, else from labels, family defaults and the mass of every
 * part.
 */
export function motionOf(build: Build, waterDensity: number, tested: TestedMotion = UNTESTED): BuildMotion {
  const { lure, trailer } = build
  const d = familyOf(lure.family)
  const shift = d.shift?.(lure.traits, lure.make)
  const made = madeShift(lure)
  const area = lure.lengthM ** 2
  const trailerDrag = trailer ? TRAILER_DRAG * trailer.lengthM ** 2 : 0
  const clipped = build.clip ? CLIP_ON : { pullDragBy: 1, fallDragBy: 1 }
  const towDragAreaM2 =
    (tested.towDragAreaM2 ?? d.motion.pullDrag * (shift?.pullDragBy ?? 1) * made.pullDragBy * area) *
      clipped.pullDragBy +
    trailerDrag
  const sinkDragAreaM2 =
    (tested.sinkDragAreaM2 ?? d.motion.fallDrag * (shift?.fallDragBy ?? 1) * made.fallDragBy * area) *
      clipped.fallDragBy +
    trailerDrag
  const { diveAngleTan: angle, towDragAreaM2: pulled, sinkDragAreaM2: falls, submergedWeightN: rests } = tested
  const fitted = [angle, pulled, falls, rests].some((figure) => figure !== null)
  const own = {
    ...(tested.castM === null ? {} : { castM: tested.castM }),
    ...(made.airDragBy === 1 ? {} : { airDragBy: made.airDragBy }),
  }
  if (d.swims === 'dives') {
    const submergedWeightN = tested.submergedWeightN ?? labelledRestN(lure, sinkDragAreaM2, waterDensity)
    const diveAngleTan =
      tested.diveAngleTan ??
      diveAngleForLabel(traitOf<number>(lure, 'depthM') ?? 1, towDragAreaM2, traitOf<number>(lure, 'labelCastM'))
    return {
      towDragAreaM2,
      sinkDragAreaM2,
      diveAngleTan,
      submergedWeightN,
      basis: fitted ? 'fitted' : 'labelled',
      ...own,
    }
  }
  const submergedWeightN =
    d.swims === 'surface'
      ? SURFACE_N
      : weightInWaterN(
          lure.measuredMassKg ?? lure.massKg,
          madeDensity(lure.make, d.motion.densityKgM3, d.capabilities?.metal),
          waterDensity,
        ) +
        addedWeightN(lure, lure.alteredKg, waterDensity) +
        weightInWaterN(trailer?.massKg ?? 0, SOFT_KG_M3, waterDensity) +
        weightInWaterN(build.clip?.massKg ?? 0, STEEL_KG_M3, waterDensity) +
        mountWeightN(build, waterDensity)
  const diveAngleTan = tested.diveAngleTan ?? (shift?.diveAngleTan ?? d.motion.diveAngleTan) + made.tilt
  return { towDragAreaM2, sinkDragAreaM2, diveAngleTan, submergedWeightN, basis: fitted ? 'fitted' : 'assumed', ...own }
}

/** Nothing at the surface sinks while it is worked. */
const SURFACE_N = -0.05

/** Packets tell how a plug hangs in fresh water of 20 °C (common practice), kg/m³. */
const TOLD_IN_KG_M3 = 998.2

/**
 * Weight in water of a diver by what its packet says of it at rest, with what was added since, N. In denser water, colder or salt, its own volume carries more
 * of it: a plug of 15 g that hangs in a lake rises in the sea.
 */
function labelledRestN(lure: Lure, sinkDragAreaM2: number, waterDensity: number): number {
  const rests = REST_SPEED_MPS[traitOf<keyof typeof REST_SPEED_MPS>(lure, 'buoyancy') ?? 'floats']
  const speed = rests < 0 ? rests * madeShift(lure).risesBy : rests
  const told = 0.5 * TOLD_IN_KG_M3 * sinkDragAreaM2 * speed * Math.abs(speed)
  const volumeM3 = Math.max(0, (lure.massKg - told / GRAVITY_MPS2) / TOLD_IN_KG_M3)
  const labelled = told - volumeM3 * (waterDensity - TOLD_IN_KG_M3) * GRAVITY_MPS2
  return labelled + addedWeightN(lure, addedSinceRestTold(lure), waterDensity)
}
