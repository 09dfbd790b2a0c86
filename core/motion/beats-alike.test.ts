import { describe, expect, test } from 'vitest'
import { LABEL_CAST, STEADY_WIND, newTrack, type CastPlan } from '.'
import { EXACT, QUICK, depthOnPath, simulateRetrieve } from './path'

/** Beats that are taken to be like those before them, against every beat worked for itself: the same line, none left out. */
const EVERY_BEAT = { ...EXACT, beats: 1e6 }

const jig = (submergedWeightN: number): CastPlan['motion'] => ({
  towDragAreaM2: 6e-4,
  sinkDragAreaM2: 8e-4,
  diveAngleTan: 0,
  submergedWeightN,
  basis: 'assumed',
})
const hops = (weightN: number, hop: Partial<CastPlan>): CastPlan => ({
  ...STEADY_WIND,
  ...LABEL_CAST,
  motion: jig(weightN),
  depthM: 60,
  countDownS: 5,
  ...hop,
})
const CASES: readonly [string, CastPlan][] = [
  ['6 g, 25 m', hops(0.06, { castM: 25, retrieveSpeedMps: 0.6, pullDurationS: 0.5, pauseS: 1 })],
  ['15 g, 40 m', hops(0.15, { castM: 40, retrieveSpeedMps: 0.5, pullDurationS: 0.5, pauseS: 1.2 })],
  ['3 g, 40 m', hops(0.03, { castM: 40, retrieveSpeedMps: 0.8, pullDurationS: 0.4, pauseS: 0.6 })],
  ['10 g, 60 m, long rests', hops(0.1, { castM: 60, retrieveSpeedMps: 1, pullDurationS: 0.4, pauseS: 3 })],
  [
    '6 g, the rod follows',
    hops(0.06, { castM: 25, retrieveSpeedMps: 0.8, pullDurationS: 0.4, pauseS: 1, slack: true }),
  ],
  [
    '8 g in a current',
    hops(0.08, { castM: 30, retrieveSpeedMps: 0.6, pullDurationS: 0.5, pauseS: 1, flowMps: [0, 0.3] }),
  ],
]

const track = newTrack()
function worked(plan: CastPlan, grain: typeof EXACT) {
  simulateRetrieve(plan, track, grain)
  const path = track.path()
  const depths = [0.75, 0.5, 0.25].map((share) => depthOnPath(path, share * plan.castM))
  return { depths, seconds: path.t.at(-1) ?? NaN }
}

const far = (found: number, of: number | undefined) => Math.abs(found / (of ?? NaN) - 1)

describe('beats taken to be alike', () => {
  test.each(CASES)('%s: to be drawn, within 9 % of depth and time', (_, plan) => {
    const every = worked(plan, EVERY_BEAT)
    const some = worked(plan, EXACT)
    expect(far(some.seconds, every.seconds)).toBeLessThan(0.09)
    for (const [i, depth] of some.depths.entries()) expect(far(depth, every.depths[i])).toBeLessThan(0.09)
  })

  test.each(CASES)('%s: to be ranked, within 30 % of depth', (_, plan) => {
    const every = worked(plan, EVERY_BEAT)
    for (const [i, depth] of worked(plan, QUICK).depths.entries()) expect(far(depth, every.depths[i])).toBeLessThan(0.3)
  })
})
