import { describe, expect, it } from 'vitest'
import { seededRandom } from './random'
import { firstShare, probabilityShareGreater, shareInterval, updateShare } from './share'

const EVEN = firstShare(0.5, 2)

describe('a share', () => {
  it('of an even first belief after 0 of 9 lies under 1 − 0.05^(1/10) in 95 of 100 (closed form of a beta with 1 hit)', () => {
    const { high } = shareInterval(updateShare(EVEN, 0, 9))
    expect(high).toBeCloseTo(1 - 0.05 ** (1 / 10), 6)
  })
  it('is known the better the more was seen', () => {
    const width = (of: number) => {
      const { low, high } = shareInterval(updateShare(EVEN, of / 4, of))
      return high - low
    }
    expect(width(40)).toBeLessThan(width(8))
    expect(width(400)).toBeLessThan(0.1)
  })
  it('of 1 in 1 is higher than one of 0 in 1 in five cases of six (integral of 2x · (1 − (1 − x)²))', () => {
    expect(probabilityShareGreater(updateShare(EVEN, 1, 1), updateShare(EVEN, 0, 1))).toBeCloseTo(5 / 6, 3)
  })
  it('and another add up to one, whichever is asked for', () => {
    const [a, b] = [updateShare(EVEN, 5, 7), updateShare(EVEN, 2, 9)]
    expect(probabilityShareGreater(a, b) + probabilityShareGreater(b, a)).toBeCloseTo(1, 3)
  })
  it('is found by draws of another kind, too (order statistics of uniform numbers)', () => {
    // The k-th smallest of n uniform numbers has the beta distribution of k and n + 1 − k.
    const random = seededRandom(7)
    const draw = (hits: number, misses: number) =>
      Array.from({ length: hits + misses - 1 }, () => random.next()).sort((a, b) => a - b)[hits - 1] ?? 0
    let above = 0
    for (let i = 0; i < 20_000; i++) above += draw(6, 3) > draw(3, 8) ? 1 : 0
    expect(above / 20_000).toBeCloseTo(probabilityShareGreater({ hits: 6, misses: 3 }, { hits: 3, misses: 8 }), 2)
  })
})
