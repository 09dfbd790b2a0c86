import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { zoneExposure, type Fished, type StrikeRange } from '.'

const ZONE: StrikeRange = { topM: 2, bottomM: 3, upM: 1, downM: 0.5 }
const water = (over: Partial<Fished> = {}): Fished => ({
  zone: ZONE,
  depthM: 5,
  coverTopM: null,
  fallTaken: 1,
  blowsOut: true,
  ...over,
})
/** A fall of 10 s to 2.5 m, 10 s of pull there, 10 s of rest, half of it sinking to 3 m. */
const PATH = {
  x: [20, 20, 10, 10, 10],
  z: [0, 2.5, 2.5, 3, 3],
  t: [0, 10, 20, 25, 30],
  pulled: [0, 0, 1, 0, 0],
  retrieveStartIndex: 1,
}

describe('share of the cast in the zone', () => {
  it('counts by time, fading above the zone by how far fish rise', () => {
    const path = { x: [10, 5, 0], z: [2, 2, 1], t: [0, 10, 10], pulled: [0, 1, 1], retrieveStartIndex: 0 }
    const share = zoneExposure(path, water({ zone: { ...ZONE, topM: 1.9 }, coverTopM: 2.1 }))
    expect(share.inZone).toBe(1)
    expect(share.touching).toBe(1)
    expect(zoneExposure(path, water({ zone: { ...ZONE, topM: 2.5 } }))).toMatchObject({ inZone: 0, withinReach: 0.5 })
  })
  it('agrees with counting the path in a thousand pieces (another method)', () => {
    const depth = fc.double({ min: 0, max: 5, noNaN: true })
    fc.assert(
      fc.property(fc.array(depth, { minLength: 3, maxLength: 8 }), (z) => {
        const way = z.map((_, i) => i)
        const path = { x: way, z, t: way, pulled: z.map(() => 1), retrieveStartIndex: 0 }
        const found = zoneExposure(path, water({ coverTopM: 4, blowsOut: false }))
        const pieces = (z.length - 1) * 1000
        let [within, bottom, inside] = [0, 0, 0]
        for (let i = 0; i < pieces; i++) {
          const at = (i + 0.5) / 1000
          const [a = 0, b = 0] = z.slice(Math.floor(at))
          const here = a + (b - a) * (at % 1)
          if (here >= 2 && here <= 3) within += 1
          else if (here < 2) within += Math.max(0, here - 1)
          else within += Math.max(0, 1 - (here - 3) / 0.5)
          if (here >= 4.95) bottom += 1
          if (here >= 4.25) inside += 1
        }
        expect(found.withinReach).toBeCloseTo(within / pieces, 2)
        expect(found.onBottom).toBeCloseTo(bottom / pieces, 2)
        expect(found.inCover).toBeCloseTo(inside / pieces, 2)
      }),
    )
  })
})

describe('the fall fishes', () => {
  it('from the moment the lure sinks: worked by hand', () => {
    // Of its 10 s to 2.5 m it is 2 s in the zone and 4 s within the metre to which fish rise, half of it on the mean.
    const share = zoneExposure(PATH, water())
    expect(share.seconds).toBeCloseTo(2 + 10 + 10)
    expect(share.metres).toBeCloseTo(0.5 + 10)
    expect(share.byDuty.fall).toBeCloseTo(4 + 5)
    expect(share.byDuty.pull).toBeCloseTo(10)
    expect(share.byDuty.rest).toBeCloseTo(5)
  })
  it('as readily as fish take that lure in its fall, and empty water on the way down is no loss', () => {
    const passedBy = zoneExposure(PATH, water({ fallTaken: 0 }))
    expect(passedBy.seconds).toBeCloseTo(20)
    expect(passedBy.withinReach).toBeCloseTo(1)
    expect(zoneExposure(PATH, water({ fallTaken: 0.5 })).seconds).toBeCloseTo(21)
    const deep = { ...PATH, z: [0, 4.9, 2.5, 3, 3] }
    expect(zoneExposure(deep, water()).withinReach).toBeGreaterThan(
      zoneExposure(deep, water({ fallTaken: 0 })).withinReach - 1e-9,
    )
  })
})

describe('a lure that blows out', () => {
  const burnt = { x: [20, 20, 5], z: [1, 0, 0], t: [0, 2, 12], pulled: [0, 1, 1], retrieveStartIndex: 0 }
  const atTheTop = { topM: 0, bottomM: 1, upM: 0.5, downM: 0.5 }
  it('lies on the surface and fishes nothing, however high the fish are', () => {
    const share = zoneExposure(burnt, water({ zone: atTheTop }))
    expect(share.blownOut).toBeGreaterThan(0.8)
    expect(share.inZone).toBeLessThan(0.2)
  })
  it('only where it sinks: what swims at the surface fishes there', () => {
    const share = zoneExposure(burnt, water({ zone: atTheTop, blowsOut: false }))
    expect(share).toMatchObject({ blownOut: 0, inZone: 1 })
  })
  it('resting at the surface is no blow-out', () => {
    const rested = { ...burnt, pulled: [0, 0, 0] }
    expect(zoneExposure(rested, water({ zone: atTheTop })).blownOut).toBe(0)
  })
})
