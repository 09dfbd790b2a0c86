import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import type { Lure } from '../tackle'
import type { BenchTest } from './tests/kinds'
import { familyOf, fillerKg, lureMass } from '../tackle'
import { TEST_KINDS } from './tests/kinds'
import {
  addedSince,
  compareWithReference,
  findingOf,
  testForm,
  kindsFor,
  profileFromTests,
  lureAsTested,
  newSeries,
  paceOf,
  snapshotState,
  weighedBy,
  withReading,
  withoutReading,
} from '.'
import { ROLES } from '../quantity'

const { box } = WORLD
const named = (name: string): Lure => {
  const found = box.lures.find((l) => l.name === name)
  if (!found) throw new Error(`no ${name}`)
  return found
}
const begin = (lure: Lure, kind: (typeof TEST_KINDS)[number], settings: object, reading: object) =>
  newSeries({
    id: 'new',
    lure,
    kind,
    called: 'test',
    date: '2026-06-12',
    tempC: 12,
    salinity: 0,
    settings: settings as Record<string, unknown>,
    reading: reading as Record<string, unknown>,
  })
const FALL = { depthM: 2, lineDiameterM: null }

describe('a series', () => {
  const spoon = named('Dollop 7')
  it('begins with its first reading, grows and shrinks; without any it is none', () => {
    const first = begin(spoon, 'fall', FALL, { seconds: 3 })
    if (!first.ok) throw new Error(JSON.stringify(first.problems))
    const second = withReading(first.test, { seconds: 3.1 })
    if (!second.ok) throw new Error('refused')
    expect(second.test.readings).toHaveLength(2)
    const left = withoutReading(second.test, 0)
    expect(left?.readings).toEqual([{ seconds: 3.1 }])
    expect(withoutReading(left as BenchTest, 0)).toBeNull()
  })
  it.each([
    ['fall', FALL, { seconds: -1 }, 'seconds'],
    ['fall', { ...FALL, depthM: null }, { seconds: 3 }, 'depthM'],
    ['fall', FALL, { seconds: Number.NaN }, 'seconds'],
    ['depth', { lineDiameterM: 0.0003, rodTipM: 1, retrieveSpeedMps: 0.8 }, { castM: 25, depthM: 1e9 }, 'depthM'],
    ['window', {}, { slowMps: 1, fastMps: 0.5 }, 'fastMps'],
    ['damping', { trailerId: null }, { bareBeatsPerS: 5, withBeatsPerS: 4 }, 'trailerId'],
    ['rest', { distanceM: 0.4 }, { addedKg: 0, way: 'hovers', seconds: 1 }, 'way'],
  ] as const)('%s refuses what cannot be, by the name of the field', (kind, settings, reading, field) => {
    const found = begin(spoon, kind, settings, reading)
    expect(found.ok).toBe(false)
    if (!found.ok) expect(found.problems.map((p) => p.field)).toContain(field)
  })
  it('weighings become the lure’s weight, a measured length its length; filler is kept apart', () => {
    const found = begin(spoon, 'weigh', {}, { massKg: 0.0074, lengthM: 0.046 })
    if (!found.ok) throw new Error('refused')
    const more = withReading(found.test, { massKg: 0.0076, lengthM: null })
    if (!more.ok) throw new Error('refused')
    expect(weighedBy(spoon, more.test)).toMatchObject({ measuredMassKg: 0.0075, lengthM: 0.046 })
    const needle = named('Darnsel 170')
    const heavy = begin(needle, 'weigh', {}, { massKg: 0.05, lengthM: null })
    if (!heavy.ok) throw new Error('refused')
    expect(lureMass(weighedBy(needle, heavy.test)).kg).toBeCloseTo(0.05, 6)
    expect(fillerKg(weighedBy(needle, heavy.test))).toBe(fillerKg(needle))
  })
  it('every kind has a form whose fields its series have, in limits that its schema keeps', () => {
    for (const test of box.tests) {
      const { settings, readings } = testForm(test.kind)
      for (const key of Object.keys(settings)) expect([test.kind, key in test]).toEqual([test.kind, true])
      for (const [key, f] of Object.entries(readings)) {
        expect([test.kind, key, test.readings.every((r) => key in r)]).toEqual([test.kind, key, true])
        if (f.min !== undefined) expect([key, f.schema.safeParse(f.min - 0.01).success]).toEqual([key, false])
        if (f.max !== undefined) expect([key, f.schema.safeParse(f.max).success]).toEqual([key, true])
      }
    }
    expect(new Set(box.tests.map((t) => t.kind)).size).toBe(TEST_KINDS.length)
  })
})

describe('taps', () => {
  it('are a pace from the first to the last', () => {
    expect(paceOf([10, 10.5, 11, 11.5])).toBeCloseTo(2)
    expect(paceOf([10])).toBeNull()
    expect(paceOf([])).toBeNull()
    expect(paceOf([10, 10])).toBeNull()
  })
})

describe('a lure as it was tested', () => {
  const plug = { ...named('Nimbletwig 130'), alteredKg: 0.0004 } as Lure
  const test = { asTested: snapshotState(named('Nimbletwig 130')) }
  it('does not know of lead glued on since', () => {
    expect(lureAsTested(plug, test).alteredKg).toBe(0)
    expect(addedSince(plug, test)).toBeCloseTo(0.0004)
  })
  it('is as heavy as the scale said later, where nothing was changed before', () => {
    expect(lureAsTested({ ...plug, measuredMassKg: 0.011 } as Lure, test).measuredMassKg).toBe(0.011)
  })
  it('counts filler poured in since', () => {
    const needle = named('Darnsel 170')
    const then = { asTested: { ...snapshotState(needle), loadKg: 0 } }
    expect(addedSince(needle, then)).toBeCloseTo(fillerKg(needle))
    expect(fillerKg(lureAsTested(needle, then))).toBe(0)
  })
})

describe('findings', () => {
  it('a kind that tells nothing of a family is not offered, and finds nothing', () => {
    expect(kindsFor(named('Plopsworth 70'))).not.toContain('fall')
    expect(kindsFor(named('Plainstick 125'))).toEqual(expect.arrayContaining(['tear', 'revival', 'fall']))
    expect(kindsFor(named('Shudderkin 10'))).toContain('damping')
    expect(findingOf('depth', named('Dollop 12'), profileFromTests(named('Dollop 12'), box.tests))).toBeNull()
    expect(findingOf('fall', named('Bumblecrag M'), profileFromTests(named('Bumblecrag M'), box.tests))).toBeNull()
  })
  it('each lure’s findings have a unit and a band around them', () => {
    for (const lure of box.lures) {
      const known = profileFromTests(lure, box.tests)
      for (const kind of kindsFor(lure)) {
        const found = findingOf(kind, lure, known)
        if (!found) continue
        expect(found.role in ROLES).toBe(true)
        expect(found.low).toBeLessThanOrEqual(found.value + 1e-12)
        expect(found.high).toBeGreaterThanOrEqual(found.value - 1e-12)
      }
      expect(familyOf(lure.family).id).toBe(lure.family)
    }
  })
  it('beside a reference lure: how much more or less, and whether that is clear', () => {
    const told = compareWithReference('fall', named('Slingspat 28'), named('Dollop 12'), box.tests)
    expect(told?.ratio).toBeGreaterThan(1.5)
    expect(told?.clear).toBe(true)
    expect(compareWithReference('fall', named('Dollop 12'), named('Dollop 12'), box.tests)).toMatchObject({
      ratio: 1,
      clear: false,
    })
    expect(compareWithReference('fall', named('Dollop 7'), named('Dollop 12'), box.tests)).toBeNull()
  })
})
