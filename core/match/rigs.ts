import { familyOf, reelFitsRod, rigMassKg, rigParts, type Build, type Rig, type RigParts } from '../tackle'
import type { Box } from '../box'
import type { Ranked } from './score-breakdown'
import { evaluateBuild } from './dressed'
import { lawBroken } from './law'
import type { MatchContext } from './match-context'
import { tackleAsked, rejectionReason, tackleOf, buildRefusal } from './outfit'
import { bestDressed } from './rank'
import type { Refusal } from './refusal'

/** A saved rig in one water: its best handling there, or why it cannot be fished so. */
export interface RigRow {
  readonly rig: Pick<Rig, 'id' | 'name'>
  readonly ranked: Ranked | null
  readonly why: Refusal | null
}

/** How a rig hooks its lure, as the match casts it; null where a part is missing or the way is not cast. */
function mountOf({ type, head, hook, sinker }: RigParts): Build['mount'] | null {
  switch (type.mount) {
    case 'own':
      return { kind: 'own' }
    case 'head':
      return head && { kind: 'head', head }
    case 'texas':
      return hook && { kind: 'texas', hook, sinker }
    case 'drop-shot':
      return hook && sinker && { kind: 'drop-shot', hook, sinker }
    case 'belly':
    case 'wacky':
      return hook && { kind: type.mount, hook }
    default:
      return null
  }
}

function rankRig(rig: Rig, box: Box, context: MatchContext): RigRow {
  const refuse = (why: Refusal): RigRow => ({ rig: { id: rig.id, name: rig.name }, ranked: null, why })
  const no = (code: Exclude<Refusal['code'], 'too-many-hooks'>) => refuse({ code })
  const parts = rigParts(rig, box)
  const { lure, trailer, rod, reel, line, leader } = parts
  if (parts.type.mount === null) return no('not-cast')
  const mount = mountOf(parts)
  if (!lure || !mount || !rod || !line) return no('part-missing')
  if (!reel || !reelFitsRod(rod, reel)) return no('reel-off-rod')
  if (lure.count === 0) return no('used-up')
  const law = lawBroken(lure, context.place, (mount.kind === 'own' ? 0 : 1) + (rig.stinger ? 1 : 0))
  if (law) return refuse(law)
  const massKg = rigMassKg(parts)
  const outfit = { rod, reel, line }
  const broken =
    rejectionReason(outfit, leader, context.species, context.c) ??
    buildRefusal({ lure, mount, massKg }, { outfit, leader })
  if (broken) return refuse(broken)
  const taken = familyOf(lure.family).takesTrailer ? trailer : null
  const build: Build = { lure, mount, trailer: taken, massKg }
  const dressed = evaluateBuild(build, context.known(lure), context.reading)
  const tackle = tackleOf(outfit, leader, tackleAsked(context.species, context.c))
  const ranked = bestDressed(dressed, { ...context, riggings: [tackle] })
  return ranked ? { rig: { id: rig.id, name: rig.name }, ranked, why: null } : no('hangs-up')
}

/** Every saved rig as it is tied, fished in its best way here; the best first, those that cannot be fished last. */
export function rankRigs(box: Box, context: MatchContext): RigRow[] {
  const rows = box.rigs.map((rig) => rankRig(rig, box, context))
  return rows.sort((a, b) => (b.ranked?.score ?? -1) - (a.ranked?.score ?? -1) || (a.rig.name < b.rig.name ? -1 : 1))
}
