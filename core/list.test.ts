import { describe, expect, it } from 'vitest'
import { itemAt } from './list'

describe('an item that must be there', () => {
  it('is given, from lists and from numbers in a row, also where it is 0, empty or null', () => {
    expect([itemAt([3, 0], 1), itemAt(['a', ''], 1), itemAt([null], 0)]).toEqual([0, '', null])
    expect(itemAt(new Float64Array([1.5, 2.5]), 1)).toBe(2.5)
  })
  it.each([-1, 2, 0.5, NaN])('throws where there is none: index %s of 2', (index) => {
    expect(() => itemAt([1, 2], index)).toThrow(RangeError)
    expect(() => itemAt([], 0)).toThrow('no item 0 in a list of 0')
  })
})
