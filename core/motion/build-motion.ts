import { addedSinceRestTold, familyOf, fillerKg, type Build, type Lure } from '../tackle'
import { trimForLabel } from './dive-label'

/** How a build moves: what the path needs to know of it. SI. */
export interface BuildMotion {
  /** Drag area C·A while pulled, m². */
  readonly pullDragM2: number
  /** Drag area while falling or rising free, m². */
  readonly fallDragM2: number
  /** Tangent of the planing angle: positive dives, negative lifts. */
  readonly planeTan: number
  /** Weight in water, N; negative floats. */
  readonly weightN: number
  /** Where the figures come from. */
  readonly basis: 'labelled' | 'assumed'
}

const GRAVITY = 9.80665
const LEAD_KG_M3 = 11_340
const STEEL_KG_M3 = 7850
const SOFT_KG_M3 = 1080

/** Speed at which a plug rises or sinks at rest, m/s, by what the packet says (common practice: about a hand a second up, a few cm down). */
const REST_SPEED_MPS = { floats: -0.12, suspends: 0, sinks: 0.07 } as const

function inWater(massKg: number, ownDensity: number, waterDensity: number): number {
  return massKg * GRAVITY * (1 - waterDensity / ownDensity)
}

/** Weight in water of head, hook and sinker, N. A drop-shot's sinker stands on the bottom and does not load the bait, but it sinks the rig. */
function mountWeightN({ mount }: Build, waterDensity: number): number {
  switch (mount.kind) {
    case 'own':
      return 0
    case 'head':
      return inWater(mount.head.massKg, LEAD_KG_M3, waterDensity)
    case 'texas':
    case 'drop-shot':
      return (
        inWater(mount.hook.massKg, STEEL_KG_M3, waterDensity) +
        inWater(mount.sinker?.massKg ?? 0, LEAD_KG_M3, waterDensity)
      )
    default:
      return inWater(mount.hook.massKg, STEEL_KG_M3, waterDensity)
  }
}

/** What changes added in weight in water, N: ballast and filler as lead, a shorter body or lighter hooks as what they were made of. */
function addedWeightN(lure: Lure, alteredKg: number, waterDensity: number): number {
  const soft = familyOf(lure.family).body === 'soft'
  return (
    inWater(fillerKg(lure), LEAD_KG_M3, waterDensity) +
    inWater(alteredKg, soft && alteredKg < 0 ? SOFT_KG_M3 : LEAD_KG_M3, waterDensity)
  )
}

function traitOf<T>(lure: Lure, name: string): T | undefined {
  return (lure.traits as Readonly<Record<string, T | undefined>>)[name]
}

/** Physics of a build in a water of a given density (kg/m³), from family defaults, labels and the mass of every part. */
export function motionOf(build: Build, waterDensity: number): BuildMotion {
  const { lure, trailer } = build
  const d = familyOf(lure.family)
  const shift = d.shift?.(lure.traits)
  const area = lure.lengthM ** 2
  const trailerDrag = trailer ? 0.04 * trailer.lengthM ** 2 : 0
  const pullDragM2 = d.motion.pullDrag * (shift?.pullDragBy ?? 1) * area + trailerDrag
  const fallDragM2 = d.motion.fallDrag * (shift?.fallDragBy ?? 1) * area + trailerDrag
  if (d.swims === 'dives') {
    const speed = REST_SPEED_MPS[traitOf<keyof typeof REST_SPEED_MPS>(lure, 'buoyancy') ?? 'floats']
    const labelled = 0.5 * waterDensity * fallDragM2 * speed * Math.abs(speed)
    const weightN = labelled + addedWeightN(lure, addedSinceRestTold(lure), waterDensity)
    const depthM = traitOf<number>(lure, 'depthM') ?? 1
    return { pullDragM2, fallDragM2, planeTan: trimForLabel(depthM, pullDragM2), weightN, basis: 'labelled' }
  }
  const weightN =
    d.swims === 'surface'
      ? -0.05
      : inWater(lure.measuredMassKg ?? lure.massKg, d.motion.densityKgM3, waterDensity) +
        addedWeightN(lure, lure.alteredKg, waterDensity) +
        inWater(trailer?.massKg ?? 0, SOFT_KG_M3, waterDensity) +
        mountWeightN(build, waterDensity)
  return { pullDragM2, fallDragM2, planeTan: shift?.planeTan ?? d.motion.planeTan, weightN, basis: 'assumed' }
}
