import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoWorld } from '../demo/world'
import { Lure, countedAnew, tallied } from '.'

const [lure] = demoWorld('2026-06-12').box.lures
if (!lure) throw new Error('the demo has no lures')
const owned = { ...lure, count: 1, fish: 0 }

describe('what logs tell of a lure', () => {
  it('one owned, three lost and taken back: one', () => {
    const lost = tallied(owned, { fish: 0, lost: 3 })
    expect(lost).toMatchObject({ count: 0, beyond: { count: 2, fish: 0 } })
    expect(tallied(lost, { fish: 0, lost: -3 })).toEqual(owned)
  })
  it('any changes whose sum is nothing leave it as it was, and it stays a lure', () => {
    const some = fc.array(fc.record({ fish: fc.integer({ min: -5, max: 5 }), lost: fc.integer({ min: -5, max: 5 }) }))
    fc.assert(
      fc.property(some, (changes) => {
        const there = changes.reduce((l: Lure, more) => tallied(l, more), owned)
        expect(Lure.safeParse(there).success).toBe(true)
        const back = changes.reduce((l, { fish, lost }) => tallied(l, { fish: -fish, lost: -lost }), there)
        expect(back).toEqual(owned)
      }),
    )
  })
  it('counted by hand, the figure is the truth: a loss more takes one of it', () => {
    const lost = tallied(owned, { fish: 0, lost: 3 })
    const bought = countedAnew({ ...lost, count: 3 }, lost)
    expect(bought.beyond).toBeUndefined()
    expect(tallied(bought, { fish: 0, lost: 1 }).count).toBe(2)
    expect(countedAnew({ ...lost, name: 'Other' }, lost)).toEqual({ ...lost, name: 'Other' })
    // The hand that takes its own change back finds all as it was.
    expect(countedAnew(lost, bought)).toEqual(lost)
  })
})
