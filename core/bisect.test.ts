import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bisect } from './bisect'

describe('bisection', () => {
  it('finds the root of two', () => expect(bisect((x) => x * x < 2, 0, 2)).toBeCloseTo(Math.SQRT2, 9))
  it('over powers of ten it halves in proportion', () => {
    const found = bisect((x) => x < 3e-5, 1e-7, 1, { steps: 60, by: 'ratio' })
    expect(found / 3e-5).toBeCloseTo(1, 9)
  })
  it('finds any crossing between its ends (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), (at) => {
        expect(bisect((x) => x < at, 0, 1)).toBeCloseTo(at, 9)
        expect(bisect((x) => x < at, 0.001, 1, { by: 'ratio' })).toBeCloseTo(at, 9)
      }),
    )
  })
  it('halves as often as it is told', () => {
    let asked = 0
    bisect(() => (asked++, true), 0, 1, { steps: 7 })
    expect(asked).toBe(7)
  })
})
