import { itemAt } from '../list'
import type { LIGHTS, Sky as SkyKind } from './conditions'
import type { SunMoon } from './sun'

export type LightPhase = (typeof LIGHTS)[number]

/** Low light lasts from the sun 9° under the horizon until it stands 5° above it: common practice ("until the sun is on the water"). */
const TWILIGHT_LOW_DEG = -9
const SUN_IS_UP_DEG = 5

export function lightPhase(sky: Pick<SunMoon, 'sunAltitudeDeg' | 'sunRising'>): LightPhase {
  if (sky.sunAltitudeDeg < TWILIGHT_LOW_DEG) return 'night'
  if (sky.sunAltitudeDeg > SUN_IS_UP_DEG) return 'day'
  return sky.sunRising ? 'dawn' : 'dusk'
}

/**
 * Horizontal illuminance under a clear sky against the sun's altitude, log10 lux.
 * Source: from memory, after the table of natural illuminance in Seidelmann (ed.), Explanatory Supplement to the Astronomical Almanac (1992).
 */
const CLEAR_SKY_LOG_LUX: readonly (readonly [altitudeDeg: number, logLux: number])[] = [
  [-18, -3.19],
  [-12, -2.1],
  [-6, 0.53],
  [-0.8, 2.66],
  [0, 2.88],
  [5, 3.68],
  [10, 4.04],
  [20, 4.44],
  [40, 4.8],
  [60, 5.0],
  [90, 5.09],
]

/** Share of clear-sky light that each sky lets through. Common practice: thick cloud costs about two stops. */
export const SKY_TRANSMISSION = { sun: 1, broken: 0.7, cloud: 0.3, rain: 0.18 } as const satisfies Record<
  SkyKind,
  number
>

/** Full moon high in a clear sky, lux. Handbook value 0.1 … 0.3. */
const FULL_MOON_LUX = 0.25

/**
 * Light of a moon of which so much is lit, against the full moon's: a half moon gives not half of it but a tenth, because its ground shades itself.
 * Magnitude 0.026·α + 4·10⁻⁹·α⁴, α the phase angle in degrees (Krisciunas and Schaefer 1991, after Allen; from memory).
 *
 * @example moonShare(0.5) // 0.091
 */
export function moonShare(illuminatedFraction: number): number {
  const phaseDeg = (Math.acos(Math.min(1, Math.max(-1, 2 * illuminatedFraction - 1))) * 180) / Math.PI
  return 10 ** (-0.4 * (0.026 * phaseDeg + 4e-9 * phaseDeg ** 4))
}

/** Illuminance on the water, lux. */
export function surfaceLux(sky: SunMoon, cover: SkyKind): number {
  const altitude = Math.min(90, Math.max(-18, sky.sunAltitudeDeg))
  const above = Math.max(
    1,
    CLEAR_SKY_LOG_LUX.findIndex(([a]) => a >= altitude),
  )
  const [a0, l0] = itemAt(CLEAR_SKY_LOG_LUX, above - 1)
  const [a1, l1] = itemAt(CLEAR_SKY_LOG_LUX, above)
  const sun = 10 ** (l0 + ((l1 - l0) * (altitude - a0)) / (a1 - a0))
  const moon =
    FULL_MOON_LUX *
    moonShare(sky.moonIlluminatedFraction) *
    Math.max(0, Math.sin((sky.moonAltitudeDeg * Math.PI) / 180))
  return (sun + moon) * SKY_TRANSMISSION[cover]
}

/**
 * Attenuation of daylight per metre from the depth at which a white lure disappears.
 * Source: Poole and Atkins (1929), K = 1.7 / Z.
 *
 * @param visibilityM > 0
 * @throws RangeError on a visibility that is not positive
 */
export function attenuationPerM(visibilityM: number): number {
  if (!(visibilityM > 0)) throw new RangeError(`visibility ${visibilityM} m: must be above 0`)
  return 1.7 / visibilityM
}

/**
 * Beam attenuation per metre: what a straight look loses, from the depth at which a white lure disappears. It goes once contrast has fallen to what the eye
 * tells apart: c + K = 8.69 / Z (Tyler 1968, of white discs; from memory).
 *
 * @param visibilityM > 0
 * @example beamAttenuationPerM(2) // 8.69/2 − 0.85 = 3.495
 */
export function beamAttenuationPerM(visibilityM: number): number {
  return 8.69 / visibilityM - attenuationPerM(visibilityM)
}

/** Share of the light that a surface turns away: about 4 % on calm water, more in chop (stated factor). */
function surfaceLoss(windMps: number): number {
  return Math.min(0.2, 0.04 + 0.01 * Math.max(0, windMps - 2))
}

/** Illuminance at a depth, lux (Beer–Lambert with the Poole–Atkins coefficient). */
export function luxAtDepth(onSurfaceLux: number, depthM: number, visibilityM: number, windMps: number): number {
  return onSurfaceLux * (1 - surfaceLoss(windMps)) * Math.exp(-attenuationPerM(visibilityM) * Math.max(0, depthM))
}
