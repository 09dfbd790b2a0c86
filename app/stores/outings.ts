import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { SetUp } from '../../core/match'
import { Outing, isOver, type Carried, type Entry, type Said } from '../../core/outing'
import type { Lure } from '../../core/tackle'
import { put, take, type Edit, type LogChange } from '../../storage/repository'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import type { Asked } from '~/workers/match.worker'
import { useBox } from './box'
import { useHistory, type Turn } from './history'
import { momentNow } from './moment'
import { repository } from './repository'

type Status = { state: 'loading' } | { state: 'ready' } | { state: 'failed'; problem: string }

/** A change of a log, and after it the change back. */
const turnOf =
  (change: LogChange): Turn =>
  async () =>
    turnOf(await repository.log(change))

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
    open() {
      repository.watchOutings(
        (outings) => {
          this.$patch((state) => {
            state.all = markRaw(outings)
            state.status = { state: 'ready' }
          })
        },
        (error) => (this.status = { state: 'failed', problem: String(error) }),
      )
    },
    /** Starts an outing with the set-ups that are carried; the first is taken into the hand. */
    async start(setUps: readonly SetUp[], asked: Asked, effortBy: Outing['effortBy']) {
      const carried: Carried[] = await useMatchWorker().carry(...plain([setUps, asked] as const))
      const at = momentNow()
      const [first] = carried
      const outing: Outing = {
        id: crypto.randomUUID(),
        placeName: asked.place.name,
        water: plain(asked.c),
        startedAt: at,
        effortBy,
        carried,
        entries: first
          ? [{ id: crypto.randomUUID(), at, kind: 'rig', carriedId: first.id, wayId: first.ways[0]?.id ?? '' }]
          : [],
        note: '',
      }
      const edits = [{ kind: 'outings' as const, id: outing.id, item: Outing.parse(outing) }]
      await useBox().edit(`Started an outing at ${asked.place.name}`, edits, { quiet: true })
      return outing.id
    },
    /** Writes something down, with what hangs on it in the box. What comes back is stored: nothing is shown as logged before it is. */
    async say<K extends Said>(outing: Outing, said: K, label: string): Promise<Entry> {
      const entry = { id: crypto.randomUUID(), at: momentNow(), ...said } as Entry
      const edits = this.hangsOn(outing, entry, 1)
      await this.change({ outingId: outing.id, add: [entry], drop: [], edits }, label)
      return entry
    },
    /** Takes an entry out, and back what hung on it in the box. */
    async drop(outing: Outing, entry: Entry, label: string) {
      const edits = this.hangsOn(outing, entry, -1)
      await this.change({ outingId: outing.id, add: [], drop: [entry.id], edits }, label)
    },
    /** Several things at once, all or none. */
    async change(change: LogChange, label: string) {
      const back = await repository.log(plain(change))
      useHistory().did(label, turnOf(back), { quiet: true })
    },
    /** Takes the last entry back, also after the page was opened anew. */
    async takeBack(outing: Outing) {
      const last = outing.entries[outing.entries.length - 1]
      if (!last || outing.entries.length <= 1) return
      await this.drop(outing, last, 'Took the last entry back')
    },
    /**
     * What an entry means for the box: a fish landed counts on the lure that took it, a lure lost is one less. `by` is 1 when the entry comes, −1 when it
     * goes.
     */
    hangsOn(outing: Outing, entry: Entry | Said, by: 1 | -1): Edit[] {
      const lure = this.lureAt(outing, entry)
      if (!lure) return []
      if (entry.kind === 'answer' && entry.answer === 'landed')
        return [put('lures', plain({ ...lure, fish: Math.max(0, lure.fish + by) }))]
      if (entry.kind === 'lost-lure') return [put('lures', plain({ ...lure, count: Math.max(0, lure.count - by) }))]
      return []
    },
    /** The lure that was in the hand at an entry, or is now. */
    lureAt({ entries, carried }: Outing, entry: Entry | Said): Lure | null {
      const at = 'id' in entry ? entries.findIndex((e) => e.id === entry.id) : -1
      const before = at < 0 ? entries : entries.slice(0, at)
      const rig = [...before].reverse().find((e) => e.kind === 'rig')
      const held = rig?.kind === 'rig' ? carried.find((c) => c.id === rig.carriedId) : undefined
      return (held?.lureId ? useBox().lureById.get(held.lureId) : null) ?? null
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
      return useBox().edit(`Removed the outing of ${outing.startedAt.slice(0, 10)}`, [take('outings', outing.id)])
    },
  },
})
