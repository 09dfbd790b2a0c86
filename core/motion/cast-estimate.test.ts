import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainCast } from '../../testing/plain-cast'
import { WORLD } from '../../testing/world'
import { buildsOf } from '../tackle'
import {
  simulateRetrieve,
  estimateCast,
  motionOf,
  newTrack,
  retrievePath,
  zoneExposure,
  trackShare,
  type CastPlan,
} from '.'
import { PathBuffer } from './path-buffer'

const motions = WORLD.box.lures.flatMap((lure) => {
  const [build] = buildsOf(lure, WORLD.box)
  return build ? [{ name: lure.name, motion: motionOf(build, 999) }] : []
})
const plan = (over: Partial<CastPlan> = {}) => plainCast(motions[0]!.motion, { depthM: 5, ...over })
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
const inWater = (depthM: number) => ({
  zone: { topM: 1, bottomM: 2, upM: 0.9, downM: 0.35 },
  depthM,
  coverTopM: 1.5,
  fallTaken: 0.5,
  blowsOut: true,
})

describe('a coarse path against the whole path', () => {
  it('of a steady wind after a count: mean depth to within 15 cm on most demo lures, 1.3 m at worst', () => {
    const track = newTrack()
    const meanDepth = () => {
      let sum = 0
      for (let i = track.retrieveStartIndex + 1; i < track.count; i++)
        sum += ((track.z[i] ?? 0) + (track.z[i - 1] ?? 0)) * ((track.t[i] ?? 0) - (track.t[i - 1] ?? 0)) * 0.5
      return sum / ((track.t[track.count - 1] ?? 1) - (track.t[track.retrieveStartIndex] ?? 0))
    }
    const off = motions.map(({ motion }) => {
      const steady = plan({ motion, countDownS: 3 })
      simulateRetrieve(steady, track, {
        pieces: 200,
        beats: 200,
        near: 0,
        tries: 12,
        longestS: 0.5,
        ofTheRest: 1 / 8,
        restM: 0.3,
      })
      const exact = meanDepth()
      estimateCast(steady, track)
      return Math.abs(meanDepth() - exact)
    })
    expect(Math.max(...off)).toBeLessThan(1.3)
    expect(off.filter((d) => d < 0.15).length).toBeGreaterThan(off.length / 2)
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
  it('finds the same share of the zone to a quarter, seventeen times in twenty (property sample)', () => {
    const track = newTrack()
    const sample = fc.sample(anyPlan, { numRuns: 200, seed: 3 })
    const off = sample.map((p) => {
      estimateCast(p, track)
      const seen = trackShare(track, inWater(p.depthM)).withinReach
      return Math.abs(seen - zoneExposure(retrievePath(p), inWater(p.depthM)).withinReach)
    })
    expect(off.filter((d) => d < 0.25).length).toBeGreaterThan(170)
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
    const fresh = newTrack()
    simulateRetrieve(plan({ castM: 10 }), fresh)
    expect(track.path()).toEqual(fresh.path())
  })
  it('knows where the work begins', () => {
    const track = new PathBuffer(8)
    track.add(10, 0, 0)
    track.add(10, 2, 5)
    track.markRetrieveStart()
    track.add(5, 1, 9, 1)
    expect(track.path()).toEqual({
      x: [10, 10, 5],
      z: [0, 2, 1],
      t: [0, 5, 9],
      pulled: [0, 0, 1],
      retrieveStartIndex: 1,
    })
    track.clear()
    expect(track.path()).toEqual({ x: [], z: [], t: [], pulled: [], retrieveStartIndex: 0 })
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
    expect(trackShare(track, inWater(3))).toEqual(zoneExposure(track.path(), inWater(3)))
  })
})
