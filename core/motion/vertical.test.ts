import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LumpedLine, placesAlong } from '../../testing/reference/lumped-line'
import { plainCast } from '../../testing/plain-cast'
import { behindBall, hangAt, retrievePath, trollingDepth, type BuildMotion } from '.'

const JIG: BuildMotion = {
  submergedWeightN: 0.25,
  towDragAreaM2: 4e-4,
  sinkDragAreaM2: 6e-4,
  diveAngleTan: 0,
  basis: 'assumed',
}
/** Water of 15 °C. */
const FRESH = { density: 999, viscosity: 1.14e-3 }
const BRAID = { diameterM: 1.3e-4, densityKgM3: 970 }
const MONO = { diameterM: 3.5e-4, densityKgM3: 1140 }

describe('hanging under a boat or ice', () => {
  it('in still water it hangs straight down: depth and tip are its line', () => {
    expect(hangAt(JIG, FRESH, MONO, 0, 12, 1)).toMatchObject({ lineOutM: 13, trailM: 0, angleDeg: 0 })
    expect(hangAt(JIG, FRESH, MONO, 0, 12, -0.5)?.lineOutM).toBeCloseTo(11.5, 9)
  })
  it('with thin line its angle is that of its own drag: tan = ½ρ·C·A·v² / W′', () => {
    const hang = hangAt(JIG, { ...FRESH, viscosity: 1e-9 }, { diameterM: 1e-7, densityKgM3: 999 }, 0.4, 10, 0)
    const tan = (0.5 * 999 * 4e-4 * 0.16) / 0.25
    expect(Math.tan(((hang?.angleDeg ?? 0) * Math.PI) / 180)).toBeCloseTo(tan, 2)
    expect(hang?.trailM).toBeCloseTo(10 * tan, 1)
  })
  it('holds against a line of lumped masses that hangs in the same flow', () => {
    for (const [line, flow] of [
      [BRAID, 0.4],
      [MONO, 0.3],
    ] as const) {
      const hang = hangAt(JIG, FRESH, line, flow, 12, 1)
      if (!hang) throw new Error('it does not get there')
      const truth = new LumpedLine(
        line,
        { ...JIG, massKg: 0.028 },
        { density: 999, depthM: 60, flowMps: [flow, 0, 0] },
        placesAlong(
          [
            [0, 0, -1],
            [hang.trailM, 0, 12],
          ],
          14,
        ),
        hang.lineOutM,
      )
      for (let t = 0; t < 60; t += truth.longestStepS) truth.step(truth.longestStepS, 0)
      expect(truth.lurePlace[2]).toBeGreaterThan(11.4)
      expect(truth.lurePlace[2]).toBeLessThan(12.6)
      expect(Math.abs(truth.lurePlace[0] - hang.trailM)).toBeLessThan(0.6)
    }
  })
  it('more drift, thicker line and more depth trail it farther; what cannot get there is told (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1.5, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        (flow, depthM) => {
          const hang = hangAt(JIG, FRESH, BRAID, flow, depthM, 1)
          if (!hang) {
            expect(flow).toBeGreaterThan(0.1)
            return
          }
          expect(hang.lineOutM).toBeGreaterThanOrEqual(depthM + 1 - 1e-6)
          expect(hang.angleDeg).toBeGreaterThan(0)
          expect(hang.angleDeg).toBeLessThan(90)
          const more = hangAt(JIG, FRESH, BRAID, flow * 1.1, depthM, 1)
          if (more) expect(more.trailM).toBeGreaterThan(hang.trailM)
        },
      ),
    )
    expect(hangAt({ ...JIG, submergedWeightN: 0.01 }, FRESH, MONO, 1.5, 40, 1)).toBeNull()
    expect(hangAt({ ...JIG, submergedWeightN: -0.01 }, FRESH, MONO, 0.2, 4, 1)).toBeNull()
  })
})

describe('a drop that is lifted and let fall', () => {
  const drop = { delivery: 'vertical', retrieveSpeedMps: 0.6, pullDurationS: 1, pauseS: 2, depthM: 18 } as const
  it('from a boat that slides it trails behind, and climbs off the bottom; at anchor in still water it does neither', () => {
    const still = retrievePath(plainCast(JIG, drop))
    const slides = retrievePath(plainCast(JIG, { ...drop, flowMps: [0, 0.4], groundMps: [0, 0.4] }))
    expect(Math.max(...still.x)).toBeLessThan(2)
    expect(Math.max(...slides.x)).toBeGreaterThan(5)
    expect(Math.max(...slides.z)).toBeLessThanOrEqual(18)
  })
  it('heavier metal trails less', () => {
    const far = (submergedWeightN: number) =>
      Math.max(
        ...retrievePath(plainCast({ ...JIG, submergedWeightN }, { ...drop, flowMps: [0, 0.4], groundMps: [0, 0.4] })).x,
      )
    expect(far(0.6)).toBeLessThan(far(0.2))
  })
})

describe('behind a downrigger’s ball', () => {
  it('a diver runs below the ball, a thin spoon near its depth, the longer the lead the farther', () => {
    const diver = { ...JIG, submergedWeightN: -0.02, diveAngleTan: 0.8 }
    expect(behindBall(diver, FRESH, MONO, 1, 6).belowM).toBeGreaterThan(1.5)
    expect(behindBall(diver, FRESH, MONO, 1, 12).belowM).toBeGreaterThan(behindBall(diver, FRESH, MONO, 1, 6).belowM)
    const spoon = { ...JIG, submergedWeightN: 0.05, diveAngleTan: -0.05 }
    expect(Math.abs(behindBall(spoon, FRESH, MONO, 1.2, 6).belowM)).toBeLessThan(1.5)
  })
  it('it is the same sum as trolling with the rod tip at the surface', () => {
    const trolled = trollingDepth(JIG, FRESH, MONO, 0.8, 20, 0)
    expect(behindBall(JIG, FRESH, MONO, 0.8, 20).belowM / trolled.depthM).toBeCloseTo(1, 2)
  })
})
