import { METAL_KG_M3, type Metal } from './drag-curve'
import { GRAVITY_MPS2 } from '../constants'
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

/** Angle at which a lead begins to slide, degrees, by bottom. Assumed: from a lead on wet gravel and mud; nets and anchors differ. */
export const FRICTION_DEG = { mud: 20, sand: 30, gravel: 35, rock: 45 } as const
export type Ground = keyof typeof FRICTION_DEG

/** Pulls tried for the lightest lead, N: from a hanging bow to a banjo string. */
const LEAST_PULL_N = 0.005
const PULLS = 200
/** The line is kept so taut that at the lead its cotangent is no less than this share of a straight line's: nobody lets a bow run off downstream. */
const LEAST_TAUT = 0.3

/**
 * Lightest weight that stays where it lies while current or drift drags at the line: over all pulls in the line the least of
 * W′ = T·(sin φ + cos φ / tan ψ), φ the line's angle at the lead, ψ the friction angle. Less pull lets the line bow away, more pull drags.
 * The flow is taken as even down to the bottom, which errs on the heavy side.
 *
 * @param awayM lead's distance from the rod tip, downstream, m, > 0
 */
export function minHoldingMassKg(given: {
  depthM: number
  tipM: number
  awayM: number
  flowMps: number
  lineDiameterM: number
  density: number
  ground: Ground
  metal?: Metal
}): { massKg: number; pullN: number; angleDeg: number } {
  const { depthM, tipM, awayM, flowMps, lineDiameterM, density, ground, metal = 'lead' } = given
  const grip = 1 / Math.tan((FRICTION_DEG[ground] * Math.PI) / 180)
  let best = { submergedWeightN: Infinity, pullN: 0, angle: 0 }
  for (let i = 0; i < PULLS; i++) {
    const pullN = LEAST_PULL_N * 1.06 ** i
    const k = lineDragToTension(density, lineDiameterM, flowMps, pullN)
    const cot = lineAngleCot(k, awayM, depthM, tipM)
    if (cot < (LEAST_TAUT * awayM) / (depthM + tipM)) continue
    const angle = Math.atan2(1, cot)
    const submergedWeightN = pullN * (Math.sin(angle) + Math.cos(angle) * grip)
    if (submergedWeightN < best.submergedWeightN) best = { submergedWeightN, pullN, angle }
  }
  const massKg = best.submergedWeightN / (GRAVITY_MPS2 * (1 - density / METAL_KG_M3[metal]))
  return { massKg, pullN: best.pullN, angleDeg: (best.angle * 180) / Math.PI }
}

/** Speed of the lure, m/s, at so many handle turns a second; and the other way about. */
export const speedOfTurns = (turnsPerS: number, linePerTurnM: number) => turnsPerS * linePerTurnM
export const turnsForSpeed = (speedMps: number, linePerTurnM: number) => speedMps / linePerTurnM

/** Line wound in per handle turn, m, of a reel full to its rim: gear ratio × circumference of the spool. */
export const linePerTurn = (gearRatio: number, spoolM: number) => gearRatio * Math.PI * spoolM
