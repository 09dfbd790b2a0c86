import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { GAP_BAND, familyOf, hookFits, hookOff, hookSizeFor, wantedGapM } from '.'
import { hookGapM, type HookSize } from './hook-size'

/** Sizes that anglers put in soft bodies, common practice (fact 113). */
const bodies = WORLD.box.lures.filter((lure) => familyOf(lure.family).body === 'soft')
const KINDS = Object.keys(GAP_BAND) as (keyof typeof GAP_BAND)[]

describe('the hook for a body', () => {
  it.each<[string, number, number, HookSize, HookSize]>([
    ['slim, 7.5 cm', 0.075, 0.0033, '#2', '1/0'],
    ['slim, 9 cm', 0.09, 0.0035, '#2', '1/0'],
    ['slim, 11 cm', 0.11, 0.0075, '2/0', '3/0'],
    ['bulky, 9 cm', 0.09, 0.0095, '3/0', '5/0'],
    ['bulky, 10 cm', 0.1, 0.011, '3/0', '5/0'],
  ])('%s', (_, lengthM, massKg, small, large) => {
    const gapM = hookGapM(hookSizeFor({ lengthM, massKg }, 'head'))
    expect(gapM).toBeGreaterThanOrEqual(hookGapM(small))
    expect(gapM).toBeLessThanOrEqual(hookGapM(large))
  })
  it('is larger in a thicker and in a longer one', () => {
    const gapM = wantedGapM({ lengthM: 0.1, massKg: 0.006 })
    expect(wantedGapM({ lengthM: 0.1, massKg: 0.012 })).toBeGreaterThan(gapM)
    expect(wantedGapM({ lengthM: 0.12, massKg: 0.0072 })).toBeGreaterThan(gapM)
  })
  it('carries every body of the box that any hook carries, and is off by nothing', () => {
    expect(bodies.length).toBeGreaterThan(20)
    for (const lure of bodies)
      for (const kind of KINDS) {
        const size = hookSizeFor(lure, kind)
        expect(hookFits(kind, size, lure.lengthM), `${lure.name} ${kind} ${size}`).toBe(true)
        expect(hookOff(lure, size, kind)).toBe(0)
      }
  })
})
