import { asFriends, isInvitation, type Outing } from '../outing'
import type { ArchiveContent } from './box-file'
import { BOX_KINDS, type StoredTable } from './stored-schemas'

interface Fresh {
  readonly table: StoredTable | 'unreadable'
  readonly item: object
}

/** Two contents as one, and what came of it. */
export interface MergedContent {
  readonly content: ArchiveContent
  /** What came in, each thing with the table it belongs into. */
  readonly fresh: readonly Fresh[]
  /** Things that came in, techniques among them. */
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
  const all: Fresh[] = []
  function join<T extends object>(
    here: readonly T[],
    there: readonly T[],
    idOf: (one: T) => string,
    table?: Fresh['table'],
  ): T[] {
    const known = new Map(here.map((one) => [idOf(one), one]))
    const fresh = there.filter((one) => !known.has(idOf(one)))
    added += fresh.length
    if (table) all.push(...fresh.map((item) => ({ table, item })))
    kept += there.filter((one) => {
      const own = known.get(idOf(one))
      return own !== undefined && JSON.stringify(own) !== JSON.stringify(one)
    }).length
    return [...here, ...fresh]
  }
  const byId = (one: { id: string }) => one.id
  const box = { ...mine.box }
  for (const kind of BOX_KINDS)
    Object.assign(box, {
      [kind]: join(mine.box[kind] as { id: string }[], theirs.box[kind] as { id: string }[], byId, kind),
    })
  const content: ArchiveContent = {
    box,
    places: join(mine.places, theirs.places, byId, 'places'),
    waters: join(mine.waters, theirs.waters, (w) => w.placeId, 'waters'),
    photos: join(mine.photos, theirs.photos, byId, 'photos'),
    bin: join(mine.bin, theirs.bin, byId, 'bin'),
    aside: join(mine.aside, theirs.aside, byId, 'aside'),
    unreadable: join(mine.unreadable, theirs.unreadable, byId, 'unreadable'),
    outings: join(mine.outings, outingsOf(mine, theirs), byId, 'outings'),
    plans: join(mine.plans, theirs.plans, byId, 'plans'),
    practice: { ...mine.practice, techniques: join(mine.practice.techniques, theirs.practice.techniques, byId) },
    settings: mine.settings,
  }
  return { content, fresh: all, added, kept }
}
