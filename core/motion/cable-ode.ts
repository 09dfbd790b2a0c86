import { AcrossLine, type Fluid } from './line-drag'

/** Drag coefficient of a line along itself, dimensionless, on its whole skin. Handbook range for smooth lines: 0.01 … 0.03. */
export const LINE_TANGENTIAL_DRAG = 0.02

/** A line or cable in an even flow. */
export interface Cable extends Fluid {
  readonly flowMps: number
  readonly diameterM: number
  /** Weight in water per metre, N/m; negative floats. */
  readonly weightNPerM: number
  /** Times its drag beside that of a smooth line at rest in the flow; 1 where nothing is said. */
  readonly dragBy?: number
}

/** A point of a cable, seen from its lower end: metres up and towards the rod, angle to the horizontal, pull. */
export interface CablePoint {
  readonly alongM: number
  readonly upM: number
  readonly towardsM: number
  readonly angle: number
  readonly tensionN: number
}

/** Length of one step, m: fine enough for 1 cm in 10 m (measured against the ODE library in the tests). */
const STEP_M = 0.25

/** Change per metre of angle and tension. T·dφ/ds = w·cos φ − ½ρ·C(Re)·d·V²·sin²φ; dT/ds = w·sin φ + ½ρ·Cₜ·π·d·V²·cos²φ. */
function change(cable: Cable, drag: AcrossLine, angle: number, tension: number): [number, number] {
  const push = 0.5 * cable.density * cable.diameterM * cable.flowMps ** 2
  const sin = Math.sin(angle)
  const cos = Math.cos(angle)
  const acrossMps = cable.flowMps * Math.abs(sin)
  const normal = drag.at(acrossMps) * acrossMps * Math.sign(sin)
  const along = push * Math.PI * LINE_TANGENTIAL_DRAG * cos * Math.abs(cos)
  return [(cable.weightNPerM * cos - normal) / tension, cable.weightNPerM * sin + along]
}

/**
 * The full line, with its own weight and drag along itself, followed from its lower end upwards (fourth-order Runge–Kutta) until `done` says so or
 * its length is spent. Forces as in towed-cable theory (Berteaux, Buoy Engineering, 1976).
 *
 * @param from angle to the horizontal at the lower end, rad, and tension there, N, > 0
 * @param lengthM length at most, m
 */
export function integrateCable(
  cable: Cable,
  from: { angle: number; tensionN: number },
  lengthM: number,
  done: (point: CablePoint) => boolean = () => false,
): CablePoint[] {
  let at: CablePoint = { alongM: 0, upM: 0, towardsM: 0, angle: from.angle, tensionN: from.tensionN }
  const points = [at]
  const drag = new AcrossLine(cable, cable.diameterM, cable.dragBy)
  while (at.alongM < lengthM - 1e-9 && !done(at)) {
    at = step(cable, drag, at, Math.min(STEP_M, lengthM - at.alongM))
    points.push(at)
  }
  return points
}

function step(cable: Cable, drag: AcrossLine, at: CablePoint, h: number): CablePoint {
  const [a1, t1] = change(cable, drag, at.angle, at.tensionN)
  const m1 = at.angle + (a1 * h) / 2
  const [a2, t2] = change(cable, drag, m1, at.tensionN + (t1 * h) / 2)
  const m2 = at.angle + (a2 * h) / 2
  const [a3, t3] = change(cable, drag, m2, at.tensionN + (t2 * h) / 2)
  const end = at.angle + a3 * h
  const [a4, t4] = change(cable, drag, end, at.tensionN + t3 * h)
  const mean = (f: (angle: number) => number) => (f(at.angle) + 2 * f(m1) + 2 * f(m2) + f(end)) / 6
  return {
    alongM: at.alongM + h,
    upM: at.upM + h * mean(Math.sin),
    towardsM: at.towardsM + h * mean(Math.cos),
    angle: at.angle + (h * (a1 + 2 * a2 + 2 * a3 + a4)) / 6,
    tensionN: Math.max(1e-3, at.tensionN + (h * (t1 + 2 * t2 + 2 * t3 + t4)) / 6),
  }
}
