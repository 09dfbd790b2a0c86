import { describe, expect, it } from 'vitest'
import { NUMBER_FEATURES, TEXT_FEATURES } from '../../core/water'
import { RULES, RULE_GROUPS } from '../../core/match'
import { featureName, either, sayEffect, sayEffects, sayTest, sayWhen } from '.'

const plain = (text: string) => text.replaceAll('\u202f', ' ')

describe('rules in words', () => {
  it.each(RULES.map((r) => [r.id, r] as const))('%s reads as a sentence, in either system', (_, rule) => {
    for (const system of ['metric', 'imperial'] as const) {
      const text = `${sayWhen(rule.when, system)} ${sayEffects(rule, system)}`
      expect(text).not.toMatch(/undefined|NaN|\[object|null/)
      expect(sayEffects(rule, system).length).toBeGreaterThan(3)
    }
    expect(sayWhen(rule.when, 'metric') === '').toBe(Object.keys(rule.when).length === 0)
  })
  it('says figures by the middle of their band, in the angler’s own units', () => {
    const when = { waterTempC: { above: [7, 11] as const }, mood: ['active', 'neutral'] }
    expect(plain(sayWhen(when, 'metric'))).toBe('water temperature over 9 °C; mood active or neutral')
    expect(plain(sayWhen(when, 'imperial'))).toContain('over 48 °F')
  })
  it('says what it prefers, what it avoids, and unless', () => {
    const spoon = { family: ['casting-spoon'], lengthM: [0.05, 0.08] } as const
    expect(plain(sayTest(spoon, 'metric'))).toBe('casting spoon; 5 to 8 cm')
    expect(sayEffect({ favour: { weedless: true }, weight: 1 }, 'metric')).toBe('prefer the point buried')
    expect(sayEffect({ avoid: { family: ['jerkbait'] }, unless: { sound: ['silent'] }, weight: 1 }, 'metric')).toBe(
      'avoid jerkbait, unless silent',
    )
    expect(sayTest({})).toBe('anything')
  })
  it.each([
    [[], ''],
    [['a'], 'a'],
    [['a', 'b'], 'a or b'],
    [['a', 'b', 'c'], 'a, b or c'],
  ])('%j: %s', (names, words) => expect(either(names)).toBe(words))
  it('every feature has a name', () => {
    for (const feature of [...NUMBER_FEATURES, ...TEXT_FEATURES]) expect(featureName(feature)).toMatch(/\w/)
  })
  it('there are at least 140 rules, in groups that hold each just once', () => {
    expect(RULES.length).toBeGreaterThanOrEqual(140)
    const ids = RULE_GROUPS.flatMap((g) => g.rules.map((r) => r.id))
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids).toHaveLength(RULES.length)
  })
})
