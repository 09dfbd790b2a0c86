import type { Build, Technique, Work } from '../../tackle'
import type { EvaluatedBuild } from './dressed'
import { flowHere, spokenFurther, type Spoken } from '../asked'
import type { MatchContext } from './match-context'
import type { OnLine } from './on-line'
import { bearsMass, workRefusal, type Tackle } from './outfit'
import { axisLog, practiceLog } from '../account'
import { tackleAsked } from './tackle-asked'
import { gearRatioFit, hookKey, lineAndLeaderFit, rodAndReelFit } from './tackle-fit'

/** An outfit with the leader that suits a lure and its technique best. */
interface Suited {
  readonly rigging: Tackle
  /** Agreement before the pace is known. */
  readonly fits: number
}

/** No path makes up for tackle that is so much worse than other, as a logarithm of the chance. */
const TACKLE_APART = 0.15
/** In water that moves the thinnest line may be the only one that keeps a lure down: then more of it is tried. */
const APART_IN_FLOW = { apart: 0.9, fromMps: 0.3 } as const

type Where = Pick<MatchContext, 'c' | 'outfits' | 'fish' | 'demand'>

const known = new WeakMap<Where, Map<Technique['tackle'], Map<string, readonly Suited[]>>>()

/** What a lure may be hung on for a technique, worked out once in a water for all that ask the same of tackle: of one family, weight and hook, delivered alike. */
export function tackleFor(build: Build, technique: Technique, context: Where): readonly Suited[] {
  let byAsked = known.get(context)
  if (!byAsked) known.set(context, (byAsked = new Map()))
  let alike = byAsked.get(technique.tackle)
  if (!alike) byAsked.set(technique.tackle, (alike = new Map()))
  const key = `${build.lure.family} ${build.massKg} ${technique.delivery} ${hookKey(build)}`
  let found = alike.get(key)
  if (!found) alike.set(key, (found = suitedTackle(build, technique, context)))
  return found
}

/** Of each rod, reel and line its best leader, without what is much worse than the best; thinnest line first. */
function suitedTackle(build: Build, technique: Technique, { c, outfits, fish, demand }: Where): Suited[] {
  const apart = flowHere(c) >= APART_IN_FLOW.fromMps ? APART_IN_FLOW.apart : TACKLE_APART
  const asked = tackleAsked(build, technique, fish)
  // The rods and reels that suit most come first: what they reach spares most of the others.
  const hopeful = outfits
    .flatMap((riggings, place) => {
      const outfit = riggings[0]?.outfit
      if (!outfit || !bearsMass(build.massKg, outfit.rod)) return []
      return [{ riggings, outfit, place, rod: rodAndReelFit(build, outfit, technique, asked) }]
    })
    .sort((a, b) => b.rod - a.rod)
  let most = -Infinity
  const found: { suited: Suited; log: number; place: number }[] = []
  for (const { riggings, outfit, place, rod } of hopeful) {
    if (axisLog(demand.by.outfit, { tackle: rod }) < most - apart) break
    let best: (typeof found)[number] | null = null
    for (const rigging of riggings) {
      if (workRefusal(build.massKg, rigging, technique.delivery)) continue
      const fits = rod * lineAndLeaderFit(build, outfit, rigging.leader, technique, asked)
      const log = axisLog(demand.by.outfit, { tackle: fits, stealth: rigging.stealth })
      if (!best || log > best.log) best = { suited: { rigging, fits }, log, place }
    }
    if (!best) continue
    most = Math.max(most, best.log)
    found.push(best)
  }
  return found
    .filter(({ log }) => log >= most - apart)
    .sort((a, b) => a.place - b.place)
    .map(({ suited }) => suited)
}

/** The path knows a tackle by its line's diameter and by its cast: of those with equally thick line the one most at ease is tried. */
export function onLinesFor(
  suited: readonly Suited[],
  { build, motion }: EvaluatedBuild,
  work: Work,
  spoken: Spoken,
  base: number,
  { demand, castM }: Pick<MatchContext, 'demand' | 'castM'>,
): OnLine[] {
  const best: OnLine[] = []
  for (const { rigging, fits } of suited) {
    const { outfit, stealth } = rigging
    const reach = castM({ build, outfit, handling: work }, motion)
    const { favoured, warned } = spokenFurther(spoken, { build, work, outfit })
    const tackle = fits * gearRatioFit(outfit.reel, work)
    const sure = base + axisLog(demand.by.outfit, { tackle, stealth, reach }) + practiceLog(favoured, warned)
    const last = best[best.length - 1]
    const one = { rigging, castM: reach, logBeforeCast: sure }
    if (last?.rigging.outfit.line.diameterM !== outfit.line.diameterM) best.push(one)
    else if (sure > last.logBeforeCast) best[best.length - 1] = one
  }
  return best
}
