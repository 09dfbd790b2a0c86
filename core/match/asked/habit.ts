import { CHANCES } from '../../../data/chances'
import type { Build, FamilyId, Work } from '../../tackle'
import type { Preference } from './demand'
import { asksOf, buildFits, outfitFits, workFits, type OfferTest } from './offer-test'
import type { Outfit, SetUp } from '../setup'

/** What is known of a set-up so far. */
export interface PartialSetUp {
  readonly build: Build
  readonly work?: Work
  readonly outfit?: Outfit
}

/** Whether a test agrees with what is known; null while that hangs on what is not. */
const agrees = (test: OfferTest, known: PartialSetUp): boolean | null =>
  buildFits(test, known.build) ? agreesFurther(test, known) : false

/** The same of a test with which the dressed lure agrees. */
function agreesFurther(test: OfferTest, { work, outfit }: PartialSetUp): boolean | null {
  const asks = asksOf(test)
  const hand = !asks.hand || (work ? workFits(test, work) : null)
  if (hand === false) return false
  const rod = !asks.outfit || (outfit ? outfitFits(test, outfit) : null)
  if (rod === false) return false
  return hand === null || rod === null ? null : true
}

/** Whether a whole set-up is what a test speaks of. */
export function fitsSetUp(test: OfferTest, { build, handling, outfit }: SetUp): boolean {
  return agrees(test, { build, work: handling, outfit }) === true
}

/**
 * Whether a habit speaks of a set-up: what it favours is there, or what it warns of is and nothing excepts it. Null while that is open. What it says of other
 * lures is nothing to this one.
 */
export const speaksOf = (habit: Pick<Preference, 'kind' | 'test' | 'unless'>, known: PartialSetUp): boolean | null =>
  speaks(habit, known, agrees(habit.test, known))

function speaks(
  { kind, unless }: Pick<Preference, 'kind' | 'unless'>,
  known: PartialSetUp,
  spoken: boolean | null,
): boolean | null {
  if (kind === 'favour' || spoken === false) return spoken
  const excepted = unless ? agrees(unless, known) : false
  if (excepted === true) return false
  return spoken === null || excepted === null ? null : true
}

/** What a warning costs, as a logarithm of the chance. One that names an exception is a matter of detail: the same lure, dressed otherwise. */
export const warningOf = ({ weight, unless }: Pick<Preference, 'weight' | 'unless'>) =>
  weight / (unless ? CHANCES.detail : CHANCES.warned)

/** Habits that may speak of a family: those that name others are left out. Told apart once for each list. */
export function habitsOn(habits: readonly Preference[], family: FamilyId): readonly Preference[] {
  let byFamily = sorted.get(habits)
  if (!byFamily) sorted.set(habits, (byFamily = new Map()))
  let found = byFamily.get(family)
  if (!found) {
    found = habits.filter(({ test }) => !test.family || test.family.includes(family))
    byFamily.set(family, found)
  }
  return found
}
const sorted = new WeakMap<readonly Preference[], Map<FamilyId, readonly Preference[]>>()

/** Weight of what recommends a set-up and cost of what warns of it so far, and the habits still open: the shorter the list, the less is asked again for every technique and line. */
export interface Spoken {
  readonly favoured: number
  readonly warned: number
  readonly open: readonly Preference[]
}
const SILENCE = { favoured: 0, warned: 0 }
const NONE: readonly Preference[] = []

/** What habits say of a dressed lure by itself. */
export const spokenOf = (habits: readonly Preference[], build: Build): Spoken =>
  spoken(habitsOn(habits, build.lure.family), SILENCE, (habit) => speaksOf(habit, { build }))

/** The same once more is known of it. */
export const spokenFurther = (before: Spoken, known: PartialSetUp): Spoken =>
  before.open.length === 0
    ? before
    : spoken(before.open, before, (habit) => speaks(habit, known, agreesFurther(habit.test, known)))

function spoken(
  habits: readonly Preference[],
  before: Pick<Spoken, 'favoured' | 'warned'>,
  says: (habit: Preference) => boolean | null,
): Spoken {
  let { favoured, warned } = before
  let open: Preference[] | null = null
  for (const habit of habits) {
    const said = says(habit)
    if (said === null) (open ??= []).push(habit)
    else if (said && habit.kind === 'favour') favoured += habit.weight
    else if (said) warned += warningOf(habit)
  }
  return { favoured, warned, open: open ?? NONE }
}
