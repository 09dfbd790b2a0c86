import { ruleDraftWords as texts } from '../../../words'
import { sayIssue } from '~/components/form/issue'
import { OwnRule, type OfferTest } from '../../../core/match'
import type { NumberFeature, TextFeature } from '../../../core/water'

/** One condition as it is typed. */
export type Condition =
  | { readonly kind: 'over' | 'under'; readonly fact: NumberFeature; readonly value: number | null }
  | { readonly kind: 'is'; readonly fact: TextFeature; readonly values: readonly string[] }

/** A rule as it is typed. */
export interface RuleDraft {
  id: string
  sentence: string
  conditions: Condition[]
  asks: 'favour' | 'avoid' | 'axis'
  families: string[]
  techniques: string[]
  colours: string[]
  axis: string
  want: number | null
  weight: number
}

export const newDraft = (id: string): RuleDraft => ({
  id,
  sentence: '',
  conditions: [],
  asks: 'favour',
  families: [],
  techniques: [],
  colours: [],
  axis: 'tempo',
  want: 0.5,
  weight: 4,
})

/** A bound is soft: it begins and ends this share of its value to either side, so that a degree more or less flips nothing. */
const SOFT = 0.1
const around = (value: number): [number, number] => {
  const edge = Math.max(0.02, Math.abs(value) * SOFT)
  return [value - edge, value + edge]
}

/** In what water typed conditions hold; null where one lacks its figure. */
export function whenOf(conditions: readonly Condition[]): Record<string, unknown> | null {
  const when: Record<string, unknown> = {}
  for (const c of conditions) {
    if (c.kind === 'is') {
      if (c.values.length > 0) when[c.fact] = [...c.values]
    } else {
      if (c.value === null) return null
      const band = (when[c.fact] ?? {}) as object
      when[c.fact] = { ...band, [c.kind === 'over' ? 'above' : 'below']: around(c.value) }
    }
  }
  return when
}

/** What a draft stands for; or what is missing, in words. */
export function ruleOf(draft: RuleDraft): { ok: true; rule: OwnRule } | { ok: false; problem: string } {
  const when = whenOf(draft.conditions)
  if (!when) return { ok: false, problem: texts.aConditionLacksIts }
  const test: OfferTest = {
    ...(draft.families.length > 0 && { family: draft.families }),
    ...(draft.techniques.length > 0 && { technique: draft.techniques }),
    ...(draft.colours.length > 0 && { colour: draft.colours as OfferTest['colour'] }),
  } as OfferTest
  if (draft.asks !== 'axis' && Object.keys(test).length === 0) return { ok: false, problem: texts.nameAKind }
  if (draft.asks === 'axis' && draft.want === null) return { ok: false, problem: texts.sayHowMuch }
  const effect =
    draft.asks === 'axis'
      ? { axis: draft.axis, want: draft.want, weight: draft.weight }
      : { [draft.asks]: test, weight: draft.weight }
  const rule = { id: draft.id, sentence: draft.sentence, when, effects: [effect] }
  const parsed = OwnRule.safeParse(rule)
  if (parsed.success) return { ok: true, rule: parsed.data }
  const [issue] = parsed.error.issues
  const bare = !issue || issue.path[0] === 'sentence'
  return { ok: false, problem: bare ? texts.sayTheRule : sayIssue(issue, rule) }
}

/** The conditions behind a water in which something holds, as they are typed. */
export const conditionsOf = (when: OwnRule['when']): Condition[] =>
  Object.entries(when).flatMap(([fact, value]): Condition[] => {
    if (Array.isArray(value)) return [{ kind: 'is', fact: fact as TextFeature, values: value as string[] }]
    const band = value as { above?: readonly [number, number]; below?: readonly [number, number] }
    const middle = ([a, b]: readonly [number, number]) => (a + b) / 2
    return [
      ...(band.above ? [{ kind: 'over' as const, fact: fact as NumberFeature, value: middle(band.above) }] : []),
      ...(band.below ? [{ kind: 'under' as const, fact: fact as NumberFeature, value: middle(band.below) }] : []),
    ]
  })

/** The draft of a rule that is kept already. */
export function draftOf(rule: OwnRule): RuleDraft {
  const base = { ...newDraft(rule.id), sentence: rule.sentence, conditions: conditionsOf(rule.when) }
  const [effect] = rule.effects
  if (!effect) return base
  if ('favour' in effect || 'avoid' in effect) {
    const test = 'favour' in effect ? effect.favour : effect.avoid
    return {
      ...base,
      asks: 'favour' in effect ? 'favour' : 'avoid',
      families: [...(test.family ?? [])],
      techniques: [...(test.technique ?? [])],
      colours: [...(test.colour ?? [])],
      weight: effect.weight,
    }
  }
  return {
    ...base,
    asks: 'axis',
    axis: effect.axis,
    want: 'want' in effect ? (effect.want ?? 1) : 1,
    weight: effect.weight,
  }
}
