import { describe, expect, it } from 'vitest'
import { plainCast } from '../../testing/plain-cast'
import { GlanceBeat } from './glance-beat'
import { GlanceLine } from './glance-line'
import { sinkRateMps, transverseSpeedMps } from './pull'
import type { BuildMotion, CastPlan } from '.'

const jig: BuildMotion = {
  towDragAreaM2: 5e-4,
  sinkDragAreaM2: 6e-4,
  diveAngleTan: 0,
  submergedWeightN: 0.09,
  basis: 'assumed',
}
/** On a line that neither drags nor weighs, with the rod tip at the water. */
const bare = (over: Partial<CastPlan> = {}) =>
  plainCast(jig, { lineDiameterM: 1e-7, lineDensityKgM3: 999, viscosity: 1e-9, rodTipM: 0, depthM: 10, ...over })
const g = 0.09 / (0.5 * 999 * 5e-4)

describe('a lure on a line at a glance', () => {
  it('on a line of nothing moves as its weight and drag alone have it (closed form at 30° below the level)', () => {
    const line = new GlanceLine(bare())
    const [cos, sin] = [Math.cos(Math.PI / 6), 0.5]
    line.pull(10 * cos, 0, 10 * sin)
    const v = transverseSpeedMps(0.8, 0, g, cos)
    expect(line.vx).toBeCloseTo(-(0.8 * cos + v * sin), 6)
    expect(line.vz).toBeCloseTo(v * cos - 0.8 * sin, 6)
    expect(line.vy).toBe(0)
  })
  it('let go falls free with the water, held swings on its line', () => {
    const free = new GlanceLine(bare({ slack: true, flowMps: [0.1, 0.3] }))
    free.rest(12, 0, 4)
    // Far out it falls all but free; a little is a swing on its line.
    const [cos, sin] = [12 / Math.hypot(12, 4), 4 / Math.hypot(12, 4)]
    const v = sinkRateMps(jig, 999) * Math.sqrt(cos)
    expect(free.vx).toBeCloseTo(0.1 - v * sin, 3)
    expect(free.vy).toBe(0.3)
    expect(free.vz).toBeCloseTo(v * cos, 3)
    // Under the rod its line holds it up.
    free.rest(1, 0, 8)
    expect(free.vz).toBeLessThan(0.1 * free.fallMps)
    // What rises has line enough.
    const floats = new GlanceLine(bare({ slack: true, motion: { ...jig, submergedWeightN: -0.05 } }))
    floats.rest(3, 0, 4)
    expect(floats.vz).toBeCloseTo(floats.fallMps, 4)
    expect(floats.vx).toBe(0)
    const held = new GlanceLine(bare())
    held.rest(3, 0, 4)
    expect(held.vz).toBeCloseTo(Math.sqrt(g * 0.6) * 0.6, 9)
    expect(held.vx).toBeCloseTo(-Math.sqrt(g * 0.6) * 0.8, 9)
  })
  it('thick line holds a fall back', () => {
    const thick = new GlanceLine(bare({ slack: true, lineDiameterM: 4e-4 }))
    thick.rest(20, 0, 3)
    expect(thick.vz).toBeLessThan(0.7 * thick.fallMps)
  })
})

describe('a beat at a glance', () => {
  it('falls back what its pull rose and then lies on the bottom, where no current carries it', () => {
    const beat = new GlanceBeat(bare({ slack: true, pauseS: 20, pullDurationS: 1, flowMps: [0, 0.3] }))
    beat.from(8, 0, 10)
    expect(beat.backM).toBeGreaterThan(0)
    expect(beat.backS).toBeGreaterThan(beat.backM / sinkRateMps(jig, 999))
    // Of 21 s it drifts only while it is pulled and falls back.
    expect(beat.dy).toBeLessThan(0.3 * (1 + beat.backS) + 1e-9)
  })
})
