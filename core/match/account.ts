import type { Bench } from './bench'
import { handOffers } from './candidates'
import { dressedIn } from './dressed'
import { isMet } from './habit'
import type { Offer } from './offer'
import { reelEase, riggingOf, rodAndLineAgreement } from './outfit'
import { axisParts, buildOffers, colourPart, habitPart, inOrder, type Part } from './score'
import { setUpKey, type SetUp } from './setup'
import { pathOffers, throwIt, type Thrown } from './throw'

export interface Ranked {
  readonly key: string
  readonly setUp: SetUp
  /** 0 … 100: the sum of the points of its parts. */
  readonly score: number
  readonly parts: readonly Part[]
  readonly thrown: Thrown
}

/** Order of equals: the higher score, then the smaller key of the parts, so that the same inputs give the same list. */
export function better(a: { score: number; key: string }, b: { score: number; key: string }): boolean {
  return a.score > b.score + 1e-9 || (Math.abs(a.score - b.score) <= 1e-9 && a.key < b.key)
}

/** The full account of one given set-up in one water. */
export function scoreSetUp(setUp: SetUp, bench: Bench): Ranked {
  const { c, reading } = bench
  const { motion, offer } = dressedIn(setUp.build, bench.known(setUp.build.lure), reading)
  return account(setUp, offer, throwIt(setUp, motion, offer, c, reading), bench)
}

export function account(setUp: SetUp, offer: Offer, thrown: Thrown, { c, demand, contrastOf, record }: Bench): Ranked {
  const { build, outfit, leader, handling } = setUp
  const { retrieve, pullMps } = handling
  const rigging = riggingOf(outfit, leader)
  const tackle = rodAndLineAgreement(build, rigging) * reelEase(outfit.reel, retrieve, pullMps)
  const parts = inOrder([
    ...axisParts(
      demand.by.build,
      buildOffers(offer, contrastOf(build.lure.colour), record.oddsOf(build.lure).share),
      demand,
    ),
    ...colourPart(offer, demand),
    ...axisParts(demand.by.hand, handOffers(build, retrieve, pullMps, c.castM, thrown.plan.motion.castM), demand),
    ...axisParts(demand.by.outfit, { tackle, stealth: rigging.stealth }, demand),
    ...axisParts(demand.by.path, pathOffers(thrown), demand),
    ...demand.habits.map((h) => habitPart(h, isMet(h, { build, retrieve, outfit }) === true, demand)),
  ])
  return { key: setUpKey(setUp), setUp, score: parts.reduce((sum, p) => sum + p.points, 0), parts, thrown }
}
