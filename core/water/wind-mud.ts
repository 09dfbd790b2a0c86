import type { Bottom } from './conditions'
import { bisect } from '../bisect'
import { GRAVITY_MPS2 } from '../constants'

/**
 * Waves that a wind raises over deep water of limited fetch.
 *
 * Formula: the fetch-limited JONSWAP growth curves as the Shore Protection Manual (1984) gives them, g H/U² = 1.6·10⁻³ √(g F/U²) and
 * g T/U = 0.286 ∛(g F/U²), with U the wind speed itself (the manual first raises it to a stress factor: the difference is under a fifth here).
 *
 * @param windMps 0 … 40
 * @param fetchKm 0 … 500
 * @returns significant height, m, and peak period, s; never more than the fully grown sea (H = 0.243 U²/g, T = 8.13 U/g)
 */
export function windWaves(windMps: number, fetchKm: number): { heightM: number; periodS: number } {
  if (windMps <= 0 || fetchKm <= 0) return { heightM: 0, periodS: 0 }
  const fetch = (GRAVITY_MPS2 * fetchKm * 1000) / windMps ** 2
  return {
    heightM: (windMps ** 2 / GRAVITY_MPS2) * Math.min(0.243, 1.6e-3 * Math.sqrt(fetch)),
    periodS: (windMps / GRAVITY_MPS2) * Math.min(8.13, 0.286 * Math.cbrt(fetch)),
  }
}

/** Wave number in water of a depth, 1/m: linear dispersion ω² = g k tanh k d, solved by Newton's rule. */
function waveNumber(periodS: number, depthM: number): number {
  const deep = (2 * Math.PI) ** 2 / (GRAVITY_MPS2 * periodS ** 2)
  let k = Math.max(deep, (2 * Math.PI) / (periodS * Math.sqrt(GRAVITY_MPS2 * depthM)))
  for (let i = 0; i < 12; i++) {
    const t = Math.tanh(k * depthM)
    k -= (k * t - deep) / (t + k * depthM * (1 - t * t))
  }
  return k
}

/** Highest speed of the water to and fro along the bottom, m/s (linear waves). */
function orbitalSpeedMps(heightM: number, periodS: number, depthM: number): number {
  const kd = waveNumber(periodS, depthM) * depthM
  return (Math.PI * Math.min(heightM, 0.6 * depthM)) / (periodS * Math.sinh(Math.max(1e-6, kd)))
}

/** Speed along the bottom at which each kind comes up, m/s. Order of the handbooks' threshold curves, from memory; rock and gravel give no mud. */
const THRESHOLD_ORBITAL_SPEED_MPS: Readonly<Record<Bottom, number>> = {
  rock: Infinity,
  gravel: Infinity,
  sand: 0.25,
  clay: 0.18,
  silt: 0.12,
}
const DEEPEST_M = 30

/** Depth down to which this wind stirs the bottom into the water, m; 0 where it does not. */
export function resuspensionDepthM(windMps: number, fetchKm: number, bottom: Bottom): number {
  const lifts = THRESHOLD_ORBITAL_SPEED_MPS[bottom]
  const { heightM, periodS } = windWaves(windMps, fetchKm)
  if (heightM < 0.05 || !Number.isFinite(lifts) || orbitalSpeedMps(heightM, periodS, 0.2) < lifts) return 0
  return bisect((depthM) => orbitalSpeedMps(heightM, periodS, depthM) >= lifts, 0.2, DEEPEST_M, { steps: 30 })
}

/** What stirred water leaves of the visibility, share: fine mud hangs longest. Common practice. */
const TURBIDITY_FACTOR: Readonly<Record<Bottom, number>> = { rock: 1, gravel: 1, sand: 0.55, clay: 0.25, silt: 0.2 }

/** Visibility inside the mud that the wind makes, m; the place's own where the water is deeper than the wind reaches. */
export function stirredVisibilityM(usualM: number, depthM: number, stirredM: number, bottom: Bottom): number {
  return depthM < stirredM ? usualM * TURBIDITY_FACTOR[bottom] : usualM
}
