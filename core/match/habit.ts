import type { Build, Retrieve } from '../tackle'
import type { Preference } from './demand'
import { asksHand, asksOutfit, buildFits, outfitFits, retrieveFits, type OfferTest } from './offer-test'
import type { Outfit, SetUp } from './setup'

/** What is known of a set-up so far. */
export interface PartialSetUp {
  readonly build: Build
  readonly retrieve?: Retrieve
  readonly outfit?: Outfit
}

/** Whether a test agrees with what is known; null while that hangs on what is not. */
function agrees(test: OfferTest, { build, retrieve, outfit }: PartialSetUp): boolean | null {
  if (!buildFits(test, build)) return false
  const hand = retrieve ? retrieveFits(test, retrieve) : asksHand(test) ? null : true
  if (hand === false) return false
  const rod = outfit ? outfitFits(test, outfit) : asksOutfit(test) ? null : true
  if (rod === false) return false
  return hand === null || rod === null ? null : true
}

/** Whether a whole set-up is what a test speaks of. */
export function fitsSetUp(test: OfferTest, { build, handling, outfit }: SetUp): boolean {
  return agrees(test, { build, retrieve: handling.retrieve, outfit }) === true
}

/** A habit is met when what it favours is there, or what it avoids is not, or is excepted; null while that is open. */
export function isMet(
  { kind, test, unless }: Pick<Preference, 'kind' | 'test' | 'unless'>,
  known: PartialSetUp,
): boolean | null {
  const spoken = agrees(test, known)
  if (kind === 'favour') return spoken
  if (spoken === false) return true
  const excepted = unless ? agrees(unless, known) : false
  if (excepted === true) return true
  return spoken === null || excepted === null ? null : false
}

/** Weight of the habits that are met already, and the habits still open: the shorter the list, the less is asked again for every retrieve and line. */
export interface ResolvedPreferences {
  readonly weight: number
  readonly open: readonly Preference[]
}

export function resolvePreferences(
  habits: readonly Preference[],
  known: PartialSetUp,
  before = 0,
): ResolvedPreferences {
  let weight = before
  const open: Preference[] = []
  for (const habit of habits) {
    const met = isMet(habit, known)
    if (met === null) open.push(habit)
    else if (met) weight += habit.weight
  }
  return { weight, open }
}
