import { describe, expect, it } from 'vitest'
import { WORLD } from '../../../testing/world'
import { buildsOf, techniqueOf, workAt } from '../../tackle'
import { evaluateBuild } from './dressed'
import { handOffers } from './hand-offers'

/** Flash and thump as the hand makes them. */
const of = (family: string, technique: string, tempo: number) => {
  const lure = WORLD.box.lures.find((l) => l.family === family)
  const build = lure && buildsOf(lure, WORLD.box)[0]
  if (!build) throw new Error(`no ${family}`)
  const dressed = evaluateBuild(build, null, { tempC: 15, salinity: 0 })
  const offers = handOffers(workAt(techniqueOf(technique), { tempo, patience: 0.5 }, dressed.speedMps), dressed)
  return { flash: offers.flash ?? NaN, vibration: offers.vibration ?? NaN, offer: dressed.offer }
}

describe('flash and thump', () => {
  it.each([
    ['in-line-spinner', 'wind', 1.5],
    ['crankbait', 'wind', 1.2],
    ['casting-spoon', 'wind', 1.2],
  ])('of a %s rise with its pace, most of what turns', (family, technique, atLeast) => {
    const [slow, middle, fast] = [0, 0.5, 1].map((tempo) => of(family, technique, tempo))
    if (!slow || !middle || !fast) throw new Error('three paces')
    expect(slow.vibration).toBeLessThan(middle.vibration)
    expect(middle.vibration).toBeLessThanOrEqual(fast.vibration)
    expect(slow.flash).toBeLessThan(middle.flash)
    expect(middle.vibration / slow.vibration).toBeGreaterThan(Math.sqrt(atLeast) - 0.1)
    expect(middle.vibration).toBeCloseTo(middle.offer.vibration, 1)
  })
  it('of what is hopped or lies there is as it is', () => {
    const { flash, vibration, offer } = of('skirted-jig', 'hop', 0.1)
    expect([flash, vibration]).toEqual([offer.flash, offer.vibration])
  })
})
