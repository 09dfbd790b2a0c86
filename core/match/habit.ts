import { CHANCES } from '../../data/chances'
import type { Build, Work } from '../tackle'
import type { Preference } from './demand'
import { asksHand, asksOutfit, buildFits, outfitFits, workFits, type OfferTest } from './offer-test'
import type { Outfit, SetUp } from './setup'

/** What is known of a set-up so far. */
export interface PartialSetUp {
  readonly build: Build
  readonly work?: Work
  readonly outfit?: Outfit
}

/** Whether a test agrees with what is known; null while that hangs on what is not. */
function agrees(test: OfferTest, { build, work, outfit }: PartialSetUp): boolean | null {
  if (!buildFits(test, build)) return false
  const hand = work ? workFits(test, work) : asksHand(test) ? null : true
  if (hand === false) return false
  const rod = outfit ? outfitFits(test, outfit) : asksOutfit(test) ? null : true
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
export function speaksOf(
  { kind, test, unless }: Pick<Preference, 'kind' | 'test' | 'unless'>,
  known: PartialSetUp,
): boolean | null {
  const spoken = agrees(test, known)
  if (kind === 'favour' || spoken === false) return spoken
  const excepted = unless ? agrees(unless, known) : false
  if (excepted === true) return false
  return spoken === null || excepted === null ? null : true
}

/** What a warning costs, as a logarithm of the chance. One that names an exception is a matter of detail: the same lure, dressed otherwise. */
export const warningOf = ({ weight, unless }: Pick<Preference, 'weight' | 'unless'>) =>
  weight / (unless ? CHANCES.detail : CHANCES.warned)

/** Weight of what recommends a set-up and cost of what warns of it so far, and the habits still open: the shorter the list, the less is asked again for every technique and line. */
export interface Spoken {
  readonly favoured: number
  readonly warned: number
  readonly open: readonly Preference[]
}
const SILENCE = { favoured: 0, warned: 0 }

export function spokenOf(
  habits: readonly Preference[],
  known: PartialSetUp,
  before: Pick<Spoken, 'favoured' | 'warned'> = SILENCE,
): Spoken {
  let { favoured, warned } = before
  const open: Preference[] = []
  for (const habit of habits) {
    const speaks = speaksOf(habit, known)
    if (speaks === null) open.push(habit)
    else if (speaks && habit.kind === 'favour') favoured += habit.weight
    else if (speaks) warned += warningOf(habit)
  }
  return { favoured, warned, open }
}
