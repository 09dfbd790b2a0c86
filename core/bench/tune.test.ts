import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD, feet } from '../../testing/world'
import { METAL_KG_M3, weightInWaterN } from '../motion'
import { GRAVITY_MPS2 } from '../constants'
import { BLADE_SHAPES, lureMass, type Lure } from '../tackle'
import { waterDensity } from '../water'
import {
  bladed,
  cutTo,
  filled,
  hooksToSuspend,
  inOtherWater,
  isHollow,
  profileFromTests,
  leadersToSuspend,
  restSpeedWith,
  secondsWith,
  stateOf,
  stripM,
  suspend,
  trailersOn,
  weightForFall,
} from '.'

const { box } = WORLD
const named = (name: string): Lure => {
  const found = box.lures.find((l) => l.name === name)
  if (!found) throw new Error(`no ${name}`)
  return found
}
const WATER = { tempC: 12, salinity: 0 }
const line = box.lines.find((l) => l.id === 'line-mono-36')!
const HELD = { line, speedMps: 0.8, lineOutM: 30, rodTipM: 1 }

describe('to make a plug hang', () => {
  const plugs = ['Nimbletwig 75', 'Nimbletwig 90', 'Nimbletwig 110', 'Nimbletwig 130', 'Bumblecrag S', 'Bumblecrag D']
  const rests = new Map(plugs.map((name) => [name, profileFromTests(named(name), box.tests).rest]))
  /** Force balance of its own: masses and volumes, nothing of the tuner's sums. m/s, down positive. */
  function balance(massKg: number, volumeM3: number, dragM2: number, leadKg: number, density: number): number {
    const down = (massKg + leadKg) * GRAVITY_MPS2
    const up = density * (volumeM3 + leadKg / METAL_KG_M3.lead) * GRAVITY_MPS2
    const square = (2 * (down - up)) / (density * dragM2)
    return Math.sign(square) * Math.sqrt(Math.abs(square))
  }
  it('the grams, and the millimetres cut to the nearest half, hang it within 2 cm/s from 0 to 30 °C and fresh to sea (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plugs),
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 35, noNaN: true }),
        (name, tempC, salinity) => {
          const rest = rests.get(name)
          const { leadKg, stripM: length } = suspend(rest!, { tempC, salinity })
          const { parameters, at, massKg } = rest!
          const density = waterDensity(tempC, salinity)
          // The volume it displaced when it was tested; its shell swells with warmth.
          const then = (massKg - (parameters[0] ?? 0) / GRAVITY_MPS2) / waterDensity(at.tempC, at.salinity)
          const volume = then * (1 + 2.4e-4 * (tempC - at.tempC))
          const drag = Math.exp(parameters[1] ?? 0)
          expect(Math.abs(balance(massKg, volume, drag, leadKg, density))).toBeLessThan(0.02)
          const cut = (Math.round(length * 2000) / 2000 / length) * leadKg
          expect(Math.abs(balance(massKg, volume, drag, cut, density))).toBeLessThan(0.02)
        },
      ),
      { numRuns: 300 },
    )
  })
  it('applied, it does hang; twice as much sinks it, none leaves it as it was', () => {
    const { rest } = profileFromTests(named('Nimbletwig 75'), box.tests)
    const { leadKg, nowMps, state, toleranceKg } = suspend(rest!, WATER)
    expect(state).toBe('floats')
    expect(leadKg).toBeGreaterThan(0)
    expect(restSpeedWith(rest!, 0, WATER)).toBeCloseTo(nowMps, 9)
    expect(stateOf(restSpeedWith(rest!, leadKg, WATER))).toBe('suspends')
    expect(stateOf(restSpeedWith(rest!, 2 * leadKg, WATER))).toBe('sinks')
    expect(Math.abs(restSpeedWith(rest!, leadKg + toleranceKg, WATER))).toBeCloseTo(0.02, 6)
  })
  it('a gram of strip 5 mm wide and half a millimetre thick is 35 mm long (lead 11.34 g/cm³, CRC Handbook)', () => {
    expect(stripM(0.001)).toBeCloseTo(1 / (11.34 * 0.5 * 0.05) / 100, 4)
  })
  it('fact 26: heavier hooks sink it; the best set hangs it nearest', () => {
    const lure = named('Nimbletwig 110')
    const { rest } = profileFromTests(lure, box.tests)
    const choices = hooksToSuspend(lure, rest!, WATER, 50)
    const sorted = [...choices].sort((a, b) => a.addedKg - b.addedKg)
    for (let i = 1; i < sorted.length; i++)
      expect(sorted[i]?.speedMps).toBeGreaterThanOrEqual((sorted[i - 1]?.speedMps ?? 0) - 1e-9)
    expect(Math.abs(choices[0]?.speedMps ?? 1)).toBeLessThan(Math.abs(suspend(rest!, WATER).nowMps))
    expect(choices.every((c) => c.hooks.count === lure.hooks?.count)).toBe(true)
  })
  it('a wire leader pulls it down, a nylon one hardly', () => {
    const { rest } = profileFromTests(named('Nimbletwig 90'), box.tests)
    const told = leadersToSuspend(box.leaders, rest!, WATER)
    const of = (material: string) => told.find((t) => t.leader.material === material)?.speedMps ?? NaN
    expect(of('wire')).toBeGreaterThan(of('fluoro'))
  })
  it('ten degrees colder: the denser water lifts it, the shrinking shell takes that back', () => {
    const { rest } = profileFromTests(named('Nimbletwig 110'), box.tests)
    const { leadKg } = suspend(rest!, { tempC: 20, salinity: 0 })
    const { waterAloneMps, withShellMps } = inOtherWater(
      rest!,
      leadKg,
      { tempC: 20, salinity: 0 },
      { tempC: 10, salinity: 0 },
    )
    expect(waterAloneMps).toBeLessThan(-0.01)
    expect(withShellMps).toBeGreaterThan(waterAloneMps)
  })
})

describe('hollow plugs', () => {
  const plug = named('Darnsel 170')
  const known = profileFromTests(plug, box.tests)
  const oz = (o: number) => o * 0.0283495
  it('fact 40: loaded to 2.65 and 3 oz it sinks ever faster and holds ever deeper; 3–5 s bring it a metre or more down', () => {
    expect(isHollow(plug)).toBe(true)
    const loads = filled(plug, known, WATER, [oz(1.7), oz(2.65), oz(3), oz(3.5)], HELD)
    expect(loads.length).toBeGreaterThanOrEqual(3)
    for (let i = 1; i < loads.length; i++) {
      expect(loads[i]?.fallMps).toBeGreaterThan(loads[i - 1]?.fallMps ?? 0)
      expect(loads[i]?.holdsM).toBeGreaterThan(loads[i - 1]?.holdsM ?? 0)
    }
    const deep = loads.find((l) => Math.abs(l.massKg - oz(2.65)) < 1e-6)
    expect(deep?.after3M).toBeGreaterThan(feet(3))
    expect(deep?.after5M).toBeLessThan(feet(20))
    expect(deep?.fillerKg).toBeCloseTo(oz(2.65) - 0.028, 3)
  })
  it('cannot be filled to less than it weighs empty', () => {
    expect(filled(plug, known, WATER, [0.01], HELD)).toEqual([])
  })
  it('fact 40: winding faster lifts it, slower lets it down', () => {
    const at = (speedMps: number) => filled(plug, known, WATER, [oz(2.65)], { ...HELD, speedMps })[0]?.holdsM ?? NaN
    expect(at(1.2)).toBeLessThan(at(0.8))
    expect(at(0.5)).toBeGreaterThan(at(0.8))
  })
  it('the pace that holds it 1–2 ft off the bottom does; a heavier load wants a faster one', () => {
    const loads = filled(plug, known, WATER, [oz(1.7), oz(2.65), oz(3.5)], HELD, 5.5)
    for (const l of loads) {
      const [again] = filled(plug, known, WATER, [l.massKg], { ...HELD, speedMps: l.holdPaceMps ?? 0 })
      expect(again?.holdsM).toBeCloseTo(5.5, 2)
    }
    expect(loads[1]?.holdPaceMps).toBeGreaterThan(loads[0]?.holdPaceMps ?? 9)
    expect(loads[2]?.holdPaceMps).toBeGreaterThan(loads[1]?.holdPaceMps ?? 9)
  })
})

describe('blades, bodies, jigs', () => {
  it('fact 5: from willow to Colorado vibration and lift rise, flash falls; a bigger blade runs higher', () => {
    const lure = named('Grumblewing 14')
    const all = bladed(lure, profileFromTests(lure, box.tests), WATER, { ...HELD, speedMps: 0.4 })
    const of = (blade: string, size = 4) => all.find((b) => b.blade === blade && b.size === size)!
    for (let i = 1; i < BLADE_SHAPES.length; i++) {
      const [less, more] = [of(BLADE_SHAPES[i - 1] ?? ''), of(BLADE_SHAPES[i] ?? '')]
      expect(more.vibration).toBeGreaterThan(less.vibration)
      expect(more.flash).toBeLessThan(less.flash)
      expect(more.holdsM).toBeLessThan(less.holdsM)
      expect(more.surfacesMps).toBeLessThan(less.surfacesMps)
    }
    expect(of('colorado', 5).holdsM).toBeLessThan(of('colorado', 3).holdsM)
    expect(of('colorado', 5).massKg).toBeGreaterThan(of('colorado', 3).massKg)
    expect(bladed(named('Plainstick 125'), profileFromTests(named('Plainstick 125'), []), WATER, HELD)).toEqual([])
  })
  it('a shorter body on the same head is lighter and falls faster', () => {
    const lure = named('Waglet Slim 75')
    const [whole, cut] = cutTo(
      lure,
      profileFromTests(lure, box.tests),
      WATER,
      [lure.lengthM, 0.8 * lure.lengthM],
      0.007,
    )
    expect(cut?.massKg).toBeCloseTo(0.8 * (whole?.massKg ?? 0), 5)
    expect(cut?.fallMps).toBeGreaterThan(whole?.fallMps ?? 0)
    // Its drag area goes with the square of its length, its pull is that of the head and of what is left of the body: v² ∝ W′ / A.
    const density = waterDensity(WATER.tempC, WATER.salinity)
    const pull = (massKg: number) =>
      weightInWaterN(0.007, METAL_KG_M3.lead, density) + weightInWaterN(massKg, 1080, density)
    const byHand = Math.sqrt(pull(cut?.massKg ?? 0) / 0.8 ** 2 / pull(whole?.massKg ?? 1))
    expect((cut?.fallMps ?? 0) / (whole?.fallMps ?? 1)).toBeCloseTo(byHand, 2)
  })
  it('a trailer slows a jig’s fall', () => {
    const lure = named('Broombelly Flip 14')
    const told = trailersOn(lure, profileFromTests(lure, box.tests), box, WATER)
    expect(told.length).toBeGreaterThan(3)
    for (const t of told) expect(t.fallMps).toBeLessThan(t.bareMps)
    expect(trailersOn(named('Dollop 12'), profileFromTests(named('Dollop 12'), []), box, WATER)).toEqual([])
  })
  it('the weight for a wanted fall does fall so; faster wants more', () => {
    for (const name of ['Broombelly Flip 14', 'Waglet Slim 75']) {
      const lure = named(name)
      const known = profileFromTests(lure, box.tests)
      const slow = weightForFall(lure, known, WATER, 0.3)
      const fast = weightForFall(lure, known, WATER, 0.5)
      expect(fast).toBeGreaterThan(slow ?? 0)
      expect(weightForFall(lure, known, WATER, 50)).toBeNull()
      expect(0.05 / secondsWith(lure, known, WATER, fast ?? 0, 0.05, line)).toBeCloseTo(0.5, 2)
    }
  })
  it('fact 16: 5/8–3/4 oz drop clearly faster than a light finesse jig', () => {
    const lure = named('Broombelly Flip 14')
    const known = profileFromTests(lure, box.tests)
    const seconds = (oz: number) => secondsWith(lure, known, WATER, oz * 0.0283495, 3, line)
    expect(seconds(1 / 4) / seconds(3 / 4)).toBeGreaterThan(1.6)
    expect(seconds(1 / 4) / seconds(3 / 4)).toBeLessThan(2.5)
  })
  it('fact 32: a 5 in stick worm weighs about 0.3 oz', () => {
    expect(lureMass(named('Plainstick 125')).kg / 0.0283495).toBeCloseTo(0.3, 1)
  })
})
