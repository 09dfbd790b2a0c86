import type { Box } from '../box'
import { bestOf, rankRigs, whyNotHere, type MatchContext, type Refusal, type SetUp } from '../match'
import { familyOf, workAt, type Lure } from '../tackle'
import { MOST_WAYS, carry, looksOf } from './carry'
import type { Carried, Way } from './outing'

/** Whatever is carried, also what the match would not fish: the log holds what was done, not what was advised. */

/** A lure or a saved rig of the box. */
export interface Wanted {
  readonly kind: 'lure' | 'rig'
  readonly id: string
}
export interface Taken {
  readonly carried: Carried
  /** Why the match would not fish it here; null where it would. */
  readonly why: Refusal | null
}

/** A cast of which nothing is known: how far, and how long it takes with everything around it (assumed). */
const PLAIN_CAST = { castM: 20, castS: 40 } as const
/** What the match would not fish still takes a fish now and then, points (assumed). */
const PLAIN_POINTS = 10

/**
 * A lure or rig of the box as it goes on the water: as the match would fish it, and where that would not, plainly, in every way in which its kind is worked, at half depth, with few points.
 * Null where the box no longer has it.
 *
 * @param tell a set-up in words, from hook to rod
 */
export function carryAny(
  { kind, id }: Wanted,
  carriedId: string,
  box: Box,
  context: MatchContext,
  tell: (setUp: SetUp) => string,
): Taken | null {
  const rig = kind === 'rig' ? box.rigs.find((r) => r.id === id) : undefined
  const lure = box.lures.find((l) => l.id === (rig ? rig.lureId : id))
  if (!lure || (kind === 'rig' && !rig)) return null
  if (!rig) {
    const best = bestOf(lure, box, context)
    if (best) return { carried: carry(best.setUp, context, carriedId, tell(best.setUp)), why: null }
    return { carried: plainly(lure, carriedId, lure.name, context), why: whyNotHere(lure, box, context) }
  }
  const [row] = rankRigs({ ...box, rigs: [rig] }, context)
  const beside = rig.further.flatMap(({ lureId, dummy }) =>
    dummy ? [] : (box.lures.find((l) => l.id === lureId) ?? []),
  )
  if (row?.ranked) {
    const { setUp } = row.ranked
    return { carried: carry(setUp, context, carriedId, tell(setUp), beside), why: null }
  }
  const plain = plainly(lure, carriedId, rig.name, context)
  return { carried: { ...plain, ...(beside.length > 0 && { beside: beside.map(looksOf) }) }, why: row?.why ?? null }
}

function plainly(lure: Lure, id: string, rig: string, { c, techniquesOf }: MatchContext): Carried {
  const { speedMps } = familyOf(lure.family)
  const ways = techniquesOf(lure.family).map((technique): Way => {
    const { tempo, patience, paceMps, restS } = workAt(technique, { tempo: 0.5, patience: 0.5 }, speedMps)
    return {
      id: `${technique.id}/plain`,
      techniqueId: technique.id,
      name: technique.name,
      tempo,
      patience,
      paceMps,
      pullS: technique.pullS,
      restS,
      countDownS: 0,
      rodTipM: 0.5,
      depthM: Math.round((c.depthM / 2) * 100) / 100,
      delivery: technique.delivery,
      ...PLAIN_CAST,
      points: PLAIN_POINTS,
    }
  })
  // What is cast stands first: it is done from anywhere.
  ways.sort((a, b) => Number(b.delivery === 'cast') - Number(a.delivery === 'cast'))
  return {
    id,
    ...looksOf(lure),
    rig: rig.slice(0, 300),
    linePerTurnM: 0,
    fallMps: 0,
    cost: lure.cost,
    ways: ways.slice(0, MOST_WAYS),
  }
}
