import { describe, expect, it } from 'vitest'
import { LumpedLine, placesAlong, type Vector } from '../../testing/reference/lumped-line'
import { throughTurn, trollingDepth, type BuildMotion } from '.'

/** Water of 15 °C. */
const FRESH = { density: 999, viscosity: 1.14e-3 }
const LINE = { diameterM: 3e-4, densityKgM3: 1140 }
const SPOON: BuildMotion = {
  submergedWeightN: 0.13,
  towDragAreaM2: 4e-4,
  sinkDragAreaM2: 1.2e-3,
  diveAngleTan: -0.03,
  basis: 'assumed',
}
const PLUG: BuildMotion = { ...SPOON, submergedWeightN: -0.03, towDragAreaM2: 5e-4, diveAngleTan: 0.9 }
const BOAT = { ...FRESH, line: LINE, tipM: 0.8, speedMps: 1, turnsDeg: 120, depthM: 30 } as const

/** The same turn by a line of lumped masses whose tip is carried round, from the straight run it settled on. */
function byReference(motion: BuildMotion, lineOutM: number, radiusM: number, sideM: number) {
  const straight = trollingDepth(motion, BOAT, LINE, BOAT.speedMps, lineOutM, BOAT.tipM)
  const line = new LumpedLine(
    LINE,
    { ...motion, massKg: 0.018 },
    { density: 999, depthM: 30, flowMps: [0, 0, 0] },
    placesAlong(
      [
        [0, 0, -BOAT.tipM],
        [straight.behindM, 0, straight.depthM],
      ],
      12,
    ),
    lineOutM,
  )
  const dt = line.longestStepS
  const settles = 2 * lineOutM
  const turning = (2.0944 * radiusM) / BOAT.speedMps
  const found = { slowestMps: Infinity, fastestMps: 0, straightM: 0, deepestM: 0, shallowestM: Infinity }
  let [x, y, since] = [0, 0, 0]
  let before: Vector = line.lurePlace
  for (let t = 0; t < 2 * settles + turning; t += dt) {
    const inTurn = t >= settles && t < settles + turning
    const heading = (BOAT.speedMps / radiusM) * Math.min(turning, Math.max(0, t - settles))
    const v = inTurn ? BOAT.speedMps * (1 + sideM / radiusM) : BOAT.speedMps
    x -= v * Math.cos(heading) * dt
    y -= v * Math.sin(heading) * dt
    line.at.set([x, y], 0)
    line.speed.set([-v * Math.cos(heading), -v * Math.sin(heading)], 0)
    line.step(dt, 0)
    since += dt
    if (since < 0.5) continue
    const now = line.lurePlace
    const mps = Math.hypot(now[0] - before[0], now[1] - before[1], now[2] - before[2]) / since
    if (t < settles) found.straightM = now[2]
    else {
      found.slowestMps = Math.min(found.slowestMps, mps)
      found.fastestMps = Math.max(found.fastestMps, mps)
      found.deepestM = Math.max(found.deepestM, now[2])
      found.shallowestM = Math.min(found.shallowestM, now[2])
    }
    before = now
    since = 0
  }
  return found
}

describe('through a turn', () => {
  it.each([
    ['spoon, 20 m of line, inner rod', SPOON, 20, 15, -2.5],
    ['spoon, 20 m, outer rod', SPOON, 20, 15, 2.5],
    ['spoon, 35 m, wide turn', SPOON, 35, 30, -2.5],
    ['plug, 20 m, outer rod', PLUG, 20, 30, 2.5],
    ['plug, 35 m, inner rod', PLUG, 35, 15, -2.5],
  ] as const)('%s: as fast and as deep as a line of lumped masses has it', (_, motion, lineOutM, radiusM, sideM) => {
    const own = throughTurn({ ...BOAT, motion, lineOutM, radiusM, sideM })
    const truth = byReference(motion, lineOutM, radiusM, sideM)
    expect(Math.abs(own.slowestMps - truth.slowestMps)).toBeLessThan(0.06)
    expect(Math.abs(own.fastestMps - truth.fastestMps)).toBeLessThan(0.06)
    for (const depth of ['straightM', 'deepestM', 'shallowestM'] as const)
      expect(Math.abs(own[depth] - truth[depth])).toBeLessThan(0.15 * truth[depth] + 0.25)
  })
  it('a lure drawn round evenly goes as slow as its circle is smaller: √(R² − L²)/R of the tip (pursuit on a circle)', () => {
    const weightless = { ...SPOON, submergedWeightN: 1e-4, diveAngleTan: 0 }
    const own = throughTurn({
      ...BOAT,
      motion: weightless,
      line: { diameterM: 1e-6, densityKgM3: 999 },
      tipM: 0,
      lineOutM: 12,
      radiusM: 20,
      sideM: 0,
      turnsDeg: 300,
    })
    expect(own.slowestMps).toBeCloseTo(Math.sqrt(400 - 144) / 20, 1)
  })
  it('inner rods slow and let a spoon sink, outer rods hurry and lift it (common practice)', () => {
    const at = (sideM: number) => throughTurn({ ...BOAT, motion: SPOON, lineOutM: 25, radiusM: 20, sideM })
    expect(at(-2).slowestMps).toBeLessThan(at(2).slowestMps)
    expect(at(-2).deepestM).toBeGreaterThan(at(2).deepestM)
    expect(at(2).fastestMps).toBeGreaterThan(1.05)
    expect(at(2).shallowestM).toBeLessThan(at(-2).straightM)
  })
})
