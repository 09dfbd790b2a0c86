import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LumpedLine, placesAlong } from '../../testing/reference/lumped-line'
import { plainCast } from '../../testing/plain-cast'
import { LET_OUT } from '../../data/deliveries'
import { swing } from './swing'
import {
  lineForDepth,
  retrievePath,
  sinkRateMps,
  towedLine,
  trollingDepth,
  zoneExposure,
  type BuildMotion,
  type CastPlan,
} from '.'

const JIG: BuildMotion = {
  submergedWeightN: 0.15,
  towDragAreaM2: 5e-4,
  sinkDragAreaM2: 7e-4,
  diveAngleTan: 0,
  basis: 'assumed',
}
const DIVER: BuildMotion = { ...JIG, submergedWeightN: -0.02, diveAngleTan: 0.8 }
/** Water of 15 °C. */
const FRESH = { density: 999, viscosity: 1.14e-3 }
const MONO = { diameterM: 3e-4, densityKgM3: 1140 }
const plan = ({ motion = JIG, ...over }: Partial<CastPlan>) =>
  plainCast(motion, { lineDiameterM: MONO.diameterM, lineDensityKgM3: MONO.densityKgM3, ...over })
const last = (of: readonly number[]) => of[of.length - 1] ?? NaN

describe('trolled', () => {
  it('a line of lumped masses drawn through the water settles at the same depth, sinker and diver', () => {
    for (const motion of [JIG, DIVER])
      for (const speed of [0.7, 1.3]) {
        const path = retrievePath(plan({ motion, delivery: 'troll', castM: 24, retrieveSpeedMps: speed, depthM: 60 }))
        const truth = new LumpedLine(
          MONO,
          { ...motion, massKg: 0.02 },
          { density: 999, depthM: 60, flowMps: [speed, 0, 0] },
          placesAlong(
            [
              [0, 0, -1],
              [23, 0, 3],
            ],
            16,
          ),
          24,
        )
        for (let t = 0; t < 90; t += truth.longestStepS) truth.step(truth.longestStepS, 0)
        expect(Math.abs(last(path.z) - truth.lurePlace[2])).toBeLessThan(0.15 * truth.lurePlace[2] + 0.25)
        expect(Math.abs(last(path.x) - truth.lurePlace[0])).toBeLessThan(1)
      }
  })
  it('line let out for a depth gives that depth again (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 2.5, noNaN: true }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.constantFrom(JIG, DIVER),
        (speed, depthM, motion) => {
          const out = lineForDepth(motion, FRESH, MONO, speed, depthM, 1, 80)
          if (out === null) {
            expect(trollingDepth(motion, FRESH, MONO, speed, 79, 1).depthM).toBeLessThan(depthM)
            return
          }
          expect(Math.abs(trollingDepth(motion, FRESH, MONO, speed, out, 1).depthM - depthM)).toBeLessThan(0.05)
        },
      ),
    )
  })
  it('in water that stands still line hangs straight; what floats is never brought down', () => {
    expect(lineForDepth(JIG, FRESH, MONO, 0, 6, 1, 80)).toBeCloseTo(7, 9)
    expect(lineForDepth({ ...JIG, submergedWeightN: -0.1 }, FRESH, MONO, 0, 6, 1, 80)).toBeNull()
    expect(lineForDepth({ ...JIG, submergedWeightN: -0.1 }, FRESH, MONO, 1, 2, 1, 80)).toBeNull()
  })
  it('the whole pass is a pull at one depth, and none deeper than the bottom', () => {
    const deep = plan({ delivery: 'troll', castM: 60, retrieveSpeedMps: 0.5, depthM: 3 })
    const path = retrievePath(deep)
    expect(new Set(path.z)).toEqual(new Set([3]))
    const share = zoneExposure(path, {
      zone: { topM: 2, bottomM: 3, upM: 0, downM: 0 },
      coverTopM: null,
      depthM: 3,
      fallTaken: 1,
      blowsOut: true,
    })
    expect(share).toMatchObject({ inZone: 1, onBottom: 1, seconds: LET_OUT.passS })
  })
  it('the line that is drawn leads from the lure to the surface', () => {
    const towed = plan({ delivery: 'troll', castM: 30, retrieveSpeedMps: 1, depthM: 40 })
    const path = retrievePath(towed)
    const line = towedLine(towed, { x: last(path.x), z: last(path.z) })
    expect(line[0]).toEqual({ x: last(path.x), z: last(path.z) })
    expect(last(line.map((p) => p.z))).toBeLessThan(0.1)
    line.slice(1).forEach((p, i) => expect(p.x).toBeLessThanOrEqual((line[i]?.x ?? 0) + 1e-9))
    expect(towedLine({ ...towed, delivery: 'cast' }, { x: 10, z: 2 })).toEqual([])
  })
})

describe('behind a downrigger', () => {
  it('a sinker runs below the ball, a plug that floats above it; the deeper the ball, the deeper it runs', () => {
    const z = (motion: BuildMotion, ballM: number) =>
      last(retrievePath(plan({ motion, delivery: 'downrigger', ballM, castM: 8, retrieveSpeedMps: 0.9, depthM: 40 })).z)
    expect(z(JIG, 12)).toBeGreaterThan(12)
    expect(z({ ...JIG, submergedWeightN: -0.05 }, 12)).toBeLessThan(12)
    expect(z(JIG, 20) - z(JIG, 12)).toBeCloseTo(8, 9)
  })
})

describe('drifted', () => {
  const drift = (over: Partial<CastPlan>) =>
    retrievePath(plan({ delivery: 'drift', flowMps: [0, 0.3], castM: 12, depthM: 30, ...over }))
  it('held, it rides where a trolled line of that length and pace would', () => {
    const path = drift({})
    expect(last(path.z)).toBeCloseTo(trollingDepth(JIG, FRESH, MONO, 0.3, 12, 1).depthM, 1)
  })
  it('lifted, it rises by the pull and falls back no faster than it sinks', () => {
    const path = drift({ retrieveSpeedMps: 0.7, pullDurationS: 0.7, pauseS: 2.5 })
    const top = Math.min(...path.z)
    const base = path.z[0] ?? 0
    expect(base - top).toBeCloseTo(0.49, 2)
    const fall = sinkRateMps(JIG, 999)
    for (let i = 1; i < path.z.length; i++) {
      const [dz, dt] = [(path.z[i] ?? 0) - (path.z[i - 1] ?? 0), (path.t[i] ?? 0) - (path.t[i - 1] ?? 0)]
      if (dt > 0 && path.pulled[i] === 0) expect(dz / dt).toBeLessThanOrEqual(fall + 1e-9)
    }
  })
  it('where nothing passes it hangs under the rod', () => {
    const path = drift({ flowMps: [0, 0], castM: 9 })
    expect([last(path.x), last(path.z)]).toEqual([0, 8])
  })
})

describe('swung across a current', () => {
  it('followed in half seconds it swims as deep, within an eighth, as in tenths of a second', () => {
    const meanM = (points: readonly { t: number; depthM: number }[]) =>
      points.reduce((sum, p, i) => sum + p.depthM * ((points[i + 1]?.t ?? p.t) - p.t), 0) / last(points.map((p) => p.t))
    for (const submergedWeightN of [0.01, 0.03, 0.1])
      for (const currentMps of [0.3, 0.6, 1]) {
        const given = {
          motion: { ...JIG, submergedWeightN },
          ...FRESH,
          line: MONO,
          castM: 20,
          angleDeg: LET_OUT.swingDeg,
          currentMps,
          retrieveSpeedMps: 0,
          tipM: 1,
          depthM: 3,
          alongBottom: true,
        }
        const [fine, coarse] = [0.1, 0.5].map((stepS) => meanM(swing({ ...given, stepS })))
        expect((coarse ?? NaN) / (fine ?? NaN), `${submergedWeightN} N, ${currentMps} m/s`).toBeGreaterThan(7 / 8)
        expect((coarse ?? NaN) / (fine ?? NaN)).toBeLessThan(8 / 7)
      }
  })
  it('it ends below the rod, hangs there, and a heavier lure swings deeper', () => {
    const swung = (motion: BuildMotion) =>
      retrievePath(plan({ motion, delivery: 'swing', flowMps: [0, 0.6], castM: 20, depthM: 8 }))
    const [light, heavy] = [swung({ ...JIG, submergedWeightN: 0.03 }), swung(JIG)]
    for (const path of [light, heavy]) {
      expect(last(path.t) - (path.t[path.t.length - 2] ?? 0)).toBe(LET_OUT.hangS)
      expect(path.pulled.slice(-1)).toEqual([0])
      expect(Math.max(...path.x)).toBeLessThan(21)
    }
    expect(last(heavy.z)).toBeGreaterThan(last(light.z))
  })
})

describe('left lying', () => {
  it('is lifted some times and reeled in; in still water it never goes farther out', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 0.2, noNaN: true }),
        fc.double({ min: 5, max: 30, noNaN: true }),
        (submergedWeightN, castM) => {
          const path = retrievePath(
            plan({
              motion: { ...JIG, submergedWeightN },
              delivery: 'still',
              castM,
              depthM: 6,
              countDownS: 30,
              retrieveSpeedMps: 0.3,
              pullDurationS: 0.6,
              pauseS: 40,
              slack: true,
            }),
          )
          expect(Math.max(...path.x)).toBeLessThan(castM + 0.5)
          expect(last(path.t)).toBeLessThan(30 + (LET_OUT.waits + 1) * 41)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('a lure that floats and hardly drags, close behind what holds it', () => {
  it('is not drawn a hair ahead of it', () => {
    const motion = { ...JIG, submergedWeightN: -1e-3, towDragAreaM2: 1e-6, sinkDragAreaM2: 1e-6 }
    const path = retrievePath({
      ...plan({
        motion,
        delivery: 'downrigger',
        castM: 2,
        retrieveSpeedMps: 0.5,
        depthM: 0.1,
        rodTipM: 0,
      }),
      lineDiameterM: 2e-4,
      lineDensityKgM3: 970,
      density: 999.842594,
      pullDurationS: 0.1,
      pauseS: 0,
      ballM: null,
    })
    expect(Math.min(...path.x)).toBe(0)
  })
})
