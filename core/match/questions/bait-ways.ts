import type { Box } from '../../box'
import { buildsOf, familyOf, type Lure, type MountKind } from '../../tackle'
import { buildRefusal, candidatesOf, type Candidate, type MatchContext } from '../possible'
import { forbids } from './left-out'
import { bestOfCandidates, ranksBefore, type Ranked } from '../tuned'
import type { Refusal } from '../refusal'

/** One bait, all its ways in this water. */
export interface BaitWays {
  /** Each way of hooking it with each way of working it, on the best tackle for that; best first. */
  readonly ways: readonly Ranked[]
  /** Ways of hooking it that are no way here, and why. */
  readonly without: readonly { readonly mount: MountKind; readonly why: Refusal }[]
}

const wayOf = ({ dressed, handling }: Candidate) => `${dressed.build.mount.kind} ${handling.technique.id}`

/** Every way of hooking and working one lure of the box, ranked: what a search that only asks for its best leaves out. */
export function baitWays(lure: Lure, box: Box, context: MatchContext): BaitWays {
  const groups = new Map<string, Candidate[]>()
  for (const candidate of candidatesOf(lure, box, context)) {
    const beside = groups.get(wayOf(candidate))
    if (beside) beside.push(candidate)
    else groups.set(wayOf(candidate), [candidate])
  }
  const ways = [...groups.values()]
    .flatMap((group) => bestOfCandidates(group, context) ?? [])
    .sort((a, b) => (ranksBefore(a, b) ? -1 : 1))
  const shown = new Set(ways.map(({ setUp }) => setUp.build.mount.kind))
  const mounts: readonly MountKind[] = familyOf(lure.family).mounts ?? ['own']
  const without = mounts
    .filter((mount) => !shown.has(mount))
    .map((mount) => ({ mount, why: whyNotMounted(lure, mount, box, context) }))
  return { ways, without }
}

function whyNotMounted(lure: Lure, mount: MountKind, box: Box, context: MatchContext): Refusal {
  const forbidden = forbids(lure, box, context)
  if (forbidden) return forbidden
  const builds = buildsOf(lure, box).filter((build) => build.mount.kind === mount)
  if (builds.length === 0) return { code: 'no-hook-fits' }
  const worked = builds.some((build) =>
    context.riggings.some((tackle) => !buildRefusal(build, tackle, context.deliveries)),
  )
  return { code: worked ? 'hangs-up' : 'no-rod-casts' }
}
