import type { OnLine } from './on-line'
import { DELIVERIES, deliveryOf, type Build, type Lure, type Work } from '../tackle'
import type { Box } from '../box'
import type { MatchContext } from './match-context'
import { anchored } from './anchor'
import { countDowns, rodTips } from './cast-of'
import { worksOfBuild } from './works'
import { buildVariants, type EvaluatedBuild } from './dressed'
import { spokenOf, type Spoken } from './habit'
import { bringsLead, lawBroken } from './law'
import { rodAndLineAgreement, workAgreement, workRefusal, type Tackle } from './outfit'
import { axisLog, buildOffers, colourLog, practiceLog, type Offers } from './score'
import type { Offer } from './offer'
import type { Handling, SetUp } from './setup'
import { linesThatHold } from './stay-down'

/** A dressed lure fished in one way, on every line that may carry it. Nothing is thrown yet. */
export interface Candidate {
  readonly dressed: EvaluatedBuild
  readonly handling: Handling
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
 * What the hand offers: tempo and patience within the range of its technique, pace, passing, and the fall where the lure is let fall. The pace is that of pulls and rests together, the root of its mean square
 * (as drag, flash and thump go): v·√(pull / (pull + rest)). Rips of 1 m/s for 0.9 s with 8 s of rest: 0.32 m/s. What the water works needs no pull.
 */
export function handOffers(
  { technique, tempo, patience, paceMps, restS }: Work,
  { fallMps }: Pick<Offer, 'fallMps'>,
): Offers {
  const { pace, pullS, passing, delivery } = technique
  const falls =
    fallMps > 0 && (restS >= FALLS_S || delivery === 'pitch' || delivery === 'vertical') && delivery !== 'three-way'
  return {
    tempo: pace === null ? null : tempo,
    patience: technique.restS === null ? null : patience,
    pace: pace === null ? paceMps : paceMps * Math.sqrt(pullS / (pullS + restS)),
    passing,
    fall: falls ? fallMps : null,
  }
}

/** Chance that a dressed lure leaves by itself, before rod and technique are chosen. */
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
  const dressings = variantsHere(lure, box, context)
  let most = -Infinity
  for (const dressed of dressings) {
    const { build } = dressed
    const { ofBuild, spoken } = worthOf(dressed, context)
    for (const work of worksOfBuild(dressed, context)) {
      const offers = handOffers(work, dressed.offer)
      most = Math.max(
        most,
        ofBuild + axisLog(demand.by.hand, offers) + mostPractice(spokenOf(spoken.open, { build, work }, spoken)),
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
  work: Work,
  base: number,
  { demand, castM }: MatchContext,
) {
  const best: OnLine[] = []
  for (const { rigging, agreement } of riggings) {
    if (workRefusal(build.massKg, rigging, work.technique.delivery)) continue
    const { line } = rigging.outfit
    const reach = castM({ build, outfit: rigging.outfit, handling: work }, motion)
    const tackle = agreement * workAgreement(build.massKg, rigging, work)
    const { favoured, warned } = spokenOf(spoken.open, { build, work, outfit: rigging.outfit }, spoken)
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
  return candidatesFor(variantsHere(lure, box, context), context, floor)
}

/** The same way of working, by technique and tempo, with each trailer on one hook. */
function trailersOf(beside: readonly Fitted[], context: MatchContext) {
  const byWork = new Map<string, { fitted: Fitted; work: Work }[]>()
  for (const fitted of beside)
    for (const work of worksOfBuild(fitted.dressed, context)) {
      const key = `${work.technique.id} ${work.tempo}`
      const known = byWork.get(key)
      if (known) known.push({ fitted, work })
      else byWork.set(key, [{ fitted, work }])
    }
  return byWork
}

/** The same for a lure dressed only in given ways. */
export function candidatesFor(
  dressings: readonly EvaluatedBuild[],
  context: MatchContext,
  floor = -Infinity,
): Candidate[] {
  const { c, demand, reading } = context
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
  for (const beside of byMount.values())
    for (const trailers of trailersOf(beside, context).values()) {
      const tried = trailers
        .flatMap(({ fitted, work }) => {
          const { build, offer } = fitted.dressed
          const base = fitted.ofBuild + axisLog(demand.by.hand, handOffers(work, offer))
          const spoken = spokenOf(fitted.spoken.open, { build, work }, fitted.spoken)
          if (base + mostPractice(spoken) < floor) return []
          const onLines = bestPerLine(fitted, spoken, work, base, context)
          const sure = onLines.reduce((most, l) => Math.max(most, l.logBeforeCast), -Infinity)
          return sure < floor ? [] : [{ dressed: fitted.dressed, work, onLines, sure }]
        })
        .sort((a, b) => b.sure - a.sure)
      for (const { dressed, work, onLines, sure } of tried.slice(0, TRAILERS_TRIED))
        for (const rodTipM of rodTips(dressed.build, work.technique, c)) {
          const held = linesThatHold(onLines, dressed.build, dressed.motion, { ...work, rodTipM }, context)
          if (held.length === 0) continue
          for (const countDownS of countDowns(
            dressed.build,
            dressed.motion,
            work.technique,
            c,
            reading,
            context.countedOn,
          ))
            found.push({ dressed, handling: { ...work, countDownS, rodTipM }, onLines: held, logBeforeCast: sure })
        }
    }
  return found.sort((a, b) => b.logBeforeCast - a.logBeforeCast)
}
