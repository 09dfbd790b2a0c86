/** What the drag of a line asks of the water: density, kg/m³, and dynamic viscosity, Pa·s. */
export interface Fluid {
  readonly density: number
  readonly viscosity: number
}

/**
 * Drag coefficient of a smooth round line across an even flow, dimensionless, on its diameter times its length.
 *
 * Formula: Sucker and Brauer (1975), Wärme- und Stoffübertragung 8, 149; from memory; Re 10⁻⁴ … 2·10⁵. A line that strums drags more; that is left out.
 *
 * @param re Reynolds number ρ·v·d/μ, v the speed across the line, > 0
 * @example lineDrag(100) // 1.45
 */
export function lineDrag(re: number): number {
  return 1.18 + 6.8 / re ** 0.89 + 1.96 / Math.sqrt(re) - (0.0004 * re) / (1 + 3.64e-7 * re * re)
}

/** Steps of the table to one of √Re, and where it ends: thick cables drawn fast. */
const STEPS = 8
const MOST_ROOT = 160
const LAST = STEPS * MOST_ROOT
const TABLE = Float64Array.from({ length: LAST + 1 }, (_, i) => {
  const re = (i / STEPS) ** 2
  return i === 0 ? 0 : re * lineDrag(re)
})

/** Drag coefficient times Reynolds number, from a table: a ranking asks millions of times. Within 0.5 % of {@link lineDrag} from Re 1 on. */
export function lineDragTimesRe(re: number): number {
  const at = Math.sqrt(re) * STEPS
  const i = Math.floor(at)
  if (!(i < LAST)) return re * lineDrag(re)
  const low = TABLE[i] ?? NaN
  return low + (at - i) * ((TABLE[i + 1] ?? NaN) - low)
}

/** How much a metre of one line in one water drags across itself: N a metre and m/s, at a speed across it of so many m/s. */
export class AcrossLine {
  private readonly half: number
  private readonly rePerMps: number

  /** @param times its drag beside that of a smooth line */
  constructor({ density, viscosity }: Fluid, diameterM: number, times = 1) {
    this.half = (viscosity / 2) * times
    this.rePerMps = (density * diameterM) / viscosity
  }

  /** ½ρ·C(Re)·d·v, N·s/m²: times the speed once more it is the drag of a metre. */
  at(speedMps: number): number {
    return this.half * lineDragTimesRe(speedMps * this.rePerMps)
  }

  /** The drag coefficient at that speed, > 0. */
  coefficient(speedMps: number): number {
    const re = Math.max(LEAST_RE, speedMps * this.rePerMps)
    return lineDragTimesRe(re) / re
  }
}
const LEAST_RE = 0.05
