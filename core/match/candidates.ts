import { familyOf, pullSpeedMps, retrieveOf, worksOn, type Build, type Lure, type Retrieve } from '../tackle'
import type { Box } from '../box'
import type { MatchContext } from './match-context'
import { countDowns, restsHere, rodTips } from './cast-of'
import { buildVariants, type EvaluatedBuild } from './dressed'
import { resolvePreferences, type ResolvedPreferences } from './habit'
import { lawBroken } from './law'
import { gearRatioFit, rodAndLineAgreement, rodCanCast, type Tackle } from './outfit'
import { axisPoints, buildOffers, colourLiking, maxPoints, type Offers } from './score'
import type { RetrieveSettings, SetUp } from './setup'

/** A dressed lure fished in one way, on every line that may carry it. Nothing is thrown yet. */
export interface Candidate {
  readonly dressed: EvaluatedBuild
  readonly handling: RetrieveSettings
  /** Thinnest line first. */
  readonly onLines: readonly OnLine[]
  /** The most that any of the lines earns before the path is known. */
  readonly pathIndependentScore: number
}

export interface OnLine {
  readonly rigging: Tackle
  /** Length of the cast, m. */
  readonly castM: number
  /** Points that do not hang on the path. */
  readonly pathIndependentScore: number
}

export function setUpOf({ dressed, handling }: Candidate, { rigging }: OnLine): SetUp {
  return { build: dressed.build, outfit: rigging.outfit, leader: rigging.leader, handling }
}

/** What the hand offers: pace, pause, and passing. */
export function handOffers(retrieve: Retrieve, retrieveSpeedMps: number): Offers {
  return { dwell: retrieve.pauseS, speed: retrieveSpeedMps, passing: retrieve.passing }
}

/** What a dressed lure earns by itself, before rod and retrieve are chosen. */
interface Worth {
  readonly ofBuild: number
  /** Habits that the dressed lure settles by itself, and those it leaves open. */
  readonly habits: ResolvedPreferences
}

function worthOf({ build, offer }: EvaluatedBuild, { demand, contrastOf, record }: MatchContext): Worth {
  const ofColour = (100 * demand.colour.weight * colourLiking(offer, demand)) / demand.totalWeight
  return {
    ofBuild:
      ofColour +
      axisPoints(
        demand.by.build,
        buildOffers(offer, contrastOf(build.lure.colour), record.oddsOf(build.lure).share),
        demand,
      ),
    habits: resolvePreferences(demand.habits, { build }),
  }
}

/** The most that a lure could earn in any way of fishing it, on any tackle, along any path: no answer of its own goes beyond. */
export function scoreUpperBound(lure: Lure, box: Box, context: MatchContext): number {
  const { demand, reading } = context
  const family = familyOf(lure.family)
  const dressings = buildVariants(lure, box, reading)
  const speedMps = dressings[0]?.speedMps ?? family.speedMps
  const hands = family.retrieves.map((id) => {
    const retrieve = retrieveOf(id)
    return { retrieve, retrieveSpeedMps: pullSpeedMps(retrieve, speedMps) }
  })
  let most = 0
  for (const dressed of dressings) {
    const { build } = dressed
    const { ofBuild, habits } = worthOf(dressed, context)
    for (const { retrieve, retrieveSpeedMps } of hands) {
      if (!worksOn(retrieve, build.mount.kind)) continue
      const offers = handOffers(retrieve, retrieveSpeedMps)
      const { weight, open } = resolvePreferences(habits.open, { build, retrieve }, habits.weight)
      const maxPreferencePoints = open.reduce((sum, h) => sum + h.weight, weight)
      most = Math.max(
        most,
        ofBuild + axisPoints(demand.by.hand, offers, demand) + (100 * maxPreferencePoints) / demand.totalWeight,
      )
    }
  }
  return most === 0 ? 0 : most + maxPoints(demand.by.outfit, demand) + maxPoints(demand.by.path, demand)
}

/** A dressed lure that some rod here casts. */
interface Fitted extends Worth {
  readonly dressed: EvaluatedBuild
  /** Thinnest line first. */
  readonly riggings: readonly { readonly rigging: Tackle; readonly agreement: number }[]
}

function fit(dressed: EvaluatedBuild, context: MatchContext): Fitted | null {
  const { build } = dressed
  const possible = context.riggings
    .filter((rigging) => rodCanCast(rigging.outfit.rod, build.massKg))
    .map((rigging) => ({ rigging, agreement: rodAndLineAgreement(build, rigging) }))
  if (possible.length === 0) return null
  return { dressed, riggings: possible, ...worthOf(dressed, context) }
}

/** The path knows a tackle by its line's diameter and by its cast: of the riggings with equally thick line the one most at ease is tried. */
function bestPerLine(
  { dressed: { build, motion }, riggings }: Fitted,
  habits: ResolvedPreferences,
  retrieve: Retrieve,
  retrieveSpeedMps: number,
  base: number,
  { demand, castM }: MatchContext,
) {
  const best: OnLine[] = []
  for (const { rigging, agreement } of riggings) {
    const { line, reel } = rigging.outfit
    const reach = castM({ build, outfit: rigging.outfit, handling: { retrieve } }, motion)
    const tackle = agreement * gearRatioFit(reel, retrieve, retrieveSpeedMps)
    const sure =
      base +
      axisPoints(demand.by.outfit, { tackle, stealth: rigging.stealth, reach }, demand) +
      (100 * resolvePreferences(habits.open, { build, retrieve, outfit: rigging.outfit }, habits.weight).weight) /
        demand.totalWeight
    const last = best[best.length - 1]
    const one = { rigging, castM: reach, pathIndependentScore: sure }
    if (last?.rigging.outfit.line.diameterM !== line.diameterM) best.push(one)
    else if (sure > last.pathIndependentScore) best[best.length - 1] = one
  }
  return best
}

/** Of the trailers on one hook only those that earn most before the cast can win: their paths hardly differ. */
const TRAILERS_TRIED = 2

/** Every way to fish a lure that can win and breaks no hard limit known before it is thrown; most promising first. */
export function candidatesOf(lure: Lure, box: Box, context: MatchContext): Candidate[] {
  if (lawBroken(lure, context.place)) return []
  return candidatesFor(lure, buildVariants(lure, box, context.reading), context)
}

/** The same for a lure dressed only in given ways. */
export function candidatesFor(lure: Lure, dressings: readonly EvaluatedBuild[], context: MatchContext): Candidate[] {
  const { c, demand, reading } = context
  const family = familyOf(lure.family)
  const byMount = new Map<Build['mount'], Fitted[]>()
  for (const dressed of dressings) {
    const fitted = fit(dressed, context)
    if (!fitted) continue
    const beside = byMount.get(dressed.build.mount)
    if (beside) beside.push(fitted)
    else byMount.set(dressed.build.mount, [fitted])
  }
  const found: Candidate[] = []
  for (const id of family.retrieves) {
    const retrieve = retrieveOf(id)
    if (!restsHere(lure, retrieve, context)) continue
    // The window is the lure's own: the same in whatever way it is dressed.
    const retrieveSpeedMps = pullSpeedMps(retrieve, dressings[0]?.speedMps ?? family.speedMps)
    for (const [mount, fitted] of byMount) {
      if (!worksOn(retrieve, mount.kind)) continue
      const trailers = fitted
        .map((f) => {
          const { build } = f.dressed
          const offers = handOffers(retrieve, retrieveSpeedMps)
          const hand = axisPoints(demand.by.hand, offers, demand)
          const habits = resolvePreferences(f.habits.open, { build, retrieve }, f.habits.weight)
          const onLines = bestPerLine(f, habits, retrieve, retrieveSpeedMps, f.ofBuild + hand, context)
          return {
            dressed: f.dressed,
            onLines,
            sure: onLines.reduce((most, l) => Math.max(most, l.pathIndependentScore), 0),
          }
        })
        .sort((a, b) => b.sure - a.sure)
      for (const { dressed, onLines, sure } of trailers.slice(0, TRAILERS_TRIED))
        for (const countDownS of countDowns(dressed.build, dressed.motion, retrieve, c, reading, context.countedOn))
          for (const rodTipM of rodTips(dressed.build, retrieve, c))
            found.push({
              dressed,
              handling: { retrieve, retrieveSpeedMps, countDownS, rodTipM },
              onLines,
              pathIndependentScore: sure,
            })
    }
  }
  return found.sort((a, b) => b.pathIndependentScore - a.pathIndependentScore)
}
