import { describe, expect, it } from 'vitest'
import { outlierIndices, sampleOf } from './sample'

describe('repeats of one measurement', () => {
  it('the mean’s band of 4, 5, 6 s: t of 2 degrees of freedom is 4.303 (handbook table, from memory), times 1/√3', () => {
    const s = sampleOf([4, 5, 6])
    expect(s).toMatchObject({ n: 3, mean: 5, sd: 1, apart: [], without: 5 })
    expect(s?.high).toBeCloseTo(5 + 4.303 / Math.sqrt(3), 3)
    expect(s?.low).toBeCloseTo(5 - 4.303 / Math.sqrt(3), 3)
  })
  it('of two: t of 1 degree of freedom is 12.706; of one there is no band; of none nothing is said', () => {
    expect(sampleOf([4, 6])?.high).toBeCloseTo(5 + (12.706 * Math.SQRT2) / Math.SQRT2, 2)
    expect(sampleOf([3])).toEqual({ n: 1, mean: 3, sd: 0, low: 3, high: 3, apart: [], without: 3 })
    expect(sampleOf([])).toBeNull()
  })
})

describe('what stands apart', () => {
  it('the modified z-score 0.6745·|x − median| / MAD over 3.5 (NIST/SEMATECH e-Handbook, 1.3.5.17)', () => {
    // Median 100, deviations 0 10 10 20 20 → MAD 10: 152 has 3.507, 151 has 3.440.
    expect(outlierIndices([90, 100, 110, 80, 152])).toEqual([4])
    expect(outlierIndices([90, 100, 110, 80, 151])).toEqual([])
    expect(outlierIndices([90, 100, 110, 120, 48])).toEqual([4])
  })
  it('needs three readings, and never sees one within 15 % of the median as apart', () => {
    expect(outlierIndices([1, 100])).toEqual([])
    expect(outlierIndices([100, 100, 115])).toEqual([])
    expect(outlierIndices([100, 100, 116])).toEqual([2])
    expect(outlierIndices([-100, -100, -116])).toEqual([2])
  })
  it('the mean without it is told beside the mean with it', () =>
    expect(sampleOf([4, 4, 4, 8])).toMatchObject({ mean: 5, apart: [3], without: 4 }))
})
