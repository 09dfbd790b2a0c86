import { MATCHED_WITHIN_MIN } from '../../data/party'
import { spokenOf } from './entry-kinds'
import { minutesBetween, type Carried, type Entry, type EntryOf, type Outing, type Party } from './outing'

/** The logs of a party: shared before the day, kept apart on the water, brought together afterwards with nothing counted twice. */

/** A log of a party, by whose it is: the same on every phone, so that one log cannot come in twice. */
export const partyOutingId = ({ id, who }: Pick<Party, 'id' | 'who'>): string => `${id}-${who + 1}`

/** The day an outing belongs to: logs of one party are of one day, on one water, with the same schools under them. */
export const dayIdOf = ({ id, party }: Pick<Outing, 'id' | 'party'>): string => party?.id ?? id

/** Digits that go to a friend: more than any of it is known to, and few enough for a code. */
const DIGITS = 3

/** Carried with the ways that are spoken of, or all where none is; what it cost and the rod it is fished with stay at home. */
function slimmed(one: Carried, spoken: ReadonlySet<string>): Carried {
  const ways = one.ways.filter((way) => spoken.has(`${one.id} ${way.id}`))
  const { gear: _, ...rest } = one
  const slim = { ...rest, rig: '', cost: null, ways: ways.length > 0 ? ways : one.ways }
  return JSON.parse(JSON.stringify(slim), (_, value: unknown) =>
    typeof value === 'number' ? Number(value.toPrecision(DIGITS)) : value,
  ) as Carried
}
/** What is named as an id and what is not carried is left out. */
function only(carried: readonly Carried[], ids: readonly string[], spoken: readonly string[]): Carried[] {
  const models = [...new Set(carried.map(({ modelKey }) => modelKey))]
  return carried
    .filter((one) => ids.includes(one.id))
    .map((one) => ({ ...slimmed(one, new Set(spoken)), modelKey: `model ${models.indexOf(one.modelKey) + 1}` }))
}

const waysIn = (entries: readonly Entry[]): string[] =>
  spokenOf(entries).map(({ carriedId, wayId = '' }) => `${carriedId} ${wayId}`)
const turnsOf = (party: Party): string[] => party.turns.flat().map(({ carriedId, wayId }) => `${carriedId} ${wayId}`)

/** An outing as others may have it: not where exactly it went, and no photos. */
export function unplaced({ track: _, ...outing }: Outing): Outing {
  return {
    ...outing,
    entries: outing.entries.map((e) => {
      if (e.kind !== 'answer' || !e.fish) return e
      const { photoId: __, ...fish } = e.fish
      return { ...e, fish }
    }),
  }
}

/** What friends are asked with: the water, the kit as far as it is split, who fishes what and when. It is an outing in which nothing happened yet. */
export function invitationOf(outing: Outing & { party: Party }): Outing {
  const { track: _, plan: __, ...rest } = outing
  const ids = outing.party.turns.flat().map(({ carriedId }) => carriedId)
  return { ...rest, carried: only(outing.carried, ids, turnsOf(outing.party)), entries: [], note: '' }
}
export const isInvitation = (outing: Pick<Outing, 'entries' | 'party'>): boolean =>
  outing.party !== undefined && outing.entries.length === 0

/** The log of a party as its friends get it: the moments and what happened, with short ids that fit a code; not where exactly, no photos. */
export function friendsCopy(outing: Outing): Outing {
  const { plan: _, ...rest } = unplaced(outing)
  const ids = spokenOf(outing.entries).map(({ carriedId }) => carriedId)
  return {
    ...rest,
    carried: only(outing.carried, ids, waysIn(outing.entries)),
    entries: rest.entries.map((e, i) => ({ ...e, id: `${i + 1}` })),
  }
}

/** A friend starts his own log from what he was asked with: the kit is shared, the lures are not in his box. */
export function joined(invitation: Outing & { party: Party }, who: number, at: string, newId: string): Outing {
  const party: Party = { ...invitation.party, who }
  const share = shareAt(party, at).shares[who]
  const [first] = invitation.carried
  const known = invitation.carried.some(
    ({ id, ways }) => id === share?.carriedId && ways.some((w) => w.id === share.wayId),
  )
  // A code that somebody made by hand may name what is not carried.
  const hand = known ? share : { carriedId: first?.id, wayId: first?.ways[0]?.id }
  return {
    ...invitation,
    id: partyOutingId(party),
    startedAt: at,
    party,
    entries: [{ id: newId, at, kind: 'rig', ...hand } as Entry],
  }
}

/**
 * A friend’s log as it is taken in: his, and over.
 *
 * @param mine one’s own log of the party, if there is one: it knows all of what is carried, of which only a part went to the friend
 */
export function asFriends(outing: Outing & { party: Party }, mine?: Pick<Outing, 'carried'>): Outing {
  const last = outing.entries.at(-1)
  const entries: Entry[] =
    !last || outing.entries.some((e) => e.kind === 'end')
      ? outing.entries
      : [...outing.entries, { id: 'end', at: last.at, kind: 'end' }]
  return {
    ...outing,
    id: partyOutingId(outing.party),
    party: { ...outing.party, isFriends: true },
    carried: outing.carried.map((one) => {
      const own = mine?.carried.find((other) => other.id === one.id && other.name === one.name)
      if (!own) return one
      const { gear: _, ...known } = own
      return { ...known, ways: one.ways }
    }),
    entries,
  }
}

interface Turn {
  /** From 0 on; it counts on when the split begins anew. */
  readonly nth: number
  /** What each fishes, in the order of the names. */
  readonly shares: Party['turns'][number]
  /** Minutes until the next. */
  readonly leftMin: number
}
/** The turn at a moment; before the first it is the first. */
export function shareAt({ startedAt, turnMin, turns }: Party, now: string): Turn {
  const since = minutesBetween(startedAt, now)
  const nth = Math.floor(since / turnMin)
  const shares = turns[nth % turns.length]
  if (!shares) throw new Error('a party needs a turn')
  return { nth, shares, leftMin: turnMin * (nth + 1) - since }
}

type Companion = EntryOf<'companion'>
const simple = (text: string) => text.trim().toLowerCase()

/** Fish that a log landed, with their moments. */
const landedIn = ({ entries }: Outing) =>
  entries.flatMap((e) =>
    e.kind === 'answer' && e.answer === 'landed' ? [{ at: e.at, speciesId: e.fish?.speciesId }] : [],
  )

/**
 * Outings without the fish that were noted for others and stand in their own logs: those noted under a friend’s name whose log is there; and of those noted under no name, one for each fish
 * of a friend that was landed within some minutes and is not noted otherwise.
 */
export function withoutTwice(outings: readonly Outing[]): Outing[] {
  return outings.map((outing) => {
    const others = outings.filter((o) => o !== outing && outing.party && o.party?.id === outing.party.id)
    if (others.length === 0) return outing
    const names = new Set(others.map(({ party }) => simple(party?.names[party.who] ?? '')))
    const free = others.flatMap(landedIn)
    /** Takes the friend’s fish that a note may be about out of those that are left. */
    const takeNear = ({ at, speciesId }: Companion) => {
      const i = free.findIndex(
        (f) =>
          (f.speciesId ?? speciesId) === speciesId &&
          Math.max(minutesBetween(f.at, at), minutesBetween(at, f.at)) <= MATCHED_WITHIN_MIN,
      )
      if (i >= 0) free.splice(i, 1)
      return i >= 0
    }
    const companions = outing.entries.filter((e): e is Companion => e.kind === 'companion')
    const named = companions.filter(({ who }) => who !== null && names.has(simple(who)))
    named.forEach(takeNear)
    const twice = new Set([...named, ...companions.filter((one) => one.who === null && takeNear(one))])
    return { ...outing, entries: outing.entries.filter((e) => e.kind !== 'companion' || !twice.has(e)) }
  })
}
