import { RULES as TABLE } from '../../../data/rules'
import { FACTORS } from '../../../data/rules/factors'
import { rulesOfOwn, techniqueOfOwn } from './own-technique'
import type { Practice, Rule, SideChoice } from './rule'
import type { Technique } from '../../tackle'

const factorOf: Readonly<Record<string, number>> = FACTORS
/** The same rule speaking so many times as loudly. */
const weighed = (rule: Rule, by: number): Rule =>
  by === 1 ? rule : { ...rule, effects: rule.effects.map((e) => ({ ...e, weight: e.weight * by })) }

/** The rules of practice, each weighed as `npm run calibrate` found (data/rules/factors). */
export const RULES: readonly Rule[] = TABLE.map((rule) => weighed(rule, factorOf[rule.id] ?? 1))

type Heard = Pick<Practice, 'weights' | 'own'> & Partial<Pick<Practice, 'techniques'>>

/** The rules that count for an angler: those of the trade as weighed, then the angler's own, those of the own techniques last. Who has changed nothing gets {@link RULES} itself. */
export function rulesFor({ weights, own, techniques = [] }: Heard): readonly Rule[] {
  const reached = techniques.flatMap(rulesOfOwn)
  if (own.length + reached.length === 0 && Object.keys(weights).length === 0) return RULES
  const heard = (rule: Rule): Rule[] => {
    const by = weights[rule.id] ?? 1
    return by === 0 ? [] : [weighed(rule, by)]
  }
  return [...RULES, ...own, ...reached].flatMap(heard)
}

/** How an angler judges, as a match takes it. */
export interface Judged {
  readonly sides: SideChoice
  readonly rules: readonly Rule[]
  readonly techniques: readonly Technique[]
}
export const judgedBy = (practice: Heard & { readonly sides: SideChoice }): Judged => ({
  sides: practice.sides,
  rules: rulesFor(practice),
  techniques: (practice.techniques ?? []).map(techniqueOfOwn),
})
