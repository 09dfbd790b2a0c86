import { predictWithInterval } from './least-squares'
import { LINE_DENSITY } from '../../data/tackle-limits'
import { trollingDepth, type BuildMotion, type Fluid } from '../motion'
import type { Line } from '../tackle'
import { diveDepth, runningDepthM, withDive } from './fit-dive'
import type { Posterior } from './estimate'

interface ChartLine {
  readonly line: Line
  /** Depth, m, at each length. */
  readonly depthM: readonly number[]
  readonly low: readonly number[]
  readonly high: readonly number[]
}

export interface DiveChart {
  readonly lengthsM: readonly number[]
  readonly lines: readonly ChartLine[]
}

/** How the chart's line goes out: a cast wound in at a pace, or that much line let out behind a boat. */
export type ChartWay = 'cast' | 'trolled'

interface ChartInput extends Fluid {
  readonly motion: BuildMotion
  readonly dive: Posterior
  readonly lines: readonly Line[]
  readonly way: ChartWay
  readonly lengthsM: readonly number[]
  readonly speedMps: number
  readonly rodTipM: number
}

/** Depth of a lure against line out, for each line it may be fished on, with its band. */
export function diveChart({
  motion,
  dive,
  lines,
  way,
  lengthsM,
  speedMps,
  rodTipM,
  density,
  viscosity,
}: ChartInput): DiveChart {
  const fluid = { density, viscosity }
  return {
    lengthsM,
    lines: lines.map((line) => {
      if (way === 'trolled') {
        const tow = { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] }
        const bands = lengthsM.map((out) =>
          predictWithInterval(
            dive,
            (p) => trollingDepth(withDive(motion, p), fluid, tow, speedMps, out, rodTipM).depthM,
          ),
        )
        return {
          line,
          depthM: bands.map((b) => b.value),
          low: bands.map((b) => Math.max(0, b.low)),
          high: bands.map((b) => b.high),
        }
      }
      const bands = lengthsM.map((castM) =>
        diveDepth(dive, motion, {
          castM,
          rodTipM,
          retrieveSpeedMps: speedMps,
          lineDiameterM: line.diameterM,
          lineDensityKgM3: LINE_DENSITY[line.material],
          ...fluid,
        }),
      )
      return {
        line,
        depthM: bands.map((b) => b.value),
        low: bands.map((b) => b.low),
        high: bands.map((b) => b.high),
      }
    }),
  }
}

/** What a thicker line costs in depth, m, by the model, with the cast that each of the two makes, m. */
export function lineWorthM(
  motion: BuildMotion,
  fluid: Fluid,
  thinM: number,
  thickM: number,
  castM: { readonly thin: number; readonly thick: number },
): number {
  const at = (lineDiameterM: number, far: number) =>
    runningDepthM(motion, { castM: far, rodTipM: 1, retrieveSpeedMps: 0.8, lineDiameterM, ...fluid })
  return at(thinM, castM.thin) - at(thickM, castM.thick)
}
