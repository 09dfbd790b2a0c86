import { itemAt } from '../list'
import { LINE_DENSITY } from '../../data/tackle-limits'
import { trollingDepth, type BuildMotion } from '../motion'
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

/** Shallower than this nothing is compared, m. */
const LEAST_M = 0.02

/** How the chart's line goes out: a cast wound in at a pace, or that much line let out behind a boat. */
export type ChartWay = 'cast' | 'trolled'

interface ChartInput {
  readonly motion: BuildMotion
  readonly dive: Posterior
  readonly lines: readonly Line[]
  readonly way: ChartWay
  readonly lengthsM: readonly number[]
  readonly speedMps: number
  readonly rodTipM: number
  readonly density: number
}

/** Depth of a lure against line out, for each line it may be fished on, with its band. */
export function diveChart({ motion, dive, lines, way, lengthsM, speedMps, rodTipM, density }: ChartInput): DiveChart {
  const central = withDive(motion, dive.parameters)
  return {
    lengthsM,
    lines: lines.map((line) => {
      if (way === 'trolled') {
        const tow = { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] }
        const at = (m: BuildMotion) =>
          lengthsM.map((out) => trollingDepth(m, density, tow, speedMps, out, rodTipM).depthM)
        const spread = at(central)
        // The cast's own band, in proportion: the same angle and drag stand behind both.
        const shares = lengthsM.map((castM) => {
          const cast = {
            castM,
            rodTipM,
            retrieveSpeedMps: speedMps,
            lineDiameterM: line.diameterM,
            lineDensityKgM3: LINE_DENSITY[line.material],
            density,
          }
          const band = diveDepth(dive, motion, cast)
          return [band.low / Math.max(LEAST_M, band.value), band.high / Math.max(LEAST_M, band.value)] as const
        })
        return {
          line,
          depthM: spread,
          low: spread.map((z, i) => z * itemAt(itemAt(shares, i), 0)),
          high: spread.map((z, i) => z * itemAt(itemAt(shares, i), 1)),
        }
      }
      const bands = lengthsM.map((castM) =>
        diveDepth(dive, motion, {
          castM,
          rodTipM,
          retrieveSpeedMps: speedMps,
          lineDiameterM: line.diameterM,
          lineDensityKgM3: LINE_DENSITY[line.material],
          density,
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
  density: number,
  thinM: number,
  thickM: number,
  castM: { readonly thin: number; readonly thick: number },
): number {
  const at = (lineDiameterM: number, far: number) =>
    runningDepthM(motion, { castM: far, rodTipM: 1, retrieveSpeedMps: 0.8, lineDiameterM, density })
  return at(thinM, castM.thin) - at(thickM, castM.thick)
}
