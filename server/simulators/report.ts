import { itemAt } from '../../core/list'
import type { Sky, WaterReport } from '../../core/water'
import { seeded } from './scale'

/** A weather and water service that is simulated, clearly so: the same place and day always say the same. */
export interface ReportQuery {
  readonly placeId: string
  readonly date: string
  /** How the water usually is there: the report moves about it. */
  readonly waterTempC: number
  readonly visibilityM: number
}

function seedOf(text: string): number {
  let seed = 2_166_136_261
  for (const c of text) seed = Math.imul(seed ^ c.charCodeAt(0), 16_777_619) >>> 0
  return seed
}

const SKIES: readonly Sky[] = ['sun', 'broken', 'cloud', 'rain']
/** The wind rises to the afternoon; the top of the water gains and loses a little; rain and wind take some of the sight. */
const DAY = {
  windAtNight: 0.5,
  windByDay: 1,
  tempSwingC: 0.6,
  warmestHour: 16,
  rainTakes: 0.12,
  windTakesPerMps: 0.012,
} as const

export function simulatedReport({ placeId, date, waterTempC, visibilityM }: ReportQuery): WaterReport {
  const chance = seeded(seedOf(`${placeId} ${date}`))
  const windMps = 1 + 7 * chance() ** 1.6
  const fromDeg = Math.round(360 * chance())
  const dayC = (chance() - 0.5) * 2
  let state = Math.floor(chance() * 3)
  const hours = Array.from({ length: 24 }, (_, hour) => {
    if (hour % 3 === 0) state = Math.min(3, Math.max(0, state + Math.round((chance() - 0.5) * 2.4)))
    const sky = itemAt(SKIES, state)
    const daily =
      DAY.windAtNight + (DAY.windByDay - DAY.windAtNight) * Math.max(0, Math.sin(((hour - 6) / 15) * Math.PI))
    const wind = windMps * daily
    const warm = DAY.tempSwingC * Math.cos(((hour - DAY.warmestHour) / 12) * Math.PI)
    const sight = visibilityM * (1 - DAY.windTakesPerMps * wind) * (sky === 'rain' ? 1 - DAY.rainTakes : 1)
    const round = (v: number, by: number) => Math.round(v * by) / by
    return {
      hour,
      sky,
      windMps: round(wind, 10),
      windFromDeg: (fromDeg + Math.round((chance() - 0.5) * 30) + 360) % 360,
      waterTempC: Math.min(40, Math.max(-2, round(waterTempC + dayC + warm, 10))),
      visibilityM: Math.min(40, Math.max(0.05, round(sight, 100))),
    }
  })
  return { placeId, date, simulated: true, hours }
}
