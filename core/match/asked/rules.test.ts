import { describe, expect, it } from 'vitest'
import { NUMBER_FEATURES, SPECIES, TEXT_FEATURES, truthDegree, type WaterFeatures, type When } from '../../water'
import { RULES, RULE_GROUPS, OPEN_QUESTIONS, demandOf, type Rule } from '..'
import { AXES, axisOf } from './axis'
import { COLOUR_GROUPS, FAMILIES } from '../../tackle'
import { questionWords } from '../../../words'

/** Every rule of practice on its own: it can speak, it can be silent, and what it says reaches the demand. */

const MIDDLING: WaterFeatures = {
  waterTempC: 16,
  visibilityM: 2,
  windMps: 3,
  currentMps: 0.1,
  stand: 'not said',
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
  moonIlluminatedFraction: 0.5,
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
  schooling: 'yes',
  birds: 'no',
  mudOfFish: 'no',
  fishSeen: 'no',
  lamps: 'no',
  weedDrift: 'none',
  forageShape: 'slim',
  forageKind: 'fish',
  tide: 'none',
  water: 'fresh',
  singlesOnly: 'no',
}

/** The middling water bent until a condition holds in full. */
function featuresFor(when: When): WaterFeatures {
  const features: Record<string, number | string> = { ...MIDDLING }
  for (const f of TEXT_FEATURES) {
    const wanted = when[f]?.[0]
    if (wanted !== undefined) features[f] = wanted
  }
  for (const f of NUMBER_FEATURES) {
    const band = when[f]
    if (!band) continue
    const low = band.above?.[1]
    const high = band.below?.[0]
    features[f] = low !== undefined && high !== undefined ? (low + high) / 2 : (low ?? high ?? 0)
  }
  return features as unknown as WaterFeatures
}

/** And bent until one of its parts does not hold. */
function featuresAgainst(when: When): WaterFeatures | null {
  const features: Record<string, number | string> = { ...featuresFor(when) }
  for (const f of TEXT_FEATURES)
    if (when[f]) return { ...features, [f]: 'nothing of the kind' } as unknown as WaterFeatures
  for (const f of NUMBER_FEATURES) {
    const band = when[f]
    if (band?.above) return { ...features, [f]: band.above[0] - 1 } as unknown as WaterFeatures
    if (band?.below) return { ...features, [f]: band.below[1] + 1 } as unknown as WaterFeatures
  }
  return null
}

/** Schools chosen so that a rule speaks in full. */
function sidesFor({ side }: Rule) {
  if (side === null) return {}
  const [id, name] = side.split('.')
  const found = OPEN_QUESTIONS.find((s) => s.id === id)
  if (!found) throw new Error(`no open question ${side}`)
  return { [found.id]: found.first.id === name ? 'first' : 'second' } as const
}
const each = RULES.map((rule) => [rule.id, rule] as const)

describe('each rule', () => {
  it.each(each)('%s can hold in full', (_, rule) =>
    expect(truthDegree(rule.when, featuresFor(rule.when))).toBeGreaterThan(0.99),
  )
  it.each(each.filter(([, rule]) => Object.keys(rule.when).length > 0))('%s can be silent', (_, rule) => {
    const against = featuresAgainst(rule.when)
    if (!against) throw new Error('no way to silence it')
    expect(truthDegree(rule.when, against)).toBe(0)
    const { axes, colour, habits } = demandOf(against, sidesFor(rule), [rule])
    expect(axes.length + habits.length + colour.weight).toBe(0)
  })
  it.each(each)('%s alone asks for what it says, with its own weight and sentence', (_, rule) => {
    const features = featuresFor(rule.when)
    const demand = demandOf(features, sidesFor(rule), [rule])
    for (const effect of rule.effects) {
      if ('favour' in effect || 'avoid' in effect) {
        const kind = 'favour' in effect ? 'favour' : 'avoid'
        expect(demand.habits.some((h) => h.kind === kind && h.cause.ruleId === rule.id)).toBe(true)
      } else if (effect.axis === 'colour') {
        const best = Math.max(...Object.values(effect.groups))
        for (const group of COLOUR_GROUPS)
          expect(demand.colour.liking[group]).toBeCloseTo((effect.groups[group] ?? 0) / best, 6)
      } else {
        const asked = demand.axes.find((a) => a.axis === effect.axis)
        const want = effect.times === undefined ? (effect.want ?? 1) : effect.times * features.forageLengthM
        expect(asked?.want).toBeCloseTo(want, 6)
        expect(asked?.causes[0]?.ruleId).toBe(rule.id)
        expect(asked?.weight).toBeLessThanOrEqual(axisOf(effect.axis).most)
      }
    }
  })
  const bands = each.flatMap(([id, { when }]) =>
    NUMBER_FEATURES.flatMap((f) =>
      (['above', 'below'] as const).flatMap((side) => {
        const band = when[f]?.[side]
        return band ? [[id, side, f, band] as const] : []
      }),
    ),
  )
  it.each(bands)('%s, %s its %s, has a band that runs the right way round', (_id, _side, _feature, [from, to]) =>
    expect(from).toBeLessThanOrEqual(to),
  )
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
      side: null,
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
  it('paces are met in between by proportion', () => {
    const speeds = [0.25, 1].map((want, i): Rule => ({
      id: `r${i}`,
      side: null,
      facts: [],
      when: {},
      effects: [{ axis: 'pace', want, weight: 2 }],
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
    expect(back.colour.weight).toBeCloseTo(all.colour.weight, 8)
    expect(back.habits.length).toBe(all.habits.length)
  })
  it('every axis, species aside, is asked for by some rule', () => {
    const asked = new Set(RULES.flatMap((r) => r.effects.flatMap((e) => ('axis' in e ? [e.axis] : []))))
    expect(AXES.filter((a) => a.id !== 'record' && !(asked as Set<string>).has(a.id)).map((a) => a.id)).toEqual([])
  })
})

describe('open questions', () => {
  it.each(OPEN_QUESTIONS.map((s) => [s.id, s] as const))(
    '%s has two sides, a usual one and a reason for it',
    (_, question) => {
      expect(question.first.id).not.toBe(question.second.id)
      expect(questionWords(question.id).question).toMatch(/^[A-Z]/)
      expect(questionWords(question.id).why.length).toBeGreaterThan(10)
      if (typeof question.usual === 'number') expect(question.usual >= 0 && question.usual <= 1).toBe(true)
      else expect(Object.keys(question.usual).length).toBeGreaterThan(0)
    },
  )
  it('a choice that is not there is told at once', () => {
    const lost: Rule = { id: 'x', side: 'S99.side', facts: [], when: {}, effects: [], sentence: 'X.', basis: 'test' }
    expect(() => demandOf(MIDDLING, {}, [lost])).toThrow(/S99/)
  })
})

describe('what is tied on for a group of fish', () => {
  const rows = RULE_GROUPS.flatMap(({ id, rules }) => (id === 'by-fish' ? [...rules] : [])) as readonly Rule[]
  const namedIn = ({ effects }: Rule) => effects.map((e) => ('avoid' in e ? (e.avoid.family ?? []) : []))
  it('is said of every group that there is, and of no other', () => {
    const groups = new Set(SPECIES.map(({ group }) => group as string))
    expect(new Set(rows.flatMap(({ when }) => when.group ?? []))).toEqual(groups)
  })
  it('a family is seldom or never tied on, not both, and each group has some that are usual', () => {
    for (const row of rows) {
      const [seldom = [], never = []] = namedIn(row)
      expect(
        seldom.filter((id) => never.includes(id)),
        row.id,
      ).toEqual([])
      expect(new Set([...seldom, ...never]).size).toBe(seldom.length + never.length)
      expect(FAMILIES.length - seldom.length - never.length, row.id).toBeGreaterThan(4)
    }
  })
})
