import { bisect } from '../bisect'
import { METAL_KG_M3, ballDiameterM, sphereDrag, weightInWaterN, type Metal } from './drag-curve'
import type { Fluid } from './line-drag'
import { lineAngleCot, lineDragToTension } from './line-shape'

/**
 * Bait height above the bottom on a drop-shot, m: leader × sine of the angle of a taut line from the rod tip. The farther off, the flatter the line and
 * the lower the bait.
 */
export function dropShotHeightM(leaderM: number, depthM: number, rodTipM: number, distanceM: number): number {
  return leaderM * Math.sin(Math.atan2(depthM + rodTipM, distanceM))
}

/** Leader that holds a bait at a height, m, at that depth and distance: inverse of {@link dropShotHeightM}. */
export function dropShotLeaderM(heightM: number, depthM: number, rodTipM: number, distanceM: number): number {
  return heightM / Math.sin(Math.atan2(depthM + rodTipM, distanceM))
}

/**
 * Speed of a current so high above the bottom, m/s: the one-seventh power law of a rough bed, v(h) = v·(h/depth)^(1/7), `flowMps` at the surface (any
 * hydraulics textbook). What lies on the ground meets the water as it goes there.
 */
const flowAbove = (flowMps: number, heightM: number, depthM: number): number =>
  flowMps * Math.min(1, heightM / depthM) ** (1 / 7)
/** The mean of its square from bottom to surface, as a share of that at the surface: ∫ s^(2/7) ds. */
const MEAN_SQUARE = 7 / 9
/** A lead and its bait lie about so high, m. */
const LYING_M = 0.2

/** The current where a rig lies, m/s. */
export const flowAtBottom = (flowMps: number, depthM: number): number => flowAbove(flowMps, LYING_M, depthM)

/** Angle at which a lead begins to slide, degrees, by bottom. Assumed: from a lead on wet gravel and mud; nets and anchors differ. */
export const FRICTION_DEG = { mud: 20, sand: 30, gravel: 35, rock: 45 } as const
export type Ground = keyof typeof FRICTION_DEG

/** Pulls tried for the lightest lead, N: from a hanging bow to a banjo string. */
const LEAST_PULL_N = 0.005
const PULLS = 200
/** The line is kept so taut that at the lead its cotangent is no less than this share of a straight line's: nobody lets a bow run off downstream. */
const LEAST_TAUT = 0.3

interface Lying extends Fluid {
  readonly depthM: number
  readonly tipM: number
  /** Lead's distance from the rod tip, downstream, m, > 0. */
  readonly awayM: number
  readonly flowMps: number
  readonly lineDiameterM: number
  readonly ground: Ground
}

/**
 * Least weight in water, N, of what stays where it lies while current or drift drags at it and at its line: over all pulls in the line the least of
 * W′ = T·sin φ + (T·cos φ + D) / tan ψ, φ the line's angle at the lead, ψ the friction angle, D the drag of lead and bait. Less pull lets the line bow away,
 * more pull drags. The current slows towards the bottom; the line is taken to meet the mean of its square. Null where no pull holds the line.
 */
function leastHold({ depthM, tipM, awayM, flowMps, lineDiameterM, density, viscosity, ground }: Lying, dragN: number) {
  const grip = 1 / Math.tan((FRICTION_DEG[ground] * Math.PI) / 180)
  const meanMps = flowMps * Math.sqrt(MEAN_SQUARE)
  const acrossMps = (meanMps * (depthM + tipM)) / Math.hypot(awayM, depthM + tipM)
  let best: { submergedWeightN: number; pullN: number; angle: number } | null = null
  for (let i = 0; i < PULLS; i++) {
    const pullN = LEAST_PULL_N * 1.06 ** i
    const k = lineDragToTension({ density, viscosity }, lineDiameterM, meanMps, acrossMps, pullN)
    const cot = lineAngleCot(k, awayM, depthM, tipM)
    if (!(cot >= (LEAST_TAUT * awayM) / (depthM + tipM))) continue
    const angle = Math.atan2(1, cot)
    const submergedWeightN = pullN * Math.sin(angle) + (pullN * Math.cos(angle) + dragN) * grip
    if (!best || submergedWeightN < best.submergedWeightN) best = { submergedWeightN, pullN, angle }
  }
  return best
}

/** The least weight in water alone, N, of a rig with a drag of its own, N; null where no pull holds the line. */
export const leastHoldingN = ({ dragN, ...lying }: Lying & { readonly dragN: number }): number | null =>
  leastHold(lying, dragN)?.submergedWeightN ?? null

/** Heavier than this nobody fishes, kg. */
const MOST_HOLDING_KG = 2

/**
 * Lightest ball of lead that stays where it lies: its own drag grows with it. Null where no lead does.
 *
 * @param baitDragM2 drag area of what hangs beside it, m²
 */
export function minHoldingMassKg(
  given: Lying & { readonly metal?: Metal; readonly baitDragM2?: number },
): { massKg: number; pullN: number; angleDeg: number } | null {
  const { metal = 'lead', baitDragM2 = 0, viscosity, flowMps, density } = given
  const nearMps = flowAtBottom(flowMps, given.depthM)
  const dragOf = (massKg: number) => {
    const d = ballDiameterM(massKg, METAL_KG_M3[metal])
    const re = Math.max(1, (density * nearMps * d) / viscosity)
    return 0.5 * density * nearMps ** 2 * (baitDragM2 + sphereDrag(re) * (Math.PI / 4) * d * d)
  }
  const holds = (massKg: number) => {
    const needed = leastHoldingN({ ...given, dragN: dragOf(massKg) })
    return needed !== null && weightInWaterN(massKg, METAL_KG_M3[metal], density) >= needed
  }
  if (!holds(MOST_HOLDING_KG)) return null
  const massKg = bisect((kg) => !holds(kg), 1e-5, MOST_HOLDING_KG, { steps: 30, by: 'ratio' })
  const best = leastHold(given, dragOf(massKg))
  return best && { massKg, pullN: best.pullN, angleDeg: (best.angle * 180) / Math.PI }
}

/** Speed of the lure, m/s, at so many handle turns a second; and the other way about. */
export const speedOfTurns = (turnsPerS: number, linePerTurnM: number) => turnsPerS * linePerTurnM
export const turnsForSpeed = (speedMps: number, linePerTurnM: number) => speedMps / linePerTurnM

/** Line wound in per handle turn, m, of a reel full to its rim: gear ratio × circumference of the spool. */
export const linePerTurn = (gearRatio: number, spoolM: number) => gearRatio * Math.PI * spoolM
