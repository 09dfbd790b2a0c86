import { OPEN_QUESTIONS as QUESTION_TABLE } from '../../../data/open-questions'
import { COLOUR_GROUPS } from '../../tackle'
import { truthDegree, type WaterFeatures, type When } from '../../water'
import { z } from '../../zod'
import { AXES, type AxisId } from './axis'
import { effectOfBefore } from './former-rules'
import { OfferTest } from './offer-test'
import { OwnTechnique } from './own-technique'
import { RuleWhen } from './rule-when'

const weight = z.number().positive().max(25)
const SCALAR = AXES.map((a) => a.id).filter((id) => id !== 'colour' && id !== 'record') as [ScalarAxis, ...ScalarAxis[]]

export type ScalarAxis = Exclude<AxisId, 'colour' | 'record'>

export const Effect = z.union([
  /** Asks for a value on an axis; `times` is of the forage's length; axes that are shares of their own want 1. */
  z.strictObject({
    axis: z.enum(SCALAR),
    want: z.number().optional(),
    times: z.number().positive().optional(),
    weight,
  }),
  z.strictObject({
    axis: z.literal('colour'),
    groups: z.partialRecord(z.enum(COLOUR_GROUPS), z.number().min(0).max(1)),
    weight,
  }),
  /** A habit: what good anglers tie on in this water (`favour`) or leave in the box (`avoid`). */
  z.strictObject({ favour: OfferTest, weight }),
  /** `unless` makes a preference of it: those spoken of are marked down unless they are also that. */
  z.strictObject({ avoid: OfferTest, unless: OfferTest.optional(), weight }),
])
export type Effect = z.infer<typeof Effect>

/** A rule of practice: data, not code. Adding one needs no other change. */
export interface Rule {
  readonly id: string
  /** `S4.clarity`: counts by the question the angler follows; null counts always. */
  readonly side: string | null
  /** Facts of the trade it stands for, by number; none for what the angler wrote. */
  readonly facts: readonly number[]
  readonly when: When
  readonly effects: readonly Effect[]
  /** What the angler wrote; rules of the trade have their sentence in words/. */
  readonly sentence?: string
  readonly basis: string
}

const OwnRuleNow = z.strictObject({
  id: z.string().min(1).max(80),
  side: z.null().default(null),
  facts: z.array(z.number()).max(0).default([]),
  when: RuleWhen,
  effects: z.array(Effect).min(1).max(6),
  sentence: z.string().trim().min(3).max(200),
  basis: z.string().max(80).default('my own rule'),
})

/** A rule that the angler wrote; what was written before techniques is read as what it meant. */
export const OwnRule = z.preprocess((raw) => {
  const before = z.looseObject({ effects: z.array(z.looseObject({})) }).safeParse(raw)
  return before.success ? { ...before.data, effects: before.data.effects.map(effectOfBefore) } : raw
}, OwnRuleNow)
export type OwnRule = z.infer<typeof OwnRuleNow>

/** More copies than this are no register of one's own, and each is thrown for every lure that it is for. */
const MOST_TECHNIQUES = 40

const Side = z.enum(['first', 'second', 'both'])

/** How the angler judges: the questions followed, rules weighed otherwise (0 is off), rules and techniques of one's own. */
export const Practice = z.strictObject({
  sides: z.record(z.string(), Side).default({}),
  weights: z.record(z.string(), z.number().min(0).max(3)).default({}),
  own: z.array(OwnRule).max(200).default([]),
  techniques: z.array(OwnTechnique).max(MOST_TECHNIQUES).default([]),
})
export type Practice = z.infer<typeof Practice>
export const USUAL_PRACTICE: Practice = { sides: {}, weights: {}, own: [], techniques: [] }

/** A point on which good anglers disagree; words/ has the question and what each side says. */
export interface OpenQuestion {
  readonly id: string
  readonly first: { readonly id: string }
  readonly second: { readonly id: string }
  /** How far the second side is followed where the angler has not chosen: a share, or the water in which it is. */
  readonly usual: number | When
}
export const OPEN_QUESTIONS: readonly OpenQuestion[] = QUESTION_TABLE
export type SideChoice = Readonly<Partial<Record<string, 'first' | 'second' | 'both'>>>

/** How far the second side of a question is followed in a water, 0 … 1. */
export function secondShare(question: OpenQuestion, choice: SideChoice, features: WaterFeatures): number {
  const taken = choice[question.id]
  if (taken === 'first') return 0
  if (taken === 'second') return 1
  if (taken === 'both') return 0.5
  return typeof question.usual === 'number' ? question.usual : truthDegree(question.usual, features)
}

/** How far a rule's question is followed. Rules of no question count in full. */
export function sideShare(rule: Pick<Rule, 'side'>, choice: SideChoice, features: WaterFeatures): number {
  if (rule.side === null) return 1
  const [id, side] = rule.side.split('.')
  const question = OPEN_QUESTIONS.find((s) => s.id === id)
  if (!question) throw new Error(`question ${rule.side} is not in data/open-questions`)
  const second = secondShare(question, choice, features)
  return question.second.id === side ? second : 1 - second
}
