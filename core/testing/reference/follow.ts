import { LumpedLine, placesAlong, type Vector } from './lumped-line'
import type { LineCase } from './cases'

/** Where a lure was: seconds, away, across, down, m. */
export type Mark = readonly [t: number, x: number, y: number, z: number]

const PIECES = Number(process.env.PIECES ?? 28)
/** Seconds of a fall that are followed, and of a swing. */
const FALL_S = 12
const SWING_S = 30
const LONGEST_S = 240

/** Level distance from the rod tip, m. */
const away = ([x, y]: readonly [number, number, ...unknown[]]) => Math.hypot(x, y)

/** Marks of one case: as the lure comes to three, two and one quarter of where it began; of falls and swings by time, at every quarter. */
export function marksOf(one: LineCase, lureAt: () => Vector, step: (resting: boolean, t: number) => number): Mark[] {
  const byTime = one.group === 'count' || one.group === 'swing'
  const whole = one.group === 'count' ? FALL_S : SWING_S
  const start = away(one.from)
  const marks: Mark[] = []
  for (let t = 0; t < LONGEST_S && marks.length < (byTime ? 4 : 3); ) {
    const resting = one.restS > 0 && t % (one.pullS + one.restS) >= one.pullS
    t += step(resting, t)
    const at = lureAt()
    const next = marks.length + 1
    if (byTime ? t >= (whole * next) / 4 - 1e-9 : away(at) <= (start * (4 - next)) / 4) marks.push([t, ...at])
  }
  return marks
}

/** A case by the line of lumped masses. */
export function followCase(one: LineCase): Mark[] {
  const tip: Vector = [0, 0, -one.tipM]
  const from = one.from as Vector
  const [x, y] = from
  const way: Vector[] = one.slack ? [tip, [0.01 * x, 0.01 * y, 0.001], [x, y, 0.001], from] : [tip, from]
  const water = { density: 999, depthM: one.depthM, flowMps: [...one.flowMps, 0] as unknown as Vector }
  const line = new LumpedLine(one.line, one.lure, water, placesAlong(way, PIECES))
  const dt = line.longestStepS
  const falls = one.group === 'count'
  const round = (n: number) => Math.round(n * 1000) / 1000
  return marksOf(
    one,
    () => line.lureAt,
    (resting) => {
      line.step(dt, falls || resting ? (one.givesLine ? 'free' : 0) : one.windMps)
      return dt
    },
  ).map((m) => m.map(round) as unknown as Mark)
}
