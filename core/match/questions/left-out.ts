import { buildsOf, type Lure } from '../../tackle'
import type { Box } from '../../box'
import {
  bringsLead,
  buildRefusal,
  candidatesFor,
  lawBroken,
  outfitsOf,
  rejectionReason,
  variantsHere,
  type MatchContext,
} from '../possible'
import { hooksLacking, type HooksLacking } from './hooks-lacking'
import type { Refusal } from '../refusal'

/** Lures that are no answer here, counted by the reason; the commonest first. */
export interface LeftOut {
  readonly why: Refusal
  readonly lures: number
  /** The pack of heads or hooks that mends most of it. */
  readonly lacks?: HooksLacking
}

/** What stands against a lure here before it is thrown; null where nothing does. */
export function forbids(lure: Lure, box: Box, context: MatchContext): Refusal | null {
  if (lure.count === 0) return { code: 'used-up' }
  const law = lawBroken(lure, context.place)
  if (law) return law
  if (context.riggings.length === 0) return tackleLacks(box, context)
  const all = buildsOf(lure, box)
  if (all.length === 0) return { code: 'no-hook-fits' }
  const builds = context.place.noLead ? all.filter((build) => !bringsLead(build)) : all
  if (builds.length === 0) return { code: 'lead' }
  const works = builds.some((build) =>
    context.riggings.some((tackle) => !buildRefusal(build, tackle, context.deliveries)),
  )
  if (!works) return { code: 'no-rod-casts' }
  return standsNowhere(lure, box, context) ? { code: 'carried-off' } : null
}

/** Whether nothing else is asked for than what stands on a sinker, and no sinker and line of the box stand in this current. */
const standsNowhere = (lure: Lure, box: Box, context: MatchContext) =>
  context.deliveries.size === 1 &&
  context.deliveries.has('three-way') &&
  candidatesFor(variantsHere(lure, box, context), context).length === 0

/** The piece that is missing, or the limit that all tackle of the box breaks: the one that the nearest outfit fails last. */
function tackleLacks({ rods, reels, lines, leaders }: Box, { species, c }: MatchContext): Refusal {
  if (rods.length === 0) return { code: 'no-rod' }
  if (reels.length === 0) return { code: 'no-reel' }
  if (lines.length === 0) return { code: 'no-line' }
  const outfits = outfitsOf({ rods, reels, lines } as Box)
  if (outfits.length === 0) return { code: 'no-line-on-reel' }
  const broken = new Set(
    outfits.flatMap((outfit) =>
      [null, ...leaders].map((leader) => rejectionReason(outfit, leader, species, c)?.code ?? null),
    ),
  )
  // In the order in which they are looked at: what fails at the last of them is nearest.
  const nearest = (['not-bite-proof', 'too-weak', 'line-off-rod'] as const).find((code) => broken.has(code))
  return { code: nearest ?? 'no-tackle-holds' }
}

/** The lures of a box that break a limit here before they are thrown. */
export function leftOut(box: Box, context: MatchContext): LeftOut[] {
  const byReason = new Map<string, { readonly why: Refusal; readonly lures: Lure[] }>()
  for (const lure of box.lures) {
    const why = forbids(lure, box, context)
    if (!why || why.code === 'used-up') continue
    const known = byReason.get(why.code) ?? { why, lures: [] }
    known.lures.push(lure)
    byReason.set(why.code, known)
  }
  return [...byReason.values()]
    .map(({ why, lures }): LeftOut => {
      const lacks =
        why.code === 'no-hook-fits'
          ? hooksLacking(lures, box, { depthM: context.c.depthM, noLead: context.place.noLead })
          : null
      return { why, lures: lures.length, ...(lacks ? { lacks } : {}) }
    })
    .sort((a, b) => b.lures - a.lures || (a.why.code < b.why.code ? -1 : 1))
}
