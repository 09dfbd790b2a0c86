import { describe, expect, it } from 'vitest'
import { NUMBER_FEATURES, TEXT_FEATURES, truthDegree, type WaterFeatures, type When } from '../water'
import { RULES, SCHOOLS, demandOf, type Rule } from '.'
import { AXES, axisOf } from './axis'
import { COLOUR_GROUPS } from '../tackle'

/** Every rule of practice on its own: it can speak, it can be silent, and what it says reaches the demand. */

const MIDDLING: WaterFeatures = {
  waterTempC: 16,
  visibilityM: 2,
  windMps: 3,
  currentMps: 0.1,
  depthM: 4,
  coverTopM: 2,
  coverDensity: 0.4,
  zoneTopM: 1.5,
  zoneMidM: 2.2,
  offBottomM: 1.8,
  sunAltitudeDeg: 40,
  forageLengthM: 0.08,
  appetite: 0.7,
  month: 6,
  hour: 11,
  salinity: 0,
  driftMps: 0,
  tideRangeM: 0,
  swellM: 0,
  tempChangeC: 0,
  stirredM: 0,
  moonLit: 0.5,
  sky: 'broken',
  cover: 'rock',
  season: 'summer',
  light: 'day',
  mood: 'neutral',
  species: 'perch',
  forage: 'roach',
  forageShade: 'silver',
  mouth: 'middling',
  trend: 'steady',
  group: 'perch',
  schools: 'yes',
  forageKind: 'fish',
  tide: 'none',
  water: 'fresh',
  singlesOnly: 'no',
}

/** The middling water bent until a condition holds in full. */
function factsFor(when: When): WaterFeatures {
  const facts: Record<string, number | string> = { ...MIDDLING }
  for (const fact of TEXT_FEATURES) {
    const wanted = when[fact]?.[0]
    if (wanted !== undefined) facts[fact] = wanted
  }
  for (const fact of NUMBER_FEATURES) {
    const band = when[fact]
    if (!band) continue
    const low = band.above?.[1]
    const high = band.below?.[0]
    facts[fact] = low !== undefined && high !== undefined ? (low + high) / 2 : (low ?? high ?? 0)
  }
  return facts as unknown as WaterFeatures
}

/** And bent until one of its parts does not hold. */
function factsAgainst(when: When): WaterFeatures | null {
  const facts: Record<string, number | string> = { ...factsFor(when) }
  for (const fact of TEXT_FEATURES)
    if (when[fact]) return { ...facts, [fact]: 'nothing of the kind' } as unknown as WaterFeatures
  for (const fact of NUMBER_FEATURES) {
    const band = when[fact]
    if (band?.above) return { ...facts, [fact]: band.above[0] - 1 } as unknown as WaterFeatures
    if (band?.below) return { ...facts, [fact]: band.below[1] + 1 } as unknown as WaterFeatures
  }
  return null
}

/** Schools chosen so that a rule speaks in full. */
function schoolsFor({ school }: Rule) {
  if (school === null) return {}
  const [id, side] = school.split('.')
  const found = SCHOOLS.find((s) => s.id === id)
  if (!found) throw new Error(`no school ${school}`)
  return { [found.id]: found.first.id === side ? 'first' : 'second' } as const
}
const each = RULES.map((rule) => [rule.id, rule] as const)

describe('each rule', () => {
  it.each(each)('%s can hold in full', (_, rule) =>
    expect(truthDegree(rule.when, factsFor(rule.when))).toBeGreaterThan(0.99),
  )
  it.each(each.filter(([, rule]) => Object.keys(rule.when).length > 0))('%s can be silent', (_, rule) => {
    const against = factsAgainst(rule.when)
    if (!against) throw new Error('no way to silence it')
    expect(truthDegree(rule.when, against)).toBe(0)
    expect(demandOf(against, schoolsFor(rule), [rule]).totalWeight).toBe(0)
  })
  it.each(each)('%s alone asks for what it says, with its own weight and sentence', (_, rule) => {
    const facts = factsFor(rule.when)
    const demand = demandOf(facts, schoolsFor(rule), [rule])
    for (const effect of rule.effects) {
      if ('favour' in effect || 'avoid' in effect) {
        const kind = 'favour' in effect ? 'favour' : 'avoid'
        expect(demand.habits.some((h) => h.kind === kind && h.cause.sentence === rule.sentence)).toBe(true)
      } else if (effect.axis === 'colour') {
        const best = Math.max(...Object.values(effect.groups))
        for (const group of COLOUR_GROUPS)
          expect(demand.colour.liking[group]).toBeCloseTo((effect.groups[group] ?? 0) / best, 6)
      } else {
        const asked = demand.axes.find((a) => a.axis === effect.axis)
        const want = effect.times === undefined ? (effect.want ?? 1) : effect.times * facts.forageLengthM
        expect(asked?.want).toBeCloseTo(want, 6)
        expect(asked?.causes[0]?.ruleId).toBe(rule.id)
        expect(asked?.weight).toBeLessThanOrEqual(axisOf(effect.axis).most)
      }
    }
  })
  it.each(each)('%s has a band that rises and falls the right way round', (_, { when }) => {
    for (const fact of NUMBER_FEATURES) {
      const band = when[fact]
      if (band?.above) expect(band.above[0]).toBeLessThanOrEqual(band.above[1])
      if (band?.below) expect(band.below[0]).toBeLessThanOrEqual(band.below[1])
    }
  })
})

describe('rules together', () => {
  const all = demandOf(MIDDLING, {})
  it('ask on axes that exist, never beyond what an axis may weigh', () => {
    for (const { axis, weight, want } of all.axes) {
      expect(AXES.some((a) => a.id === axis)).toBe(true)
      expect(weight).toBeGreaterThan(0)
      expect(weight).toBeLessThanOrEqual(axisOf(axis).most)
      expect(Number.isFinite(want)).toBe(true)
    }
  })
  it('two that want different things are met in between, nearer the heavier', () => {
    const rule = (id: string, want: number, weight: number): Rule => ({
      id,
      school: null,
      facts: [],
      when: {},
      effects: [{ axis: 'vibration', want, weight }],
      sentence: 'A rule.',
      basis: 'test',
    })
    const asked = demandOf(MIDDLING, {}, [rule('a', 0.2, 1), rule('b', 0.8, 3)]).axes[0]
    expect(asked?.want).toBeCloseTo(0.65)
    expect(asked?.causes.map((c) => c.ruleId)).toEqual(['b', 'a'])
  })
  it('speeds are met in between by proportion', () => {
    const speeds = [0.25, 1].map((want, i): Rule => ({
      id: `r${i}`,
      school: null,
      facts: [],
      when: {},
      effects: [{ axis: 'speed', want, weight: 2 }],
      sentence: 'A rule.',
      basis: 'test',
    }))
    expect(demandOf(MIDDLING, {}, speeds).axes[0]?.want).toBeCloseTo(0.5)
  })
  it('order of the rules changes nothing', () => {
    const back = demandOf(MIDDLING, {}, [...RULES].reverse())
    for (const asked of all.axes) {
      const same = back.axes.find((a) => a.axis === asked.axis)
      expect(same?.want).toBeCloseTo(asked.want, 8)
      expect(same?.weight).toBeCloseTo(asked.weight, 8)
    }
    expect(back.totalWeight).toBeCloseTo(all.totalWeight, 8)
  })
  it('every axis, species aside, is asked for by some rule', () => {
    const asked = new Set(RULES.flatMap((r) => r.effects.flatMap((e) => ('axis' in e ? [e.axis] : []))))
    expect(AXES.filter((a) => a.id !== 'record' && !(asked as Set<string>).has(a.id)).map((a) => a.id)).toEqual([])
  })
})

describe('schools', () => {
  it.each(SCHOOLS.map((s) => [s.id, s] as const))('%s has two sides, a usual one and a reason for it', (_, school) => {
    expect(school.first.id).not.toBe(school.second.id)
    expect(school.question).toMatch(/^[A-Z]/)
    expect(school.why.length).toBeGreaterThan(10)
    if (typeof school.usual === 'number') expect(school.usual >= 0 && school.usual <= 1).toBe(true)
    else expect(Object.keys(school.usual).length).toBeGreaterThan(0)
  })
  it('a choice that is not there is told at once', () => {
    const lost: Rule = { id: 'x', school: 'S99.side', facts: [], when: {}, effects: [], sentence: 'X.', basis: 'test' }
    expect(() => demandOf(MIDDLING, {}, [lost])).toThrow(/S99/)
  })
})
