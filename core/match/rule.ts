import { RULES as TABLE } from '../../data/practice-rules'
import { SCHOOLS as SCHOOL_TABLE } from '../../data/schools'
import type { ColourGroup, MountKind, TrailerKind } from '../tackle'
import type { When } from '../water'
import type { AxisId } from './axis'

/** A rule of practice: data, not code. Adding one needs no other change. */
export interface Rule {
  readonly id: string
  /** `S4.clarity`: counts by the school the angler follows; null counts always. */
  readonly school: string | null
  readonly when: When
  readonly effects: readonly Effect[]
  /** As an angler would say it. */
  readonly sentence: string
  readonly basis: string
}

export type ScalarAxis = Exclude<AxisId, 'colour'>

export type Effect =
  /** Asks for a value on an axis; `times` is of the forage's length; axes that are shares of their own want 1. */
  | { readonly axis: ScalarAxis; readonly want?: number; readonly times?: number; readonly weight: number }
  | { readonly axis: 'colour'; readonly groups: { readonly [G in ColourGroup]?: number }; readonly weight: number }
  /** A habit: what good anglers tie on in this water (`favour`) or leave in the box (`avoid`). */
  | { readonly favour: OfferTest; readonly weight: number }
  | { readonly avoid: OfferTest; readonly weight: number }

/** All named parts must agree; lists are "one of". */
export interface OfferTest {
  readonly family?: readonly string[]
  readonly mount?: readonly MountKind[]
  readonly retrieve?: readonly string[]
  readonly sound?: readonly string[]
  readonly trailer?: readonly TrailerKind[]
  readonly traits?: Readonly<Record<string, readonly (string | boolean)[]>>
}

export const RULES: readonly Rule[] = TABLE

export interface School {
  readonly id: string
  readonly question: string
  readonly first: { readonly id: string; readonly says: string }
  readonly second: { readonly id: string; readonly says: string }
  readonly usual: 'first' | 'second' | 'both'
  readonly why: string
}
export const SCHOOLS: readonly School[] = SCHOOL_TABLE
export type SchoolChoice = Readonly<Partial<Record<string, 'first' | 'second' | 'both'>>>

/** How far a rule's school is followed: 1 chosen, ½ when both are weighed, 0 when the other is chosen. Rules of no school count in full. */
export function schoolShare(rule: Pick<Rule, 'school'>, choice: SchoolChoice): number {
  if (rule.school === null) return 1
  const [id, side] = rule.school.split('.')
  const school = SCHOOLS.find((s) => s.id === id)
  if (!school) throw new Error(`school ${rule.school} is not in data/schools`)
  const taken = choice[school.id] ?? school.usual
  if (taken === 'both') return 0.5
  return school[taken].id === side ? 1 : 0
}
