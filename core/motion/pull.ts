import type { BuildMotion } from './types'

/** Slower than this, m/s, a line stands still; less than this, m²/s², is no load: their squares would vanish. */
const STILL_MPS = 1e-9
const NO_LOAD = 1e-18

/**
 * Speed across the line of a lure drawn along it.
 *
 * The lure moves towards the rod at `r` along the line. Across the line, drag on its whole speed balances its weight in water and the
 * lift or dive of its planes:  √(r² + v²)·(v − r·tan φ₀) = G·cos φ,  G = W′ / (½ρ·C·A).
 * Without weight v = r·tan φ₀ (a diver moves at φ₀ below its line); without planes and at rest v = √(G·cos φ) (a swing on taut line).
 *
 * @returns v, m/s, positive down and towards the rod
 */
export function transverseSpeedMps(r: number, diveAngleTan: number, g: number, cosAngle: number): number {
  const load = g * cosAngle
  if (r < STILL_MPS) return Math.sign(load) * Math.sqrt(Math.abs(load))
  const drive = r * diveAngleTan
  if (Math.abs(load) < NO_LOAD) return drive
  // Exact without planes, close with them. The root is written so that a weight of nearly nothing does not cancel into less than nothing.
  const along = r * r + drive * drive
  const size = Math.abs(load)
  const free = size * Math.sqrt(2 / (along + Math.sqrt(along * along + 4 * size * size)))
  let v = drive + (load > 0 ? free : -free)
  if (drive === 0) return v
  // Newton on a function that only grows while tan φ₀ < 2.8: a step or two from a close start.
  for (let i = 0; i < 4; i++) {
    const speed = Math.sqrt(r * r + v * v)
    const step = ((v - drive) * speed - load) / (speed + ((v - drive) * v) / speed)
    v -= step
    if (Math.abs(step) < 1e-5) break
  }
  return v
}

/** Free fall (positive) or rise (negative) on slack line, m/s: W′ = ½ρ·C·A·v². */
export function sinkRateMps(motion: Pick<BuildMotion, 'submergedWeightN' | 'sinkDragAreaM2'>, density: number): number {
  const square = motion.submergedWeightN / (0.5 * density * motion.sinkDragAreaM2)
  return Math.sign(square) * Math.sqrt(Math.abs(square))
}
