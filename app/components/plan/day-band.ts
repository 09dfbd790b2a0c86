import { area, curveMonotoneX } from 'd3-shape'
import { epochOf, readWater, skyAt, speciesOf, stationFor, tideLevelM, type Place } from '../../../core/water'
import { slotsOf, waterOf, type Leg, type Planned } from '../../../core/plan'

/** Where hours lie along the band: legs one after another, a gap between two. */
export interface BandLeg {
  readonly leg: Leg
  readonly place: Place
  readonly x0: number
  readonly x1: number
  readonly x: (hour: number) => number
  readonly hourAt: (x: number) => number
}

const GAP_PX = 18

export function bandLegs(legs: readonly Leg[], places: readonly Place[], from: number, to: number): BandLeg[] {
  const shown = legs.flatMap((leg) => {
    const place = places.find(({ id }) => id === leg.water.placeId)
    return place ? [{ leg, place }] : []
  })
  const hours = shown.reduce((sum, { leg }) => sum + leg.toH - leg.fromH, 0)
  const perHour = (to - from - GAP_PX * Math.max(0, shown.length - 1)) / Math.max(1, hours)
  let at = from
  return shown.map(({ leg, place }) => {
    const x0 = at
    const x1 = x0 + perHour * (leg.toH - leg.fromH)
    at = x1 + GAP_PX
    return {
      leg,
      place,
      x0,
      x1,
      x: (hour) => x0 + perHour * (hour - leg.fromH),
      hourAt: (x) => leg.fromH + (x - x0) / perHour,
    }
  })
}

/** Light along a leg, in runs of the same, and the tide as a line 0 … 1; none inland. */
export function skyOf({ leg, place }: Pick<BandLeg, 'leg' | 'place'>) {
  const species = speciesOf(leg.water.speciesId)
  const station = stationFor(place)
  const runs: { light: string; fromH: number; toH: number }[] = []
  const sun: { hour: number; deg: number }[] = []
  const tide: { hour: number; level: number }[] = []
  if (!species) return { runs, tide, sun }
  const STEP = 0.25
  for (let hour = leg.fromH; hour <= leg.toH + 1e-9; hour += STEP) {
    if (station) tide.push({ hour, level: tideLevelM(station, epochOf(place, leg.water.date, hour)) })
    sun.push({ hour, deg: skyAt(place.latDeg, place.lonDeg, epochOf(place, leg.water.date, hour)).sunAltitudeDeg })
    if (hour > leg.toH - STEP / 2) continue
    const { light } = readWater({ ...leg.water, hour: Math.min(23.99, hour + STEP / 2), lightAs: null }, place, species)
    const last = runs.at(-1)
    if (last?.light === light) last.toH = hour + STEP
    else runs.push({ light, fromH: hour, toH: hour + STEP })
  }
  return { runs, tide, sun }
}

/** Wind and sky of a leg, as they are told for each hour. */
export const skyByHour = (leg: Leg, places: readonly Place[]) =>
  slotsOf([leg], places).map((slot) => {
    const { sky, windMps } = waterOf(slot)
    return { hour: slot.fromH, sky, windMps }
  })

interface Point {
  readonly x: number
  readonly half: number
}

/** A ribbon as wide as the lure is worth; `within`: only between two hours. */
export function ribbon(
  { leg, x }: BandLeg,
  hours: Planned['hours'],
  lure: number,
  halfOf: (worth: number) => number,
  y: number,
  within?: readonly [number, number],
): string {
  const mine = hours.filter(({ legId }) => legId === leg.id)
  const at = (i: number) => mine[Math.min(mine.length - 1, Math.max(0, i))]?.each[lure] ?? 0
  const points: Point[] = mine.flatMap(({ fromH, toH }, i): Point[] => {
    if (within && (toH <= within[0] + 1e-9 || fromH >= within[1] - 1e-9)) return []
    const edge = (a: number, b: number) => halfOf((at(a) + at(b)) / 2)
    return [
      { x: x(fromH), half: edge(i - 1, i) },
      { x: x((fromH + toH) / 2), half: halfOf(at(i)) },
      { x: x(toH), half: edge(i, i + 1) },
    ]
  })
  return (
    area<Point>()
      .x((p) => p.x)
      .y0((p) => y - p.half)
      .y1((p) => y + p.half)
      .curve(curveMonotoneX)(points) ?? ''
  )
}
