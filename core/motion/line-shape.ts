import { AcrossLine, type Fluid } from './line-drag'

/**
 * Shape of a weightless line with no drag along itself, in an even flow.
 *
 * Across the line the flow pushes with ½ρ·Cₙ·d·V²·sin²φ per metre, φ the line's angle to the flow; the tension is then the same all along,
 * and with k = ½ρ·Cₙ·d·V² / tension (1/m) cot φ grows by k for every metre from the lure towards the rod. Writing cot φ = sinh v:
 *
 *   depth  = (v₁ − v₀) / k          distance = (cosh v₁ − cosh v₀) / k          length = (sinh v₁ − sinh v₀) / k
 *
 * with v₀ at the lure, v₁ at the surface: the catenary on its side. Validity: line much lighter than its drag, flow even with depth.
 * Source: towed-cable theory (e.g. Berteaux, Buoy Engineering, 1976); derived here, checked against a general ODE library in the tests.
 */

/**
 * k, 1/m: line drag per metre over tension, by one drag coefficient for the whole line.
 *
 * @param flowMps past the line, ≥ 0
 * @param acrossMps what of it goes across the line, in the mean: the coefficient is taken there
 * @param tensionN > 0
 */
export function lineDragToTension(
  fluid: Fluid,
  diameterM: number,
  flowMps: number,
  acrossMps: number,
  tensionN: number,
): number {
  const drag = new AcrossLine(fluid, diameterM).coefficient(acrossMps)
  return (0.5 * fluid.density * drag * diameterM * flowMps ** 2) / tensionN
}

const STRAIGHT = 1e-6

/**
 * Cotangent of the angle to the horizontal, at the lure, of a line from depth `z`, horizontally `x` from the rod tip, to a tip `h` above the
 * water; straight in the air. With w the mean of v₀ and v₁ and q = k·z the span is A·sinh w + B·cosh w = x, A = 2·sinh(q/2)/k + h·cosh(q/2),
 * B = h·sinh(q/2); so w = asinh s − artanh t with s = x/√(A² − B²), t = B/A, and everything but one sinh resolves into roots.
 *
 * @param k curvature, 1/m, ≥ 0
 * @param x m, > 0
 * @param z m, > 0
 * @param h m, ≥ 0
 * @returns cot φ at the lure; negative where the line hangs in a bight and leaves the lure away from the rod
 */
export function lineAngleCot(k: number, x: number, z: number, h: number): number {
  const q = k * z
  if (q < STRAIGHT) return x / (z + h)
  const sinhHalf = Math.sinh(q / 2)
  const coshHalf = Math.sqrt(1 + sinhHalf * sinhHalf)
  const a = (2 * sinhHalf) / k + h * coshHalf
  const b = h * sinhHalf
  const s = x / Math.sqrt(a * a - b * b)
  const t = b / a
  const sinhW = (s - t * Math.sqrt(1 + s * s)) / Math.sqrt(1 - t * t)
  return sinhW * coshHalf - Math.sqrt(1 + sinhW * sinhW) * sinhHalf
}

/** Depth of a lure that holds a line angle (`cot φ₀`) with `length` metres of line in the water: (asinh(cot φ₀ + k·L) − asinh cot φ₀) / k. */
export function depthOnLine(k: number, cot: number, length: number): number {
  if (k * length < STRAIGHT) return length / Math.sqrt(1 + cot ** 2)
  return (Math.asinh(cot + k * length) - Math.asinh(cot)) / k
}

/** Horizontal reach of that line: (√(1 + cot²φ₁) − √(1 + cot²φ₀)) / k. */
export function reachOnLine(k: number, cot: number, length: number): number {
  if (k * length < STRAIGHT) return (length * cot) / Math.sqrt(1 + cot ** 2)
  return (Math.hypot(1, cot + k * length) - Math.hypot(1, cot)) / k
}
