import { RULES as TABLE } from '../../../data/rules'
import { FACTORS } from '../../../data/rules/factors'
import type { Practice, Rule } from './rule'

const factorOf: Readonly<Record<string, number>> = FACTORS
/** The same rule speaking so many times as loudly. */
const weighed = (rule: Rule, by: number): Rule =>
  by === 1 ? rule : { ...rule, effects: rule.effects.map((e) => ({ ...e, weight: e.weight * by })) }

/** The rules of practice, each weighed as `npm run calibrate` found (data/rules/factors). */
export const RULES: readonly Rule[] = TABLE.map((rule) => weighed(rule, factorOf[rule.id] ?? 1))

/** The rules that count for an angler: those of the trade as weighed, and then the angler's own. Who has changed nothing gets {@link RULES} itself. */
export function rulesFor({ weights, own }: Pick<Practice, 'weights' | 'own'>): readonly Rule[] {
  if (own.length === 0 && Object.keys(weights).length === 0) return RULES
  const heard = (rule: Rule): Rule[] => {
    const by = weights[rule.id] ?? 1
    return by === 0 ? [] : [weighed(rule, by)]
  }
  return [...RULES, ...own].flatMap(heard)
}
