import {
  deliveriesFrom,
  deliveryOf,
  familyOf,
  reelFitsRod,
  rigMassKg,
  rigParts,
  type Build,
  type DeliveryId,
  type Lure,
  type Rig,
  type RigParts,
} from '../../tackle'
import type { Box } from '../../box'
import {
  bringsLead,
  buildRefusal,
  candidatesFor,
  evaluateBuild,
  lineBroken,
  rejectionReason,
  tackleOf,
  worksOfBuild,
  type EvaluatedBuild,
  type MatchContext,
} from '../possible'
import { flowHere } from '../asked'
import { bestDressed, ranksBefore, scoreBreakdown, type Ranked } from '../tuned'
import type { Refusal } from '../refusal'

/** A further lure on the line of a rig, and what it would earn by itself where the rig takes it. */
export interface Member {
  readonly lureId: string
  readonly name: string
  readonly at: RigParts['further'][number]['at']
  readonly metres: number
  readonly dummy: boolean
  readonly score: number
}

/** A saved rig in one water: its best handling there, or why it cannot be fished so. */
export interface RigRow {
  readonly rig: Pick<Rig, 'id' | 'name'>
  readonly ranked: Ranked | null
  readonly members: readonly Member[]
  readonly why: Refusal | null
}

/** How a rig hooks its lure; null where a part is missing. A bare body behind a three-way goes on a loose hook. */
function mountOf({ type, lure, head, hook, sinker }: RigParts): Build['mount'] | null {
  switch (type.mount) {
    case 'own':
      if (!lure || familyOf(lure.family).body !== 'soft') return { kind: 'own' }
      return hook && { kind: 'texas', hook, sinker: null }
    case 'head':
      return head && { kind: 'head', head }
    case 'texas':
      return hook && { kind: 'texas', hook, sinker }
    case 'drop-shot':
      return hook && sinker && { kind: 'drop-shot', hook, sinker }
    default:
      return hook && { kind: type.mount, hook }
  }
}

/** The ways of fishing that a rig is tied for and that can be done from here; the limit that it breaks where there are none. */
function deliveriesOfRig(
  { type }: Pick<RigParts, 'type'>,
  { c, deliveries }: MatchContext,
): ReadonlySet<DeliveryId> | Refusal {
  if (!type.deliveries) return deliveries
  const possible = deliveriesFrom(c.stand).filter((id) => type.deliveries?.includes(id))
  if (possible.length === 0) return { code: 'not-from-here' }
  const moving = possible.filter((id) => !deliveryOf(id).moving || flowHere(c) > 0)
  if (moving.length === 0) return { code: 'still-water' }
  const wanted = moving.filter((id) => deliveries.has(id))
  return new Set(wanted.length > 0 ? wanted : moving)
}

/** A plate that a jig is tied on through. */
const clipOf = ({ terminal }: RigParts) => (terminal?.kind === 'clip-blade' ? { clip: terminal } : {})

const isRefusal = (found: ReadonlySet<DeliveryId> | Refusal): found is Refusal => 'code' in found

/** Whether any way of working a dressed lure is one of those that are allowed. */
const worksHere = ({ build, speedMps }: EvaluatedBuild, context: MatchContext) =>
  worksOfBuild({ build, speedMps }, context).length > 0

/** What stands on a sinker that no line here holds where it lies. */
const carriedOff = (dressed: EvaluatedBuild, context: MatchContext) =>
  (dressed.build.anchor !== undefined || dressed.build.mount.kind === 'drop-shot') &&
  candidatesFor([dressed], context).length === 0

/** Single hooks that a rig adds to those hung on its lures: a stinger, the loose hook or head of a body. */
const addedHooks = (rig: Rig, mount: Build['mount'], further: readonly { readonly lure: Lure }[]) =>
  (mount.kind === 'own' ? 0 : 1) + (rig.stinger ? 1 : 0) + further.filter(({ lure }) => !lure.hooks).length

function rankRig(rig: Rig, box: Box, context: MatchContext): RigRow {
  const refuse = (why: Refusal): RigRow => ({ rig: { id: rig.id, name: rig.name }, ranked: null, members: [], why })
  const no = (code: Exclude<Refusal['code'], 'too-many-hooks' | 'too-many-lures'>) => refuse({ code })
  const parts = rigParts(rig, box)
  const { lure, trailer, rod, reel, line, leader, sinker } = parts
  const mount = mountOf(parts)
  if (!lure || !mount || !rod || !line || parts.further.length < rig.further.length) return no('part-missing')
  if (!reel || !reelFitsRod(rod, reel)) return no('reel-off-rod')
  if (lure.count === 0) return no('used-up')
  const deliveries = deliveriesOfRig(parts, context)
  if (isRefusal(deliveries)) return refuse(deliveries)
  const hooked = parts.further.filter((one) => !one.dummy)
  const law = lineBroken([lure, ...hooked.map((one) => one.lure)], context.place, addedHooks(rig, mount, hooked))
  if (law) return refuse(law)
  const anchor = deliveries.has('three-way') ? sinker : null
  if (deliveries.has('three-way') && !anchor) return no('part-missing')
  const massKg = rigMassKg({ ...parts, further: [] })
  const outfit = { rod, reel, line }
  const riggings = [tackleOf(outfit, leader)]
  const here = { ...context, deliveries, riggings, outfits: [riggings] }
  const taken = familyOf(lure.family).takesTrailer ? trailer : null
  const build: Build = { lure, mount, trailer: taken, massKg, ...(anchor && { anchor }), ...clipOf(parts) }
  if (context.place.noLead && bringsLead(build)) return no('lead')
  const broken =
    rejectionReason(outfit, leader, context.species, context.c) ??
    buildRefusal({ ...build, massKg: rigMassKg(parts) }, { outfit, leader }, deliveries)
  if (broken) return refuse(broken)
  const dressed = evaluateBuild(build, context.known(lure), context.reading)
  if (!worksHere(dressed, here)) {
    const allowed = new Set(deliveriesFrom(context.c.stand))
    return no(worksHere(dressed, { ...here, deliveries: allowed }) ? 'other-way' : 'idle-here')
  }
  const ranked = bestDressed(dressed, here)
  if (!ranked) return no(carriedOff(dressed, here) ? 'carried-off' : 'hangs-up')
  return { rig: { id: rig.id, name: rig.name }, ranked, members: membersOf(parts, ranked, here), why: null }
}

/** The other lures on the line, each judged on the way that the first one goes. */
const membersOf = ({ further }: RigParts, { setUp, thrown }: Ranked, context: MatchContext): Member[] =>
  further.map(({ lure, at, metres, dummy }) => {
    const build: Build = { lure, mount: { kind: 'own' }, trailer: null, massKg: lure.massKg }
    const dressed = evaluateBuild(build, context.known(lure), context.reading)
    const { score } = scoreBreakdown({ ...setUp, build }, dressed, thrown, context)
    return { lureId: lure.id, name: lure.name, at, metres, dummy, score }
  })

/** Every saved rig as it is tied, fished in its best way here; the best first, those that cannot be fished last. */
export function rankRigs(box: Box, context: MatchContext): RigRow[] {
  const rows = box.rigs.map((rig) => rankRig(rig, box, context))
  return rows.sort((a, b) =>
    a.ranked && b.ranked
      ? ranksBefore(a.ranked, b.ranked)
        ? -1
        : 1
      : a.ranked
        ? -1
        : b.ranked
          ? 1
          : a.rig.name < b.rig.name
            ? -1
            : 1,
  )
}
