import { LumpedLine, placesAlong, type Vector } from './lumped-line'
import type { LineCase } from './cases'

/** Where a lure was: seconds, away, across, down, m. */
export type Mark = readonly [t: number, x: number, y: number, z: number]

const PIECES = 28
/** Seconds of a fall that are followed, and of a swing. */
const FALL_S = 12
const SWING_S = 30
const LONGEST_S = 240

/** Marks of one case: as the lure comes to three, two and one quarter of where it began; of falls, swings and hops by time, at every quarter. */
export function marksOf(one: LineCase, lurePlace: () => Vector, step: (resting: boolean, t: number) => number): Mark[] {
  const start = Math.hypot(one.from[0], one.from[1])
  const hops = (start / one.windMps / one.pullDurationS) * (one.pullDurationS + one.pauseS)
  const beats = one.group === 'hop' || one.group === 'sweep'
  const whole = beats ? hops : one.group === 'count' ? FALL_S : one.group === 'swing' ? SWING_S : null
  const marks: Mark[] = []
  let last: Mark = [0, ...one.from]
  for (let t = 0; t < LONGEST_S && marks.length < (whole === null || beats ? 3 : 4);) {
    const resting = one.pauseS > 0 && t % (one.pullDurationS + one.pauseS) >= one.pullDurationS
    t += step(resting, t)
    const now: Mark = [t, ...lurePlace()]
    const next = marks.length + 1
    const wanted = whole === null ? (start * (4 - next)) / 4 : (whole * next) / 4
    const measure = ([at, x, y]: Mark) => (whole === null ? Math.hypot(x, y) : at)
    const [was, is] = [measure(last), measure(now)]
    if (whole === null ? is <= wanted : is >= wanted - 1e-9) {
      const share = was === is ? 1 : (wanted - was) / (is - was)
      const between = (k: 0 | 1 | 2 | 3) => last[k] + share * (now[k] - last[k])
      marks.push([between(0), between(1), between(2), between(3)])
    }
    last = now
  }
  return marks
}

/** A case by the line of lumped masses. */
export function followCase(one: LineCase): Mark[] {
  const tip: Vector = [0, 0, -one.tipM]
  const { from } = one
  const [x, y] = from
  const way: Vector[] = one.slack ? [tip, [0.01 * x, 0.01 * y, 0.001], [x, y, 0.001], from] : [tip, from]
  const water = { density: 999, depthM: one.depthM, flowMps: [one.flowMps[0], one.flowMps[1], 0] as const }
  const line = new LumpedLine(one.line, one.lure, water, placesAlong(way, PIECES))
  const dt = line.longestStepS
  const falls = one.group === 'count'
  const round = (n: number) => Math.round(n * 1000) / 1000
  return marksOf(
    one,
    () => line.lurePlace,
    (resting) => {
      line.step(dt, falls || resting ? (one.givesLine ? 'follow' : 0) : one.windMps)
      return dt
    },
  ).map(([t, ...at]) => [round(t), round(at[0]), round(at[1]), round(at[2])])
}
