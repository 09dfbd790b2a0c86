import { itemAt } from '../list'
import { converter, formatHex } from 'culori'
import { DAYLIGHT, GREYS, JUDGED_FROM_M, LIGHT_FROM, MATCHING, NM, PURE_WATER, STAIN } from '../../data/spectra'
import { attenuationPerM, beamAttenuationPerM } from './light'

/** Of what particles take out of the light, so much is seen again as the brightness of the water behind a lure. Order of oceanographic practice, from memory. */
const SCATTERED = 0.3

/** In water thicker than this, m, a fish makes up its mind from nearer, but not by as much as it sees less far. Assumed. */
const CLEAR_ENOUGH_M = 2

/** Values at 400, 410 … 700 nm. */
export type Spectrum = readonly number[]
type Triple = readonly [number, number, number]

const WAVELENGTHS_NM: Spectrum = Array.from({ length: NM.count }, (_, i) => NM.from + i * NM.step)
type Bell = readonly [height: number, nm: number, below: number, above: number]
const bells = (of: readonly Bell[]): Spectrum =>
  WAVELENGTHS_NM.map((nm) =>
    of.reduce(
      (sum, [h, at, below, above]) => sum + h * Math.exp(-0.5 * ((nm - at) / (nm < at ? below : above)) ** 2),
      0,
    ),
  )
const CIE_1931 = { x: bells(MATCHING.x), y: bells(MATCHING.y), z: bells(MATCHING.z) }
const sum = (of: Spectrum) => of.reduce((a, b) => a + b, 0)
const SEEN_SUM = sum(CIE_1931.y)

const share = (value: number, from: number, to: number) => Math.min(1, Math.max(0, (value - from) / (to - from)))

function particleShare(visibilityM: number): number {
  const { clear, thick, clearM, thickM } = STAIN.particles
  return thick + (clear - thick) * share(Math.log(visibilityM), Math.log(thickM), Math.log(clearM))
}

/**
 * Attenuation by wavelength in water of a visibility, 1/m: pure water (Pope and Fry 1997) and as much stain as makes the mean, weighed as the eye weighs,
 * that of Poole and Atkins (K = 1.7/Z). Water clearer than pure water can be is taken as pure.
 *
 * @param visibilityM depth at which a white lure vanishes, > 0
 */
export function waterSpectrum(visibilityM: number): { readonly attenuation: Spectrum; readonly scatter: Spectrum } {
  const particles = particleShare(visibilityM)
  const stain = WAVELENGTHS_NM.map(
    (nm) => (1 - particles) * Math.exp(-STAIN.slopePerNm * (nm - 440)) + (particles * 550) / nm,
  )
  const seen = (of: Spectrum) => of.reduce((a, v, i) => a + v * itemAt(CIE_1931.y, i), 0) / SEEN_SUM
  const much = Math.max(0, (attenuationPerM(visibilityM) - seen(PURE_WATER)) / seen(stain))
  const attenuation = WAVELENGTHS_NM.map((_, i) => itemAt(PURE_WATER, i) + much * itemAt(stain, i))
  // Of what particles take away most is only turned aside: it is what makes the water behind a lure light.
  const scatter = WAVELENGTHS_NM.map((nm, i) =>
    Math.min(0.8, (0.004 + (SCATTERED * much * particles * 550) / nm) / itemAt(attenuation, i)),
  )
  return { attenuation, scatter }
}

/** Smooth bands of red, green and blue whose shares add up to 1 everywhere. */
const step = (nm: number, at: number) => 1 / (1 + Math.exp(-(nm - at) / 9))
const BANDS: readonly Spectrum[] = [
  WAVELENGTHS_NM.map((nm) => step(nm, 580)),
  WAVELENGTHS_NM.map((nm) => step(nm, 490) * (1 - step(nm, 580))),
  WAVELENGTHS_NM.map((nm) => 1 - step(nm, 490)),
]

const WHITE_SUM = DAYLIGHT.reduce((a, e, i) => a + e * itemAt(CIE_1931.y, i), 0)

/** Tristimulus values of light, with daylight on a white card Y = 1. */
function xyz(light: Spectrum): Triple {
  let [x, y, z] = [0, 0, 0]
  light.forEach((l, i) => {
    x += l * itemAt(CIE_1931.x, i)
    y += l * itemAt(CIE_1931.y, i)
    z += l * itemAt(CIE_1931.z, i)
  })
  return [x / WHITE_SUM, y / WHITE_SUM, z / WHITE_SUM]
}
const each = ([a, b, c]: Triple, change: (v: number, i: 0 | 1 | 2) => number): Triple => [
  change(a, 0),
  change(b, 1),
  change(c, 2),
]
const toLinear = converter('lrgb')
const toLab = converter('lab65')
/** Linear sRGB (IEC 61966-2-1) of tristimulus values. */
function toRgb([x, y, z]: Triple): Triple {
  const { r, g, b } = toLinear({ mode: 'xyz65', x, y, z })
  return [r, g, b]
}
/** What of the bands must be mixed to look red, green or blue in daylight. */
const MIX = unmixed(BANDS.map((band) => toRgb(xyz(band.map((b, i) => b * itemAt(DAYLIGHT, i))))))

/** How much of each of three colours makes red, green and blue: row i says how much of colour i (the inverse of a 3 × 3 matrix, by its cross products). */
function unmixed(colours: readonly Triple[]): readonly Triple[] {
  const at = (i: number): Triple => itemAt(colours, i % 3)
  const crossed = colours.map((_, i) => cross(at(i + 1), at(i + 2)))
  const volume = dot(at(0), itemAt(crossed, 0))
  return crossed.map((row) => each(row, (v) => v / volume))
}
function cross([a, b, c]: Triple, [u, v, w]: Triple): Triple {
  return [b * w - c * v, c * u - a * w, a * v - b * u]
}
function dot([a, b, c]: Triple, [u, v, w]: Triple): number {
  return a * u + b * v + c * w
}

/** @param hex `#rrggbb` as the colour is painted @throws RangeError on anything else */
export function reflectance(hex: string): Spectrum {
  const found = /^#[0-9a-f]{6}$/i.test(hex) ? toLinear(hex) : undefined
  if (!found) throw new RangeError(`colour ${hex}: must be #rrggbb`)
  const mix = MIX.map((row) => dot(row, [found.r, found.g, found.b]))
  return WAVELENGTHS_NM.map((_, i) =>
    Math.min(
      1,
      Math.max(
        0,
        BANDS.reduce((a, band, b) => a + itemAt(mix, b) * itemAt(band, i), 0),
      ),
    ),
  )
}

/** How bright a depth looks to an eye used to it: full daylight 1, deep night near black. */
const shownBrightness = (lux: number) => 0.1 + 0.9 * share(Math.log10(Math.max(1e-6, lux)), -3, 3.5)
/** How much of a colour is left as colour to the eye at a light in lux, 1 … 0. Above a third of a lux all of it. */
export const colourLeft = (lux: number) => share(Math.log10(Math.max(1e-6, lux)), GREYS.all, GREYS.none)

export interface DepthLight {
  readonly visibilityM: number
  readonly depthM: number
  /** Light at that depth, lux. */
  readonly lux: number
}

/** The water seen at one depth: colours of lures there, and how they stand out. Made once, asked for many colours. */
export interface Underwater {
  /** `#rrggbb` as it looks at that depth to an eye used to the light there. */
  readonly swatch: (hex: string) => string
  /** The water behind a lure, seen level. */
  readonly behind: string
  /** How a flank stands out from the water behind it, and a belly from the light above: 0 not at all … 1. */
  readonly contrast: (flank: string, belly: string) => { readonly level: number; readonly up: number }
}

type Lab = Triple
/** A grey of this brightness, as tristimulus values (daylight D65). */
const GREY: Triple = [0.95047, 1, 1.08883]
/** CIE 1976 L*a*b* with daylight white (ISO 11664-4); grey where light is too low for colours. */
function lab(light: Triple, colour: number): Lab {
  const [x, y, z] = each(light, (v) => Math.max(0, v))
  const { l, a, b } = toLab({ mode: 'xyz65', x, y, z })
  return [l, colour * a, colour * b]
}

export function underwater({ visibilityM, depthM, lux }: DepthLight): Underwater {
  const { attenuation, scatter } = waterSpectrum(visibilityM)
  const down = WAVELENGTHS_NM.map(
    (_, i) => itemAt(DAYLIGHT, i) * Math.exp(-itemAt(attenuation, i) * Math.max(0, depthM)),
  )
  const card = Math.max(1e-30, xyz(down)[1])
  const colour = colourLeft(lux)
  /** Light in terms of a white card at that depth. */
  const seen = (light: Spectrum): Triple => each(xyz(light), (v) => v / card)
  const paint = (light: Spectrum): string => {
    const bright = shownBrightness(lux)
    const [x, y, z] = seen(light)
    const grey = each(GREY, (v) => v * y)
    const mixed = each([x, y, z], (v, i) => bright * (colour * v + (1 - colour) * grey[i]))
    const [r, g, b] = toRgb(mixed)
    return formatHex({ mode: 'lrgb', r, g, b })
  }
  const behind = down.map((e, i) => e * itemAt(scatter, i))
  // A look is straight: what is turned aside is lost to it, of every colour alike. The light that falls from above is not: most of that still arrives.
  const turnedAside = Math.max(0, beamAttenuationPerM(visibilityM) - attenuationPerM(visibilityM))
  const lookM = JUDGED_FROM_M * Math.sqrt(Math.min(1, visibilityM / CLEAR_ENOUGH_M))
  const veil = WAVELENGTHS_NM.map((_, i) => Math.exp(-(itemAt(attenuation, i) + turnedAside) * lookM))
  const apart = (target: Spectrum, against: Spectrum): number => {
    const through = target.map((t, i) => itemAt(against, i) + (t - itemAt(against, i)) * itemAt(veil, i))
    const [a, b] = [lab(seen(through), colour), lab(seen(against), colour)]
    return Math.min(1, Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) / 100)
  }
  return {
    swatch: (hex) => paint(reflectance(hex).map((r, i) => r * itemAt(down, i))),
    behind: paint(behind),
    contrast: (flank, belly) => ({
      level: apart(
        reflectance(flank).map((r, i) => r * itemAt(down, i)),
        behind,
      ),
      up: apart(
        reflectance(belly).map((r, i) => r * LIGHT_FROM.below * itemAt(down, i)),
        down.map((e) => Math.min(LIGHT_FROM.above, 1) * e),
      ),
    }),
  }
}
