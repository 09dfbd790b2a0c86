import type { OnLine } from './on-line'
import type { Build, Lure, Work } from '../../tackle'
import type { Box } from '../../box'
import type { MatchContext } from './match-context'
import { anchored } from './anchor'
import { countDowns, rodTips } from './cast-of'
import { worksOfBuild } from './works'
import { buildVariants, type EvaluatedBuild } from './dressed'
import { spokenFurther, spokenOf, type Spoken } from '../asked'
import { bringsLead, lawBroken } from './law'
import { onLinesFor, tackleFor } from './tackle-choice'
import { handOffers } from './hand-offers'
import { axisLog, buildOffers, colourLog, practiceLog } from '../account'
import type { WorkSettings, SetUp } from '../setup'
import { linesThatHold } from './stay-down'

/** A dressed lure fished in one way, on every line that may carry it. Nothing is thrown yet. */
export interface Candidate {
  readonly dressed: EvaluatedBuild
  readonly handling: WorkSettings
  /** Thinnest line first. */
  readonly onLines: readonly OnLine[]
  /** Logarithm of the most chance that any of the lines leaves before the path is known. */
  readonly logBeforeCast: number
}

export function setUpOf({ dressed, handling }: Candidate, { rigging }: OnLine): SetUp {
  return { build: dressed.build, outfit: rigging.outfit, leader: rigging.leader, handling }
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
    spoken: spokenOf(demand.habits, build),
  }
}

/** What practice says at most, whatever tackle is still open. */
function mostPractice({ favoured, warned, open }: Spoken): number {
  const hoped = open.reduce((sum, h) => (h.kind === 'favour' ? sum + h.weight : sum), favoured)
  return practiceLog(hoped, warned)
}

/** Of the trailers on one hook only those that earn most before the cast can win: their paths hardly differ. */
const TRAILERS_TRIED = 2

/** Every way the box dresses a lure for the ways of fishing that are looked at. */
export function variantsHere(
  lure: Lure,
  box: Box,
  { reading, deliveries, place }: MatchContext,
): readonly EvaluatedBuild[] {
  const plain = buildVariants(lure, box, reading)
  const all = deliveries.has('three-way') ? [...plain, ...anchored(plain, box)] : plain
  return place.noLead ? all.filter(({ build }) => !bringsLead(build)) : all
}

/** A way of hooking and working a lure: the most it can reach whatever the tackle and the path, and the candidates it makes once they are asked for. */
export interface Prospect {
  /** Logarithm of the most chance; no candidate of it goes beyond. */
  readonly upper: number
  /** Those that come up to a floor before the cast, most promising first. */
  readonly candidates: (floor: number) => Candidate[]
}

/** Every way to fish a lure that breaks no hard limit known before it is thrown, most promising first; none where the law forbids it. */
export function prospectsOf(lure: Lure, box: Box, context: MatchContext): Prospect[] {
  return lawBroken(lure, context.place) ? [] : prospectsFor(variantsHere(lure, box, context), context)
}

/** A dressed lure worked in one way. */
interface Worked {
  readonly dressed: EvaluatedBuild
  readonly work: Work
  /** What is sure of it without tackle and path. */
  readonly base: number
  readonly spoken: Spoken
}

/** The same for a lure dressed only in given ways. */
export function prospectsFor(dressings: readonly EvaluatedBuild[], context: MatchContext): Prospect[] {
  const beside = new Map<string, { upper: number; worked: Worked[] }>()
  const hooked = new Map<Build['mount'] | Build['anchor'] | Build['clip'], number>()
  for (const dressed of dressings) {
    const { build } = dressed
    const worth = worthOf(dressed, context)
    const hook = build.anchor ?? build.clip ?? build.mount
    if (!hooked.has(hook)) hooked.set(hook, hooked.size)
    for (const work of worksOfBuild(dressed, context)) {
      const base = worth.ofBuild + axisLog(context.demand.by.hand, handOffers(work, dressed))
      const spoken = spokenFurther(worth.spoken, { build, work })
      const upper = base + mostPractice(spoken)
      const key = `${hooked.get(hook)} ${work.technique.id} ${work.tempo}`
      const known = beside.get(key)
      if (known) known.worked.push({ dressed, work, base, spoken })
      else beside.set(key, { upper, worked: [{ dressed, work, base, spoken }] })
      if (known && known.upper < upper) known.upper = upper
    }
  }
  return [...beside.values()]
    .sort((a, b) => b.upper - a.upper)
    .map(({ upper, worked }) => ({ upper, candidates: (floor) => candidatesIn(worked, context, floor) }))
}

/** One way of working with each trailer on one hook: of the trailers only those that earn most before the cast. */
function candidatesIn(worked: readonly Worked[], context: MatchContext, floor: number): Candidate[] {
  const { c, reading, countedOn } = context
  return worked
    .flatMap(({ dressed, work, base, spoken }) => {
      if (base + mostPractice(spoken) < floor) return []
      const onLines = onLinesFor(
        tackleFor(dressed.build, work.technique, context),
        dressed,
        work,
        spoken,
        base,
        context,
      )
      const logBeforeCast = onLines.reduce((most, line) => Math.max(most, line.logBeforeCast), -Infinity)
      return logBeforeCast < floor ? [] : [{ dressed, work, onLines, logBeforeCast }]
    })
    .sort((a, b) => b.logBeforeCast - a.logBeforeCast)
    .slice(0, TRAILERS_TRIED)
    .flatMap(({ dressed, work, onLines, logBeforeCast }) =>
      tipsFor(dressed.build, work, context).flatMap((rodTipM) => {
        const held = linesThatHold(onLines, dressed.build, dressed.motion, { ...work, rodTipM }, context)
        if (held.length === 0) return []
        const counts = countDowns(dressed.build, dressed.motion, work.technique, c, reading, countedOn)
        return counts.map((countDownS) => ({
          dressed,
          handling: { ...work, countDownS, rodTipM },
          onLines: held,
          logBeforeCast,
        }))
      }),
    )
}

/** Rod heights to try; at a tempo that only the depth may ask for, the lowest, which keeps it deepest. */
const tipsFor = (build: Build, { technique, tempo }: Work, { c, demand }: MatchContext): readonly number[] => {
  const tips = rodTips(build, technique, c)
  return tempo === demand.wanted.tempo ? tips : tips.slice(0, 1)
}

/** All candidates of a lure, most promising first. */
export const candidatesOf = (lure: Lure, box: Box, context: MatchContext): Candidate[] =>
  allOf(prospectsOf(lure, box, context))

/** The same for a lure dressed only in given ways. */
export const candidatesFor = (dressings: readonly EvaluatedBuild[], context: MatchContext): Candidate[] =>
  allOf(prospectsFor(dressings, context))

const allOf = (prospects: readonly Prospect[]) =>
  prospects.flatMap(({ candidates }) => candidates(-Infinity)).sort((a, b) => b.logBeforeCast - a.logBeforeCast)
