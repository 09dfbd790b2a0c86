import type { OnLine } from './on-line'
import {
  DELIVERIES,
  deliveryOf,
  familyOf,
  pullSpeedMps,
  retrieveOf,
  type Build,
  type Lure,
  type Retrieve,
} from '../tackle'
import type { Box } from '../box'
import type { MatchContext } from './match-context'
import { anchored } from './anchor'
import { countDowns, isFishedSo, rodTips } from './cast-of'
import { buildVariants, type EvaluatedBuild } from './dressed'
import { flowHere } from './flow'
import { spokenOf, type Spoken } from './habit'
import { bringsLead, lawBroken } from './law'
import { rodAndLineAgreement, workAgreement, workRefusal, type Tackle } from './outfit'
import { axisLog, buildOffers, colourLog, practiceLog, type Offers } from './score'
import type { Offer } from './offer'
import type { RetrieveSettings, SetUp } from './setup'
import { linesThatHold } from './stay-down'

/** A dressed lure fished in one way, on every line that may carry it. Nothing is thrown yet. */
export interface Candidate {
  readonly dressed: EvaluatedBuild
  readonly handling: RetrieveSettings
  /** Thinnest line first. */
  readonly onLines: readonly OnLine[]
  /** Logarithm of the most chance that any of the lines leaves before the path is known. */
  readonly logBeforeCast: number
}

export function setUpOf({ dressed, handling }: Candidate, { rigging }: OnLine): SetUp {
  return { build: dressed.build, outfit: rigging.outfit, leader: rigging.leader, handling }
}

/** A rest of less than this, s, is no fall. */
const FALLS_S = 1

/**
 * What the hand offers: pace, pause, passing, and the fall where the lure is let fall. The pace is that of pulls and rests together, the root of its mean square
 * (as drag, flash and thump go): v·√(pull / (pull + rest)). Rips of 1 m/s for 0.9 s with 8 s of rest: 0.32 m/s. What the water works needs no pull.
 */
export function handOffers(retrieve: Retrieve, retrieveSpeedMps: number, { fallMps }: Pick<Offer, 'fallMps'>): Offers {
  const { pullDurationS, pauseS, passing, delivery } = retrieve
  const { pace } = deliveryOf(delivery)
  const falls =
    fallMps > 0 && (pauseS >= FALLS_S || delivery === 'pitch' || delivery === 'vertical') && delivery !== 'three-way'
  const byWater = pace === 'water' && retrieve.retrieveSpeedMps === undefined
  const speed = byWater ? retrieveSpeedMps : retrieveSpeedMps * Math.sqrt(pullDurationS / (pullDurationS + pauseS))
  return { dwell: pauseS, speed, passing, fall: falls ? fallMps : null }
}

/** Chance that a dressed lure leaves by itself, before rod and retrieve are chosen. */
interface Worth {
  readonly ofBuild: number
  /** What practice says of the dressed lure by itself, and what hangs on more. */
  readonly spoken: Spoken
}

function worthOf({ build, offer }: EvaluatedBuild, { demand, contrastOf, record }: MatchContext): Worth {
  return {
    ofBuild:
      colourLog(offer, demand) +
      axisLog(
        demand.by.build,
        buildOffers(offer, contrastOf(build.lure.colour, build.lure.make), record.oddsOf(build.lure).share),
      ),
    spoken: spokenOf(demand.habits, { build }),
  }
}

/** What practice says at most, whatever tackle is still open. */
function mostPractice({ favoured, warned, open }: Spoken): number {
  const hoped = open.reduce((sum, h) => (h.kind === 'favour' ? sum + h.weight : sum), favoured)
  return practiceLog(hoped, warned)
}

/** Logarithm of the most chance of a lure in any way of fishing it, on any tackle, along any path: no answer of its own goes beyond. */
export function logUpperBound(lure: Lure, box: Box, context: MatchContext): number {
  const { demand } = context
  const family = familyOf(lure.family)
  const dressings = variantsHere(lure, box, context)
  const speedMps = dressings[0]?.speedMps ?? family.speedMps
  const hands = family.retrieves.map((id) => {
    const retrieve = retrieveOf(id)
    return { retrieve, retrieveSpeedMps: pullSpeedMps(retrieve, speedMps, flowHere(context.c)) }
  })
  let most = -Infinity
  for (const dressed of dressings) {
    const { build } = dressed
    const { ofBuild, spoken } = worthOf(dressed, context)
    for (const { retrieve, retrieveSpeedMps } of hands) {
      if (!isFishedSo(build, retrieve, retrieveSpeedMps, speedMps, context)) continue
      const offers = handOffers(retrieve, retrieveSpeedMps, dressed.offer)
      most = Math.max(
        most,
        ofBuild + axisLog(demand.by.hand, offers) + mostPractice(spokenOf(spoken.open, { build, retrieve }, spoken)),
      )
    }
  }
  return most
}

/** A dressed lure that some rod here works. */
interface Fitted extends Worth {
  readonly dressed: EvaluatedBuild
  /** Thinnest line first. */
  readonly riggings: readonly { readonly rigging: Tackle; readonly agreement: number }[]
}

function fit(dressed: EvaluatedBuild, context: MatchContext): Fitted | null {
  const { build } = dressed
  const possible = context.riggings
    .filter((rigging) =>
      DELIVERIES.some(({ id }) => context.deliveries.has(id) && !workRefusal(build.massKg, rigging, id)),
    )
    .map((rigging) => ({ rigging, agreement: rodAndLineAgreement(build, rigging) }))
  if (possible.length === 0) return null
  return { dressed, riggings: possible, ...worthOf(dressed, context) }
}

/** The path knows a tackle by its line's diameter and by its cast: of the riggings with equally thick line the one most at ease is tried. */
function bestPerLine(
  { dressed: { build, motion }, riggings }: Fitted,
  spoken: Spoken,
  retrieve: Retrieve,
  retrieveSpeedMps: number,
  base: number,
  { demand, castM }: MatchContext,
) {
  const best: OnLine[] = []
  for (const { rigging, agreement } of riggings) {
    if (workRefusal(build.massKg, rigging, retrieve.delivery)) continue
    const { line } = rigging.outfit
    const reach = castM({ build, outfit: rigging.outfit, handling: { retrieve, retrieveSpeedMps } }, motion)
    const tackle = agreement * workAgreement(build.massKg, rigging, retrieve, retrieveSpeedMps)
    const { favoured, warned } = spokenOf(spoken.open, { build, retrieve, outfit: rigging.outfit }, spoken)
    const sure =
      base + axisLog(demand.by.outfit, { tackle, stealth: rigging.stealth, reach }) + practiceLog(favoured, warned)
    const last = best[best.length - 1]
    const one = { rigging, castM: reach, logBeforeCast: sure }
    if (last?.rigging.outfit.line.diameterM !== line.diameterM) best.push(one)
    else if (sure > last.logBeforeCast) best[best.length - 1] = one
  }
  return best
}

/** Of the trailers on one hook only those that earn most before the cast can win: their paths hardly differ. */
const TRAILERS_TRIED = 2

/** Every way the box dresses a lure for the ways of fishing that are looked at. */
function variantsHere(lure: Lure, box: Box, { reading, deliveries, place }: MatchContext): readonly EvaluatedBuild[] {
  const plain = buildVariants(lure, box, reading)
  const all = deliveries.has('three-way') ? [...plain, ...anchored(plain, box)] : plain
  return place.noLead ? all.filter(({ build }) => !bringsLead(build)) : all
}

/** Every way to fish a lure that can win, come up to `floor`, and break no hard limit known before it is thrown; most promising first. */
export function candidatesOf(lure: Lure, box: Box, context: MatchContext, floor = -Infinity): Candidate[] {
  if (lawBroken(lure, context.place)) return []
  return candidatesFor(lure, variantsHere(lure, box, context), context, floor)
}

/** The same for a lure dressed only in given ways. */
export function candidatesFor(
  lure: Lure,
  dressings: readonly EvaluatedBuild[],
  context: MatchContext,
  floor = -Infinity,
): Candidate[] {
  const { c, demand, reading } = context
  const family = familyOf(lure.family)
  const byMount = new Map<Build['mount'] | Build['anchor'] | Build['clip'], Fitted[]>()
  for (const dressed of dressings) {
    const fitted = fit(dressed, context)
    if (!fitted) continue
    const key = dressed.build.anchor ?? dressed.build.clip ?? dressed.build.mount
    const beside = byMount.get(key)
    if (beside) beside.push(fitted)
    else byMount.set(key, [fitted])
  }
  const found: Candidate[] = []
  for (const id of family.retrieves) {
    const retrieve = retrieveOf(id)
    // The window is the lure's own: the same in whatever way it is dressed.
    const speedMps = dressings[0]?.speedMps ?? family.speedMps
    const retrieveSpeedMps = pullSpeedMps(retrieve, speedMps, flowHere(c))
    for (const fitted of byMount.values()) {
      const trailers = fitted
        .filter((f) => isFishedSo(f.dressed.build, retrieve, retrieveSpeedMps, speedMps, context))
        .flatMap((f) => {
          const { build } = f.dressed
          const offers = handOffers(retrieve, retrieveSpeedMps, f.dressed.offer)
          const base = f.ofBuild + axisLog(demand.by.hand, offers)
          const spoken = spokenOf(f.spoken.open, { build, retrieve }, f.spoken)
          if (base + mostPractice(spoken) < floor) return []
          const onLines = bestPerLine(f, spoken, retrieve, retrieveSpeedMps, base, context)
          const sure = onLines.reduce((most, l) => Math.max(most, l.logBeforeCast), -Infinity)
          return sure < floor ? [] : [{ dressed: f.dressed, onLines, sure }]
        })
        .sort((a, b) => b.sure - a.sure)
      for (const { dressed, onLines, sure } of trailers.slice(0, TRAILERS_TRIED))
        for (const rodTipM of rodTips(dressed.build, retrieve, c)) {
          const held = linesThatHold(onLines, dressed.build, dressed.motion, { retrieve, rodTipM }, context)
          if (held.length === 0) continue
          for (const countDownS of countDowns(dressed.build, dressed.motion, retrieve, c, reading, context.countedOn))
            found.push({
              dressed,
              handling: { retrieve, retrieveSpeedMps, countDownS, rodTipM },
              onLines: held,
              logBeforeCast: sure,
            })
        }
    }
  }
  return found.sort((a, b) => b.logBeforeCast - a.logBeforeCast)
}
