import { itemAt } from '../list'
import type { BuildMotion } from './types'
import { ballDiameterM, METAL_KG_M3, sphereDrag, weightInWaterN } from './drag-curve'
import { GRAVITY_MPS2 } from '../constants'
import { integrateCable, type Cable, type CablePoint } from './cable-ode'
import type { Fluid } from './line-drag'
import { bisect } from '../bisect'

/** A line with what it weighs: density of the material, kg/m³. */
export interface TowLine {
  readonly diameterM: number
  readonly densityKgM3: number
  /** Times its drag beside that of a smooth line: a strand under pull strums. */
  readonly dragBy?: number
}

export const cableOf = (line: TowLine, { density, viscosity }: Fluid, flowMps: number): Cable => ({
  density,
  viscosity,
  flowMps,
  diameterM: line.diameterM,
  ...(line.dragBy === undefined ? {} : { dragBy: line.dragBy }),
  weightNPerM: (Math.PI / 4) * line.diameterM ** 2 * (line.densityKgM3 - density) * GRAVITY_MPS2,
})

/**
 * Trim of a lure drawn evenly through the water: tan φ₀ = tan(planes) + W′ / (½ρ·C·A·V²), φ₀ the angle of the line at its nose. Divers hold nearly the same
 * at any speed, sinkers hang steeper the slower they go.
 */
export function trimOf(motion: BuildMotion, density: number, flowMps: number): { angle: number; tensionN: number } {
  const drag = 0.5 * density * motion.towDragAreaM2 * flowMps ** 2
  const down = drag * motion.diveAngleTan + motion.submergedWeightN
  return { angle: Math.atan2(down, drag), tensionN: Math.max(1e-3, Math.hypot(drag, down)) }
}

export interface TrollResult {
  readonly depthM: number
  /** Behind the rod tip, m. */
  readonly behindM: number
  /** Line in the water, m; what is left hangs in the air. */
  readonly wetM: number
  readonly tensionAtRodN: number
}

/** Where a line let out meets the surface: the water part and the straight part in the air must add up to it. */
function surfaced(points: readonly CablePoint[], lineOutM: number, tipM: number): CablePoint {
  const whole = (p: CablePoint) => p.alongM + (p.angle > 0.02 ? tipM / Math.sin(p.angle) : Infinity)
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1], points[i]]
    if (!a || !b || whole(b) < lineOutM) continue
    const share = Math.min(1, Math.max(0, (lineOutM - whole(a)) / (whole(b) - whole(a) || 1)))
    const mix = (of: (p: CablePoint) => number) => of(a) + share * (of(b) - of(a))
    return {
      alongM: mix((p) => p.alongM),
      upM: mix((p) => p.upM),
      towardsM: mix((p) => p.towardsM),
      angle: mix((p) => p.angle),
      tensionN: mix((p) => p.tensionN),
    }
  }
  return itemAt(points, points.length - 1)
}

/**
 * Running depth of a lure drawn at a steady pace with a fixed length of line out: trolling, or a lure held against a current. Full line: own weight,
 * drag across and along.
 *
 * @param flowMps speed through the water, m/s, > 0
 * @param lineOutM from rod tip to lure, m
 * @param tipM height of the rod tip, m, ≥ 0
 * @returns depth 0 where it runs at the surface
 */
export function trollingDepth(
  motion: BuildMotion,
  fluid: Fluid,
  line: TowLine,
  flowMps: number,
  lineOutM: number,
  tipM: number,
): TrollResult {
  const trim = trimOf(motion, fluid.density, flowMps)
  if (trim.angle <= 0) return { depthM: 0, behindM: lineOutM, wetM: 0, tensionAtRodN: trim.tensionN }
  const cable = cableOf(line, fluid, flowMps)
  const points = integrateCable(cable, trim, lineOutM, (p) => p.angle <= 0.02)
  const top = surfaced(points, lineOutM, Math.max(tipM, 1e-6))
  return {
    depthM: Math.max(0, top.upM),
    behindM: top.towardsM + Math.sqrt(Math.max(0, (lineOutM - top.alongM) ** 2 - tipM ** 2)),
    wetM: top.alongM,
    tensionAtRodN: top.tensionN,
  }
}

/** Steel cable of a downrigger: 0.8 mm strand, 67 kg breaking load; the usual size. Rough and strumming it drags a quarter more; from memory. */
const DOWNRIGGER_CABLE = { diameterM: 0.0008, dragBy: 1.25, densityKgM3: METAL_KG_M3.steel } as const

/**
 * A downrigger's ball on its cable: how deep it hangs and how far it is blown back.
 *
 * @param ballKg lead, kg
 * @param cableOutM from the boom's end (at the water) to the ball, m
 */
export function downrigger(
  ballKg: number,
  cableOutM: number,
  speedMps: number,
  water: Fluid,
  cable: TowLine = DOWNRIGGER_CABLE,
): { depthM: number; blowBackM: number; angleAtBallDeg: number } {
  const d = ballDiameterM(ballKg, METAL_KG_M3.lead)
  const re = Math.max(1, (water.density * speedMps * d) / water.viscosity)
  const drag = 0.5 * water.density * sphereDrag(re) * (Math.PI / 4) * d * d * speedMps ** 2
  const weight = weightInWaterN(ballKg, METAL_KG_M3.lead, water.density)
  const angle = Math.atan2(weight, drag)
  const points = integrateCable(
    cableOf(cable, water, speedMps),
    { angle, tensionN: Math.hypot(drag, weight) },
    cableOutM,
  )
  const top = itemAt(points, points.length - 1)
  return { depthM: top.upM, blowBackM: top.towardsM, angleAtBallDeg: (angle * 180) / Math.PI }
}

/** Cable to let out so that the ball hangs at a depth, m, by bisection; null where no length gets it down. */
export function cableForDepth(
  ballKg: number,
  depthM: number,
  speedMps: number,
  water: Fluid,
  cable: TowLine = DOWNRIGGER_CABLE,
): number | null {
  const longestM = Math.max(4 * depthM, 1)
  const at = (m: number) => downrigger(ballKg, m, speedMps, water, cable).depthM
  return at(longestM) < depthM ? null : bisect((m) => at(m) < depthM, 0, longestM)
}

/**
 * A lure that is drawn behind a downrigger's ball by a line that leaves its clip there.
 *
 * @param leadM line from the clip to the lure, m
 * @returns how far it runs below the ball, m (negative above it), and behind it
 */
export function behindBall(
  motion: BuildMotion,
  fluid: Fluid,
  line: TowLine,
  speedMps: number,
  leadM: number,
): { belowM: number; behindM: number } {
  const points = integrateCable(cableOf(line, fluid, speedMps), trimOf(motion, fluid.density, speedMps), leadM)
  const top = itemAt(points, points.length - 1)
  return { belowM: top.upM, behindM: top.towardsM }
}
