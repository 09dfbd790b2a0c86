import type { Ledger } from './ledger'
import type { Entry, EntryOf } from './outing'

/** What a log can hold and a table of its stretches cannot. */
export type NotInTable =
  | 'lost-lure'
  | 'comparison'
  | 'note'
  | 'advice'
  | 'aim'
  | 'fish'
  | 'empty-spot'
  | 'boat'
  | 'which-lure'
  | 'altered'

/** Something carried, and the way it is fished in where one is meant. */
export interface Spoken {
  readonly carriedId: string
  readonly wayId?: string | undefined
}

/** What an entry of a kind does and says. Everything that asks for a kind of entry asks here; what it says in words stands in words/en/entries.ts. */
interface EntryKind<K extends Entry['kind']> {
  /** What holds from then on. */
  readonly effect?: (ledger: Ledger, entry: EntryOf<K>) => void
  /** What is carried that it speaks of: it stays with the log as long as the entry does. */
  readonly speaksOf?: (entry: EntryOf<K>) => readonly Spoken[]
  /** What of it a table of stretches leaves out. `wasFished`: whether anything was fished at a spot. */
  readonly notInTable?: (entry: EntryOf<K>, wasFished: (spot: EntryOf<'spot'>) => boolean) => readonly NotInTable[]
}

/** Without id, moment and kind: what was told. */
function told<K extends Entry['kind']>({ id: _, at: __, kind: ___, ...rest }: EntryOf<K>) {
  return rest
}
const aimed = (aim: number | null): NotInTable[] => (aim === null ? [] : ['aim'])

/** One row for each kind of entry. */
const ENTRY_KINDS: { readonly [K in Entry['kind']]: EntryKind<K> } = {
  rig: {
    effect(ledger, { carriedId, wayId, at }) {
      const rig = ledger.carried(carriedId)
      const way = rig?.ways.find((w) => w.id === wayId)
      if (rig && way) ledger.take(rig, way)
      // The boat keeps its pace; line is let out anew.
      const { lineOutM: _, ...kept } = ledger.boat
      ledger.boat = kept
      ledger.begin(at)
    },
    speaksOf: ({ carriedId, wayId }) => [{ carriedId, wayId }],
  },
  spot: {
    effect(ledger, { at, stop, featureId, spotId }) {
      ledger.spot = { stop, featureId, spotId }
      ledger.aim = null
      ledger.begin(at)
    },
    // A spot that was left before anything was fished there.
    notInTable: (entry, wasFished) => (wasFished(entry) ? [] : ['empty-spot']),
  },
  cast: {
    effect(ledger, entry) {
      ledger.cast(entry)
      ledger.aim = entry.aim ?? ledger.aim
    },
    notInTable: ({ aim }) => aimed(aim),
  },
  answer: {
    effect: (ledger, entry) => ledger.answer(entry),
    notInTable: ({ aim, fish, lureId }) => [
      ...(lureId === undefined ? [] : (['which-lure'] as const)),
      ...aimed(aim),
      ...(fish && (fish.massKg ?? fish.hooked ?? fish.ate) !== null ? (['fish'] as const) : []),
    ],
  },
  boat: {
    effect(ledger, entry) {
      ledger.boat = { ...ledger.boat, ...told(entry) }
      ledger.begin(entry.at)
    },
    notInTable: () => ['boat'],
  },
  altered: {
    effect(ledger, entry) {
      const rig = ledger.carried(entry.carriedId)
      if (rig && ledger.alter(rig, entry)) ledger.begin(entry.at)
    },
    speaksOf: ({ carriedId }) => [{ carriedId }],
    notInTable: () => ['altered'],
  },
  reading: {
    effect(ledger, entry) {
      const read = told(entry)
      const { water } = ledger
      const depthM = read.depthM ?? water.depthM
      const zone = water.zone && water.zone.bottomM <= depthM ? water.zone : null
      const cover = { ...water.cover, topM: Math.min(water.cover.topM, depthM) }
      ledger.water = { ...water, ...read, depthM, zone, cover }
      ledger.begin(entry.at)
    },
  },
  pause: { effect: (ledger, { at }) => ledger.pause(at) },
  resume: { effect: (ledger, { at }) => ledger.resume(at) },
  advice: {
    effect(ledger, { taken, aim }) {
      if (taken) ledger.aim = aim ?? ledger.aim
    },
    notInTable: () => ['advice'],
  },
  'lost-lure': { effect: (ledger, { at }) => ledger.begin(at), notInTable: () => ['lost-lure'] },
  'lost-part': {},
  companion: { effect: (ledger, entry) => void ledger.companions.push(entry) },
  sign: {},
  comparison: {
    speaksOf: ({ a, b, aWayId, bWayId }) => [
      { carriedId: a, wayId: aWayId },
      { carriedId: b, wayId: bWayId },
    ],
    notInTable: () => ['comparison'],
  },
  'comparison-end': {},
  note: { notInTable: () => ['note'] },
  end: {
    effect(ledger, { at }) {
      ledger.over = true
      ledger.begin(at)
    },
  },
}

/** The row of an entry’s kind; the entry and its row are of one kind by the table’s own type. */
const kindOf = (entry: Entry) => ENTRY_KINDS[entry.kind] as EntryKind<Entry['kind']>

/** What an entry does to the outing. */
export const effectOf =
  (entry: Entry) =>
  (ledger: Ledger): void =>
    kindOf(entry).effect?.(ledger, entry)

/** What of the things that are carried entries speak of. */
export const spokenOf = (entries: readonly Entry[]): Spoken[] =>
  entries.flatMap((entry) => kindOf(entry).speaksOf?.(entry) ?? [])

/** What of an entry a table of stretches leaves out. */
export const leftOutOf = (entry: Entry, wasFished: (spot: EntryOf<'spot'>) => boolean): readonly NotInTable[] =>
  kindOf(entry).notInTable?.(entry, wasFished) ?? []
