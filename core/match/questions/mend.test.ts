import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import type { Box } from '../../box'
import { createMatchContext, matchWater, mendOf, rank } from '..'

const COLD = water({ waterTempC: 5, date: '2026-02-10', depthM: 9, mood: 'lethargic', visibilityM: 3 })
const surface: Box = { ...WORLD.box, lures: WORLD.box.lures.filter((l) => l.family === 'surface'), rigs: [] }
const contextOf = (box: Box) => createMatchContext(COLD, PLACE, box, { sides: {} })

describe('a poor day', () => {
  const context = contextOf(surface)
  const [first] = rank(surface, context, 3)
  if (!first) throw new Error('nothing is ranked')

  it('is told; the lure that would mend it does so when it is put in the box, by the points promised', () => {
    expect(matchWater(COLD, PLACE, surface, { sides: {}, limit: 3, lifts: 0 }).poor).toBe(true)
    const mend = mendOf(first.setUp, surface, context, WORLD.box.lures)
    if (mend?.kind !== 'lure') throw new Error('no lure is named')
    const bought = { ...surface, lures: [...surface.lures, mend.buy.lure] }
    const [now] = rank(bought, contextOf(bought), 3)
    expect(now?.setUp.build.lure.id).toBe(mend.buy.lure.id)
    expect(now?.score).toBeCloseTo(first.score + mend.buy.gain, 6)
    expect(mend.buy.gain).toBeGreaterThan(2)
  })
  it('with nothing in the shop, the best change to the first set-up is named, if any is worth it', () => {
    const mend = mendOf(first.setUp, surface, context, [])
    if (mend) expect(mend.kind).toBe('change')
    const worthless = mendOf(first.setUp, surface, context, surface.lures)
    expect(worthless?.kind).not.toBe('lure')
  })
})
