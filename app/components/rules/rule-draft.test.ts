import { describe, expect, it } from 'vitest'
import { OwnRule } from '../../../core/match'
import { draftOf, newDraft, ruleOf, type RuleDraft } from './rule-draft'

const draft = (over: Partial<RuleDraft> = {}): RuleDraft => ({
  ...newDraft('own-1'),
  sentence: 'Spoons by noon.',
  families: ['casting-spoon'],
  ...over,
})
const made = (d: RuleDraft) => {
  const out = ruleOf(d)
  if (!out.ok) throw new Error(out.problem)
  return out.rule
}
const problem = (d: RuleDraft) => {
  const out = ruleOf(d)
  return out.ok ? '' : out.problem
}

describe('a rule of one’s own, as it is typed', () => {
  it('becomes a rule that the schema takes', () => {
    const rule = made(draft({ conditions: [{ kind: 'is', fact: 'mood', values: ['active'] }] }))
    expect(OwnRule.parse(rule)).toEqual(rule)
    expect(rule.when).toEqual({ mood: ['active'] })
    expect(rule.effects).toEqual([{ favour: { family: ['casting-spoon'] }, weight: 4 }])
  })
  it('bounds are soft to either side of the figure', () => {
    const { when } = made(
      draft({
        conditions: [
          { kind: 'over', fact: 'waterTempC', value: 10 },
          { kind: 'under', fact: 'waterTempC', value: 20 },
        ],
      }),
    )
    expect(when.waterTempC).toEqual({ above: [9, 11], below: [18, 22] })
  })
  it.each([
    ['an axis', { asks: 'axis' as const, axis: 'tempo', want: 0.7 }],
    ['what is left in the box', { asks: 'avoid' as const, families: [], techniques: ['hop'] }],
    ['a colour', { families: [], colours: ['gold'] }],
    ['conditions', { conditions: [{ kind: 'over' as const, fact: 'windMps' as const, value: 5 }] }],
  ])('%s: opened again it is as it was typed', (_, over) => {
    const typed = draft(over)
    expect(ruleOf(draftOf(made(typed)))).toEqual(ruleOf(typed))
  })
  it('what is missing is named', () => {
    expect(problem(draft({ sentence: ' ' }))).toMatch(/sentence/)
    expect(problem(draft({ families: [] }))).toMatch(/kind of lure/)
    expect(problem(draft({ conditions: [{ kind: 'over', fact: 'windMps', value: null }] }))).toMatch(/figure/)
    expect(problem(draft({ asks: 'axis', want: null }))).toMatch(/how much/)
    expect(problem(draft({ families: ['frogs of gold'] }))).toMatch(/effects/)
  })
})
