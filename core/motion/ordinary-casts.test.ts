import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { lureMass, type Lure } from '../tackle'
import { airDragM2, castLengthM, handOf, labelCastDepth, motionOf, type Thrower } from '.'

/** Lengths of ordinary casts, common practice: what anglers who pace them out report of a middling hand. */

const named = (name: string): Lure => {
  const found = WORLD.box.lures.find((lure) => lure.name === name)
  if (!found) throw new Error(`no ${name}`)
  return found
}
const bare = (lure: Lure) => motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: lure.massKg }, 999)
const MONO: Thrower['line'] = { diameterM: 0.0003, densityKgM3: 1140 }
const BRAID: Thrower['line'] = { diameterM: 0.00016, densityKgM3: 980 }
const MEDIUM = { type: 'spinning', lengthM: 2.1, lureMinKg: 0.007, lureMaxKg: 0.021 } as const
const LIGHT = { type: 'spinning', lengthM: 2.1, lureMinKg: 0.003, lureMaxKg: 0.012 } as const
const HEAVIER = { type: 'casting', lengthM: 2.15, lureMinKg: 0.01, lureMaxKg: 0.04 } as const
const SHORE = { type: 'spinning', lengthM: 2.7, lureMinKg: 0.02, lureMaxKg: 0.06 } as const

describe('ordinary casts, where 28 … 32 m are comfortable', () => {
  it.each<[string, string, number, Thrower['rod'], Thrower['line'], number, number]>([
    ['a plug of 12 g, medium rod, mono', 'Bumblecrag M', 0.0125, MEDIUM, MONO, 22, 32],
    ['a plug of 12 g, medium rod, braid', 'Bumblecrag M', 0.0125, MEDIUM, BRAID, 25, 32],
    ['a jerkbait of 15 g, medium rod', 'Nimbletwig 110', 0.015, MEDIUM, BRAID, 24, 34],
    ['a spinner of 7 g, light rod', 'Pirrip 7', 0.0072, LIGHT, BRAID, 22, 28],
    ['a spoon of 7 g, light rod', 'Dollop 7', 0.007, LIGHT, MONO, 20, 28],
    ['metal of 28 g, casting rod', 'Slingspat 28', 0.028, HEAVIER, MONO, 32, 44],
    ['metal of 40 g, shore rod', 'Slingspat 36', 0.04, SHORE, BRAID, 55, 70],
  ])('%s', (_, name, massKg, rod, line, least, most) => {
    for (const comfortableM of [28, 32]) {
      const far = castLengthM(handOf(comfortableM), bare(named(name)), massKg, { rod, line }, 'cast')
      expect(far).toBeGreaterThanOrEqual(least)
      expect(far).toBeLessThanOrEqual(most)
    }
  })
  it('one hand throws the demo’s four measured lures, whose figures were there before the law, each within a sixth', () => {
    const rod = WORLD.box.rods.find(({ name }) => name.startsWith('Ternwhistle'))
    if (!rod) throw new Error('no rod')
    const measured = WORLD.box.tests.flatMap((test) => (test.kind === 'cast' && test.rodId === rod.id ? [test] : []))
    expect(measured.length).toBe(4)
    const off = (comfortableM: number) =>
      measured.map((test) => {
        const lure = WORLD.box.lures.find(({ id }) => id === test.lureId)!
        const hand = handOf(comfortableM)
        const by = { rod, line: { diameterM: 0.00013, densityKgM3: 980 } }
        const law = castLengthM(hand, { ...bare(lure), castM: undefined }, lureMass(lure).kg, by, 'cast')
        const mean = test.readings.reduce((sum, { castM }) => sum + castM, 0) / test.readings.length
        return Math.abs(law / mean - 1)
      })
    const best = Math.min(...[24, 25, 26, 27, 28, 29, 30, 31, 32].map((m) => Math.max(...off(m))))
    expect(best).toBeLessThan(1 / 6)
  })
  it('a lip that pulls in the water is no parachute in the air: a lipped plug flies as a lipless one of its drag in the fall', () => {
    const fall = { sinkDragAreaM2: 10e-4 }
    expect(airDragM2({ ...fall, towDragAreaM2: 17e-4 })).toBe(airDragM2({ ...fall, towDragAreaM2: 10e-4 }))
  })
})

describe('a packet that says 4–6 ft', () => {
  it('is met on an ordinary cast: a plug labelled 5 ft reaches 5 ft on 30 m of 0.30 mm line and half of it on 12 m', () => {
    const shallow = named('Bumblecrag M')
    const { diveAngleTan, towDragAreaM2 } = motionOf(
      {
        lure: { ...shallow, traits: { ...shallow.traits, depthM: 1.52 } } as Lure,
        mount: { kind: 'own' },
        trailer: null,
        massKg: 0,
      },
      999,
    )
    expect(labelCastDepth(diveAngleTan, towDragAreaM2, 30)).toBeCloseTo(1.52, 1)
    expect(labelCastDepth(diveAngleTan, towDragAreaM2, 12)).toBeLessThan(0.9)
  })
})
