import { asFriends, isInvitation, type Outing } from '../outing'
import type { ArchiveContent } from './box-file'
import { BOX_KINDS } from './stored-schemas'

/** Two contents as one, and what came of it. */
export interface MergedContent {
  readonly content: ArchiveContent
  /** Things that came in. */
  readonly added: number
  /** Things that both have, and not alike: what was there stays. */
  readonly kept: number
}

/** Outings as they come in: of a party that one is in oneself they are friends’; what only asks a party is answered where it is read, and is no outing. */
function outingsOf(mine: ArchiveContent, theirs: ArchiveContent): Outing[] {
  const own = new Map(mine.outings.flatMap((o) => (o.party && !o.party.isFriends ? [[o.party.id, o] as const] : [])))
  return theirs.outings
    .filter((o) => !isInvitation(o))
    .map((o) => (o.party && own.has(o.party.id) ? asFriends({ ...o, party: o.party }, own.get(o.party.id)) : o))
}

/**
 * Takes what is new out of an archive into what is there. Nothing that is there is changed: a thing with the same id stays as it is. Rules, weights and
 * choices stay the angler's own; techniques of another's come beside them.
 */
export function mergeContent(mine: ArchiveContent, theirs: ArchiveContent): MergedContent {
  let [added, kept] = [0, 0]
  function join<T extends object>(here: readonly T[], there: readonly T[], idOf: (one: T) => string): T[] {
    const known = new Map(here.map((one) => [idOf(one), one]))
    const fresh = there.filter((one) => !known.has(idOf(one)))
    added += fresh.length
    kept += there.filter((one) => {
      const own = known.get(idOf(one))
      return own !== undefined && JSON.stringify(own) !== JSON.stringify(one)
    }).length
    return [...here, ...fresh]
  }
  const byId = (one: { id: string }) => one.id
  const box = { ...mine.box }
  for (const kind of BOX_KINDS)
    Object.assign(box, { [kind]: join(mine.box[kind] as { id: string }[], theirs.box[kind] as { id: string }[], byId) })
  const content: ArchiveContent = {
    box,
    places: join(mine.places, theirs.places, byId),
    waters: join(mine.waters, theirs.waters, (w) => w.placeId),
    photos: join(mine.photos, theirs.photos, byId),
    bin: join(mine.bin, theirs.bin, byId),
    aside: join(mine.aside, theirs.aside, byId),
    unreadable: join(mine.unreadable, theirs.unreadable, byId),
    outings: join(mine.outings, outingsOf(mine, theirs), byId),
    plans: join(mine.plans, theirs.plans, byId),
    practice: { ...mine.practice, techniques: join(mine.practice.techniques, theirs.practice.techniques, byId) },
    settings: mine.settings,
  }
  return { content, added, kept }
}
