import type { Box } from '../box'
import { friendsCopy, invitationOf, unplaced, type Outing } from '../outing'
import type { Plan } from '../plan'
import { USUAL_PRACTICE, type OwnTechnique, type Practice } from '../match'
import { asTrailer, type Lure, type Rig } from '../tackle'
import type { Place } from '../water'
import { ARCHIVE_VERSION, readContent, type ArchiveContent, type ReadResult } from './box-file'
import { EMPTY_BOX } from '../box'
import { readJson } from './json'

/** One lure, rig, place, outing, plan or own technique, with what belongs to it: a small file, or a code for a friend's phone. */
const SHARE_FORMAT = 'ygrion-share'

export type ShareKind = 'lure' | 'rig' | 'place' | 'outing' | 'plan' | 'party' | 'party-log' | 'technique'

/** What there is to share from. */
export interface ShareFrom {
  readonly box: Box
  readonly places: readonly Place[]
  readonly outings: readonly Outing[]
  readonly plans: readonly Plan[]
  readonly practice: Practice
}

interface Shared {
  readonly box: Partial<Box>
  readonly places: readonly Place[]
  readonly outings: readonly Outing[]
  readonly plans: readonly Plan[]
  readonly techniques: readonly OwnTechnique[]
}

const NOTHING: Shared = { box: {}, places: [], outings: [], plans: [], techniques: [] }

/** A lure as it is, without its owner's life with it: tray, photo, cost, fish, changes. */
const bareLure = ({ beyond: _, ...lure }: Lure): Lure => ({
  ...lure,
  trayId: null,
  slot: null,
  photoId: null,
  cost: null,
  fish: 0,
  count: 1,
  changes: [],
})
const bare = <T extends { cost: number | null }>(part: T): T => ({ ...part, cost: null })

/** A rig with every part of it, bait as trailer and further lures included. */
function rigWith(rig: Rig, box: Box): Partial<Box> {
  const ids = new Set(Object.values(rig).filter((v): v is string => typeof v === 'string'))
  const of = <T extends { id: string; cost: number | null }>(list: readonly T[]) =>
    list.filter(({ id }) => ids.has(id)).map(bare)
  const lines = of(box.lines)
  const reelIds = new Set(lines.map(({ reelId }) => reelId))
  const lureIds = new Set([rig.lureId, ...rig.further.map(({ lureId }) => lureId)])
  const baits = box.lures.filter((l) => lureIds.has(l.id) || (l.id === rig.trailerId && asTrailer(l)))
  return {
    rigs: [rig],
    lures: baits.map(bareLure),
    heads: of(box.heads),
    hooks: of(box.hooks),
    sinkers: of(box.sinkers),
    trailers: of(box.trailers),
    terminals: of(box.terminals),
    leaders: of(box.leaders),
    lines,
    reels: box.reels.filter(({ id }) => reelIds.has(id)).map(bare),
    rods: of(box.rods),
  }
}

/** What goes of an outing: all of it, what a party is asked with, or the log that its friends get. */
function outingAs(kind: 'outing' | 'party' | 'party-log', outing: Outing): Outing {
  const { party } = outing
  if (kind === 'outing' || !party) return unplaced(outing)
  return kind === 'party' ? invitationOf({ ...outing, party }) : friendsCopy(outing)
}

function sharedOf(kind: ShareKind, id: string, { box, places, outings, plans, practice }: ShareFrom): Shared | null {
  const find = <T extends { id: string }>(list: readonly T[]) => list.find((one) => one.id === id)
  switch (kind) {
    case 'lure': {
      const lure = find(box.lures)
      return lure ? { ...NOTHING, box: { lures: [bareLure(lure)] } } : null
    }
    case 'rig': {
      const rig = find(box.rigs)
      return rig ? { ...NOTHING, box: rigWith(rig, box) } : null
    }
    case 'place': {
      const place = find(places)
      return place ? { ...NOTHING, places: [{ ...place, temps: [] }] } : null
    }
    case 'outing':
    case 'party':
    case 'party-log': {
      const outing = find(outings)
      const place = places.find((p) => p.id === outing?.water.placeId)
      if (!outing) return null
      // Friends of a party had the place with what they were asked with.
      const bare = place && { ...place, temps: [], ...(kind === 'party' && { note: '' }) }
      const there = bare && kind !== 'party-log' ? [bare] : []
      return { ...NOTHING, outings: [outingAs(kind, outing)], places: there }
    }
    case 'technique': {
      const technique = find(practice.techniques)
      return technique ? { ...NOTHING, techniques: [technique] } : null
    }
    case 'plan': {
      const plan = find(plans)
      if (!plan) return null
      const ids = new Set(plan.legs.map(({ water }) => water.placeId))
      const there = places.filter((p) => ids.has(p.id)).map((p) => ({ ...p, temps: [] }))
      return { ...NOTHING, plans: [barePlan(plan)], places: there }
    }
  }
}

/** A plan without what speaks of its owner's box: whoever takes it in works it out with his own. */
const barePlan = (plan: Plan): Plan => ({
  ...plan,
  limits: { ...plan.limits, trayIds: null },
  pinned: [],
  leftHome: [],
  locks: [],
  planned: null,
  ticked: [],
})

/** One thing and what belongs to it as a text; null where it is not there. */
export function writeShare(kind: ShareKind, id: string, from: ShareFrom): string | null {
  const shared = sharedOf(kind, id, from)
  if (!shared) return null
  const filled = Object.entries(shared.box).filter(([, list]) => list.length > 0)
  return JSON.stringify({
    format: SHARE_FORMAT,
    version: ARCHIVE_VERSION,
    box: Object.fromEntries(filled),
    ...(shared.places.length > 0 && { places: shared.places }),
    ...(shared.outings.length > 0 && { outings: shared.outings }),
    ...(shared.plans.length > 0 && { plans: shared.plans }),
    ...(shared.techniques.length > 0 && { practice: { techniques: shared.techniques } }),
  })
}

/** Whether data is a thing shared, not an archive of everything. */
const isShare = (raw: unknown): raw is Record<string, unknown> =>
  typeof raw === 'object' && raw !== null && 'format' in raw && raw.format === SHARE_FORMAT

/** A thing shared as the content of an archive that holds nothing else: earlier versions take the same steps as archives. */
function contentOfShare(raw: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const box = typeof raw.box === 'object' && raw.box !== null ? raw.box : {}
  const empty: Omit<ArchiveContent, 'box'> = {
    places: [],
    waters: [],
    photos: [],
    bin: [],
    practice: USUAL_PRACTICE,
    outings: [],
    plans: [],
    aside: [],
    unreadable: [],
    settings: {},
  }
  return { ...empty, ...raw, box: { ...EMPTY_BOX, ...box }, format: 'ygrion-archive' }
}

/** Reads an archive of everything, or a thing that was shared; the latter says so. Never throws. */
export function readArchiveOrShare(text: string): ReadResult {
  const raw = readJson(text)
  if (!raw.ok) return { ok: false, problems: [{ place: 'the file', problem: raw.problem }] }
  if (!isShare(raw.value)) return readContent(raw.value)
  const read = readContent(contentOfShare(raw.value))
  return read.ok ? { ...read, shared: true } : read
}

/** Reads a thing that was shared, whole or not at all; says what is wrong and where. Never throws. */
export function readShare(text: string): ReadResult {
  const read = readArchiveOrShare(text)
  if (!read.ok || read.shared) return read
  return { ok: false, problems: [{ place: 'the file', problem: { code: 'not-an-archive' } }] }
}
