import { interpolateRgb } from 'd3-interpolate'
import { scaleLinear } from 'd3-scale'
import { attenuationPerM, type LightPhase } from '../../../core/water'

/** The picture's geometry and colours, worked out apart from the drawing. */

export interface SceneInput {
  readonly widthPx: number
  readonly depthM: number
  readonly reachM: number
  readonly trueScale: boolean
}

const MARGIN = { left: 58, right: 18, bottom: 34 }
const SKY_PX = 86
const WATER_PX = { wide: 300, narrow: 220 }
const NARROW_PX = 520
const HIGHEST_TIP_M = 3
/** A lake bed is drawn this far below the deepest water. */
const BED_PX = 22

export function sceneOf({ widthPx, depthM, reachM, trueScale }: SceneInput) {
  const plotWidth = Math.max(120, widthPx - MARGIN.left - MARGIN.right)
  const x = scaleLinear([0, reachM * 1.06 + 1], [MARGIN.left, MARGIN.left + plotWidth])
  const perMetreX = x(1) - x(0)
  const usual = widthPx < NARROW_PX ? WATER_PX.narrow : WATER_PX.wide
  const waterPx = trueScale ? Math.max(24, depthM * perMetreX) : usual
  const z = scaleLinear([0, depthM], [SKY_PX, SKY_PX + waterPx])
  const perMetreZ = z(1) - z(0)
  // Above the water the same scale as below, as long as a raised rod still fits.
  const perMetreAir = Math.min(perMetreZ, (SKY_PX - 14) / HIGHEST_TIP_M)
  const air = (m: number) => SKY_PX - m * perMetreAir
  const airM = (px: number) => (SKY_PX - px) / perMetreAir
  const stretch = perMetreZ / perMetreX
  return {
    x,
    z,
    air,
    airM,
    stretch,
    waterPx,
    skyPx: SKY_PX,
    bedPx: BED_PX,
    left: MARGIN.left,
    right: MARGIN.left + plotWidth,
    heightPx: SKY_PX + waterPx + MARGIN.bottom + BED_PX,
  }
}
export type Scene = ReturnType<typeof sceneOf>

interface WaterColours {
  readonly bright: string
  readonly dark: string
  readonly sky: readonly [string, string]
}

const SKY: Record<LightPhase, readonly [string, string]> = {
  day: ['#dbe7e4', '#f3efe4'],
  dawn: ['#d9d3dc', '#f4d9bd'],
  dusk: ['#b9b3c6', '#eec3a0'],
  night: ['#39434f', '#5b6672'],
}
const CLEAR = { bright: '#bfe0d6', dark: '#0b3a44' }
const STAINED = { bright: '#d8c793', dark: '#3a2a12' }
const NIGHT_THEME: WaterColours = { bright: '#59371f', dark: '#160c06', sky: ['#1d130c', '#2a1b11'] }

/** Clear water is green-blue, stained water tea; between half a metre and four the one passes into the other. */
export function coloursOf(visibilityM: number, light: LightPhase, nightTheme: boolean): WaterColours {
  if (nightTheme) return NIGHT_THEME
  const clear = Math.min(1, Math.max(0, Math.log(visibilityM / 0.5) / Math.log(8)))
  const dim = light === 'night' ? 0.55 : light === 'day' ? 0 : 0.15
  const mixed = (part: 'bright' | 'dark') =>
    interpolateRgb(interpolateRgb(STAINED[part], CLEAR[part])(clear), '#0a1418')(dim)
  return { bright: mixed('bright'), dark: mixed('dark'), sky: SKY[light] }
}

/** Light fading with depth (Beer–Lambert) as stops of a gradient. */
export function lightStops(
  depthM: number,
  visibilityM: number,
  colours: WaterColours,
): { offset: number; colour: string }[] {
  const k = attenuationPerM(visibilityM)
  const between = interpolateRgb(colours.dark, colours.bright)
  return Array.from({ length: 9 }, (_, i) => ({
    offset: i / 8,
    colour: between(Math.exp(-k * 0.55 * depthM * (i / 8))),
  }))
}

/** A repeatable scatter, so that the same lake always looks the same. */
export function scatter(i: number): number {
  const s = Math.sin(i * 127.1 + 11.7) * 43758.5453
  return s - Math.floor(s)
}
