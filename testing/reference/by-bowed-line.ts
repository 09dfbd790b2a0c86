import { BowedLine } from '../../core/motion/bowed-line'
import type { LineCase } from './cases'
import { marksOf, type Mark } from './follow'

/** Places and beats of a cast that steps are cut by: a 26th of it, an eighth of what is left to the rod, a second. */
const PIECES = 26
const OF_THE_REST = 0.12
const LONGEST_STEP_S = 1

/** A case by the application's line; `finer` cuts its steps so many times. */
export function bowedCase(one: LineCase, finer = 1): Mark[] {
  const line = new BowedLine()
  line.near = 1e-3
  line.take({
    motion: { ...one.lure, basis: 'assumed' },
    density: 999,
    viscosity: 1.14e-3,
    lineDiameterM: one.line.diameterM,
    lineDensityKgM3: one.line.densityKgM3,
    depthM: one.depthM,
    rodTipM: one.tipM,
    flowMps: one.flowMps,
    groundMps: [0, 0],
  })
  line.lay(...one.from, one.slack)
  const start = Math.hypot(one.from[0], one.from[1])
  const pace = Math.max(0.2, one.windMps, Math.abs(one.flowMps[0]) + Math.abs(one.flowMps[1]))
  return marksOf(
    one,
    () => [line.x, line.y, line.z],
    (resting, t) => {
      const stride = Math.min(start / PIECES, Math.max(0.2, OF_THE_REST * line.chordM))
      let dt = Math.min(stride / pace, LONGEST_STEP_S) / finer
      const phase = t % (one.pullDurationS + one.pauseS)
      if (one.pauseS > 0)
        dt = Math.min(dt, (resting ? one.pullDurationS + one.pauseS : one.pullDurationS) - phase + 1e-6)
      const rests = resting || one.group === 'count'
      if (rests && one.givesLine) line.follow(dt)
      else line.step(dt, rests ? 0 : one.windMps)
      return dt
    },
  )
}
