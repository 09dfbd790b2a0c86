import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../testing/world'
import { buildsOf } from '../tackle'
import {
  LABEL_CAST,
  simulateRetrieve,
  estimateCast,
  motionOf,
  newTrack,
  retrievePath,
  zoneExposure,
  trackShare,
  type CastPlan,
} from '.'
import { TautLineModel } from './taut-line'
import { PathBuffer } from './path-buffer'

const motions = WORLD.box.lures.flatMap((lure) => {
  const [build] = buildsOf(lure, WORLD.box)
  return build ? [{ name: lure.name, motion: motionOf(build, 999) }] : []
})
const plan = (over: Partial<CastPlan> = {}): CastPlan => ({
  ...LABEL_CAST,
  motion: motions[0]!.motion,
  surface: false,
  depthM: 5,
  currentMps: 0,
  countDownS: 0,
  pullDurationS: 1,
  pauseS: 0,
  slack: false,
  delivery: 'cast',
  heldAboveBottomM: null,
  ...over,
})
const anyPlan = fc
  .record({
    i: fc.nat(motions.length - 1),
    castM: fc.double({ min: 8, max: 50, noNaN: true }),
    depthM: fc.double({ min: 1, max: 12, noNaN: true }),
    lineDiameterM: fc.double({ min: 0.0001, max: 0.0005, noNaN: true }),
    retrieveSpeedMps: fc.double({ min: 0.2, max: 1.6, noNaN: true }),
    countDownS: fc.integer({ min: 0, max: 20 }),
    rodTipM: fc.double({ min: 0, max: 2.5, noNaN: true }),
    pullDurationS: fc.double({ min: 0.3, max: 2, noNaN: true }),
    pauseS: fc.constantFrom(0, 0, 1, 4, 12),
    slack: fc.boolean(),
  })
  .map(({ i, ...over }) => plan({ ...over, motion: motions[i]!.motion }))
const ZONE = { topM: 1, bottomM: 2, upM: 0.9, downM: 0.35 }

describe('a coarse path against the whole path', () => {
  it('of a steady wind: mean depth to within 5 cm on most demo lures, half a metre on heavy spoons', () => {
    const track = newTrack()
    const meanDepth = () => {
      let sum = 0
      for (let i = track.retrieveStartIndex + 1; i < track.count; i++)
        sum += ((track.z[i] ?? 0) + (track.z[i - 1] ?? 0)) * ((track.t[i] ?? 0) - (track.t[i - 1] ?? 0)) * 0.5
      return sum / ((track.t[track.count - 1] ?? 1) - (track.t[track.retrieveStartIndex] ?? 0))
    }
    const off = motions.map(({ motion }) => {
      const steady = plan({ motion, countDownS: 3 })
      simulateRetrieve(steady, track, 200)
      const exact = meanDepth()
      estimateCast(steady, track)
      return Math.abs(meanDepth() - exact)
    })
    expect(Math.max(...off)).toBeLessThan(0.5)
    expect(off.filter((d) => d < 0.05).length).toBeGreaterThan(off.length / 2)
  })
  it('stays in the water, goes forward in time and ends near the rod (property)', () => {
    const track = newTrack()
    fc.assert(
      fc.property(anyPlan, (p) => {
        estimateCast(p, track)
        expect(track.count).toBeGreaterThan(1)
        for (let i = 0; i < track.count; i++) {
          expect(track.z[i]).toBeGreaterThanOrEqual(-1e-9)
          expect(track.z[i]).toBeLessThanOrEqual(p.depthM + 1e-9)
          if (i > 0) expect(track.t[i]).toBeGreaterThanOrEqual((track.t[i - 1] ?? 0) - 1e-9)
        }
      }),
      { numRuns: 150 },
    )
  })
  it('finds the same share of the zone to a quarter, nine times in ten (property sample)', () => {
    const track = newTrack()
    const sample = fc.sample(anyPlan, { numRuns: 200, seed: 3 })
    const off = sample.map((p) => {
      estimateCast(p, track)
      const seen = trackShare(track, ZONE, p.depthM, null).withinReach
      return Math.abs(seen - zoneExposure(retrievePath(p), ZONE, p.depthM, null).withinReach)
    })
    expect(off.filter((d) => d < 0.25).length).toBeGreaterThan(180)
  })
})

describe('a track', () => {
  it('is written anew by every cast, and kept only where it is asked for', () => {
    const track = newTrack()
    simulateRetrieve(plan({ castM: 40 }), track)
    const kept = track.path()
    simulateRetrieve(plan({ castM: 10 }), track)
    expect(kept.x[0]).toBe(40)
    expect(track.x[0]).toBe(10)
    expect(track.path()).toEqual(retrievePath(plan({ castM: 10 })))
  })
  it('knows where the work begins', () => {
    const track = new PathBuffer(8)
    track.add(10, 0, 0)
    track.add(10, 2, 5)
    track.markRetrieveStart()
    track.add(5, 1, 9)
    expect(track.path()).toEqual({ x: [10, 10, 5], z: [0, 2, 1], t: [0, 5, 9], retrieveStartIndex: 1 })
    track.clear()
    expect(track.path()).toEqual({ x: [], z: [], t: [], retrieveStartIndex: 0 })
  })
  it('has room for the longest cast of the shortest pulls', () => {
    const track = newTrack()
    simulateRetrieve(
      plan({ castM: 120, retrieveSpeedMps: 0.1, pullDurationS: 0.2, pauseS: 1, slack: true, depthM: 2 }),
      track,
    )
    expect(track.count).toBeLessThan(track.x.length)
  })
  it('a track and its path have the same share', () => {
    const track = newTrack()
    simulateRetrieve(plan({ depthM: 3, countDownS: 2 }), track)
    expect(trackShare(track, ZONE, 3, 1.5)).toEqual(zoneExposure(track.path(), ZONE, 3, 1.5))
  })
})

describe('on the line', () => {
  const floating = motions.find((m) => m.motion.submergedWeightN < 0 && m.motion.diveAngleTan > 0)
  const sinking = motions.find((m) => m.motion.submergedWeightN > 0.03)
  if (!floating || !sinking) throw new Error('no floating diver or no sinker')
  it('a pull brings a lure nearer; a diver goes down from the surface, a sinker is lifted from the deep', () => {
    const diver = new TautLineModel(plan({ motion: floating.motion }))
    diver.pull(20, 0)
    expect(diver.vx).toBeLessThan(0)
    expect(diver.vz).toBeGreaterThan(0)
    const sinker = new TautLineModel(plan({ motion: sinking.motion, retrieveSpeedMps: 1.5, depthM: 20 }))
    sinker.pull(6, 10)
    expect(sinker.vz).toBeLessThan(0)
  })
  it('a rest lets what sinks swing down and towards the rod, what floats rise', () => {
    const down = new TautLineModel(plan({ motion: sinking.motion, pauseS: 2, depthM: 20 }))
    down.swing(20, 2)
    expect(down.z).toBeGreaterThan(2)
    expect(down.x).toBeLessThan(20)
    const up = new TautLineModel(plan({ motion: floating.motion, pauseS: 2 }))
    up.swing(20, 2)
    expect(up.z).toBeLessThan(2)
  })
  it('nothing swings through the bottom or out of the water', () => {
    const down = new TautLineModel(plan({ motion: sinking.motion, pauseS: 60, depthM: 3 }))
    down.swing(20, 2.5)
    expect(down.z).toBe(3)
    const up = new TautLineModel(plan({ motion: floating.motion, pauseS: 60 }))
    up.swing(20, 0.5)
    expect(up.z).toBe(0)
  })
  it('current bags the line: the same wind in a current runs a diver no deeper', () => {
    const deepest = (currentMps: number) =>
      Math.max(...retrievePath(plan({ motion: floating.motion, currentMps, depthM: 20 })).z)
    expect(deepest(1)).toBeLessThanOrEqual(deepest(0) + 1e-9)
  })
})

describe('ways that are not towed', () => {
  it('a surface lure stays on top', () => {
    expect(Math.max(...retrievePath(plan({ surface: true, countDownS: 9 })).z)).toBe(0)
  })
  it('a drop-shot is held at its height all the way', () => {
    const { z, retrieveStartIndex } = retrievePath(plan({ heldAboveBottomM: 0.6, motion: sinking()!.motion }))
    expect(new Set(z.slice(retrieveStartIndex))).toEqual(new Set([4.4]))
  })
  it('under the rod it starts on the bottom, is lifted and falls back by half, and so climbs', () => {
    const { x, z, retrieveStartIndex } = retrievePath(
      plan({ delivery: 'vertical', retrieveSpeedMps: 1, pullDurationS: 0.4, pauseS: 3, motion: sinking()!.motion }),
    )
    expect(new Set(x).size).toBe(1)
    expect(z[retrieveStartIndex]).toBe(5)
    const lift = 0.4
    expect(z[retrieveStartIndex + 1]).toBeCloseTo(5 - lift)
    expect(z[retrieveStartIndex + 2]).toBeCloseTo(5 - lift / 2)
    expect(z[retrieveStartIndex + 4]).toBeLessThan(z[retrieveStartIndex + 2] ?? 0)
  })
  function sinking() {
    return motions.find((m) => m.motion.submergedWeightN > 0.03)
  }
})
