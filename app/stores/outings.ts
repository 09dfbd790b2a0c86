import { outingsStoreWords as words } from '../../words'
import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { SetUp } from '../../core/match'
import {
  Outing,
  asFriends,
  hourOf,
  isOver,
  joined,
  partyOutingId,
  type Account,
  type Carried,
  type Entry,
  type Fix,
  type NewEntry,
  type Party,
  type Taken,
  type Wanted,
} from '../../core/outing'
import { blockAt, legAt, type Plan } from '../../core/plan'
import type { Place } from '../../core/water'
import { removal } from '../../storage/edits'
import type { LogChange } from '../../storage/log'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import type { MatchRequest } from '~/workers/match-service'
import { useBox } from './box'
import { useHistory } from './history'
import { momentNow } from './moment'
import { repository } from './repository'
import { newId } from '../../core/new-id'

/** A number that nothing carried has. */
function nextCarriedId({ carried }: Outing): string {
  const taken = new Set(carried.map((c) => c.id))
  let n = carried.length + 1
  while (taken.has(`rig-${n}`)) n += 1
  return `rig-${n}`
}

/** Friends who fish one kit as a party: whose phone this is comes first. */
export interface PartyAsked {
  readonly names: readonly string[]
  readonly turnMin: number
}

/** The kit, split. @throws Error where there is less to fish than there are friends */
async function partyOf(
  { names, turnMin }: PartyAsked,
  carried: readonly Carried[],
  { c }: MatchRequest,
  at: string,
): Promise<Party> {
  const turns = await useMatchWorker().split(...plain([carried, c, names.length, turnMin] as const))
  if (!turns) throw new Error(words.tooFewForAParty(names.length))
  return { id: newId(), names: [...names], who: 0, startedAt: at, turnMin, turns }
}

type Status = { state: 'loading' } | { state: 'ready' }

/** Outings as they are stored, and the one under way. */
export const useOutings = defineStore('outings', {
  state: () => ({
    status: { state: 'loading' } as Status,
    all: markRaw([]) as readonly Outing[],
  }),
  getters: {
    /** Newest first. */
    newest: (state): readonly Outing[] =>
      [...state.all].sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)),
    /** The one that is under way: the newest that was not ended. */
    live(): Outing | null {
      return this.newest.find((o) => !isOver(o)) ?? null
    },
  },
  actions: {
    open(onError: (error: unknown) => void) {
      repository.watchOutings((outings) => {
        this.$patch((state) => {
          state.all = markRaw(outings)
          state.status = { state: 'ready' }
        })
      }, onError)
    },
    /** Starts an outing with the set-ups that are carried, and whatever else of the box; the first is taken into the hand. */
    async start(
      setUps: readonly SetUp[],
      asked: MatchRequest,
      effortBy: Outing['effortBy'],
      beside: readonly (readonly string[])[] = [],
      others: readonly Wanted[] = [],
      asParty: PartyAsked | null = null,
    ) {
      const worker = useMatchWorker()
      const ranked: Carried[] = await worker.carry(...plain([setUps, asked, beside] as const))
      const ids = others.map((_, i) => `rig-${ranked.length + i + 1}`)
      const more: Taken[] = others.length > 0 ? await worker.carryAny(...plain([others, ids, asked] as const)) : []
      const carried = [...ranked, ...more.map((one) => one.carried)]
      const at = momentNow()
      const party = asParty && (await partyOf(asParty, carried, asked, at))
      const first = party ? party.turns[0]?.[0] : { carriedId: carried[0]?.id, wayId: carried[0]?.ways[0]?.id }
      const outing: Outing = {
        id: party ? partyOutingId(party) : newId(),
        placeName: asked.place.name,
        water: plain(asked.c),
        startedAt: at,
        effortBy,
        carried,
        entries: carried.length > 0 ? [{ id: newId(), at, kind: 'rig', ...first } as Entry] : [],
        note: '',
        ...(party && { party }),
      }
      const edits = [{ kind: 'outings' as const, id: outing.id, item: Outing.parse(outing) }]
      await useHistory().run(
        words.startedAnOutingAt(asked.place.name),
        { kind: 'edits', edits, alone: true },
        { quiet: true },
      )
      return outing.id
    },
    /** Starts one’s own log from what a friend asked with. */
    async join(invitation: Outing & { party: Party }, who: number, places: readonly Place[]) {
      const outing = Outing.parse(joined(invitation, who, momentNow(), newId()))
      const known = new Set(useBox().places.map(({ id }) => id))
      const edits = [
        ...places.filter(({ id }) => !known.has(id)).map((item) => ({ kind: 'places' as const, id: item.id, item })),
        { kind: 'outings' as const, id: outing.id, item: outing, base: null },
      ]
      const label = words.startedAnOutingAt(outing.placeName)
      await useHistory().run(label, { kind: 'edits', edits: plain(edits), alone: true }, { quiet: true })
    },
    /** Takes a friend’s log in, in place of what was there of it. */
    async takeFriends(outing: Outing & { party: Party }) {
      const mine = this.all.find((o) => o.party?.id === outing.party.id && !o.party.isFriends)
      const log = asFriends(outing, mine)
      await this.change({ outingId: log.id, put: log }, words.tookALog(log.party?.names[log.party.who] ?? ''))
    },
    /** Starts an outing from a plan: everything of its kit is carried, the first of the day is taken into the hand. */
    async startPlan(plan: Plan, place: Place, effortBy: Outing['effortBy']) {
      const at = momentNow()
      const { planned } = plan
      const leg = legAt(plan, at.slice(0, 10), hourOf(at))
      const block = planned && blockAt(planned, leg.id, hourOf(at))
      if (!planned || !block) return
      const outing: Outing = {
        id: newId(),
        placeName: place.name,
        water: { ...plain(leg.water), date: at.slice(0, 10), hour: hourOf(at) },
        startedAt: at,
        effortBy,
        carried: plain(planned.carried),
        entries: [{ id: newId(), at, kind: 'rig', carriedId: block.carriedId, wayId: block.wayId }],
        note: '',
        plan: { id: plan.id, name: plan.name, lureIds: planned.lures.map(({ lureId }) => lureId) },
      }
      const edits = [{ kind: 'outings' as const, id: outing.id, item: Outing.parse(outing) }]
      await useHistory().run(
        words.startedAnOutingAt(place.name),
        { kind: 'edits', edits, alone: true },
        { quiet: true },
      )
    },
    /** Logs an entry, with what it means for the box. What comes back is stored: nothing is shown as logged before it is. */
    async log(outing: Outing, entry: NewEntry, label: string): Promise<Entry> {
      const stored = { id: newId(), at: momentNow(), ...entry } as Entry
      await this.change({ outingId: outing.id, add: [stored] }, label)
      return stored
    },
    /** Takes something of the box along that was not carried, and into the hand; what stands against it is told. Null where the box no longer has it. The worker has the box by then. */
    async takeAlong(outing: Outing, { water }: Account, wanted: Wanted, label: string): Promise<Taken | null> {
      const { places, practice } = useBox()
      const place = places.find((p) => p.id === outing.water.placeId) ?? places[0]
      if (!place) return null
      const carriedId = nextCarriedId(outing)
      const asked = { c: water, place, practice }
      const [taken] = await useMatchWorker().carryAny(...plain([[wanted], [carriedId], asked] as const))
      const [way] = taken?.carried.ways ?? []
      if (!taken || !way) return null
      const entry = { id: newId(), at: momentNow(), kind: 'rig', carriedId, wayId: way.id } as const
      await this.change({ outingId: outing.id, add: [entry], carry: [taken.carried] }, label)
      return taken
    },
    /** Takes an entry out, and back what it meant for the box. */
    async removeEntry(outing: Outing, entry: Entry, label: string) {
      await this.change({ outingId: outing.id, drop: [entry.id] }, label)
    },
    /** Several things at once, all or none. */
    async change(change: LogChange, label: string) {
      await useHistory().run(label, { kind: 'log', change: plain(change) }, { quiet: true })
    },
    /** Points of the way: nothing that is taken back, so no step of the page. */
    async noteTrack(outing: Outing, track: readonly Fix[]) {
      await repository.log({ outingId: outing.id, track })
    },
    /** Takes the last entry out again, also after the page was opened anew. */
    async undoLast(outing: Outing) {
      if (outing.entries.length > 1) await this.change({ outingId: outing.id, dropLast: true }, words.tookTheLastEntry)
    },
    /** Puts an outing in the place of what has its id. */
    save(outing: Outing, label: string) {
      return useBox().edit(label, [{ kind: 'outings', id: outing.id, item: plain(outing) }])
    },
    saveAll(outings: readonly Outing[], label: string) {
      return useBox().edit(
        label,
        outings.map((outing) => ({ kind: 'outings' as const, id: outing.id, item: plain(outing) })),
      )
    },
    remove(outing: Outing) {
      return useBox().edit(words.removedTheOuting(outing.startedAt.slice(0, 10)), [removal('outings', outing.id)])
    },
  },
})
