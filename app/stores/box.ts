import { boxStoreWords as words, count, THINGS } from '../../words'
import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { BinItem, BoxKind, RejectedRows, UnreadableRow } from '../../core/exchange'
import { USUAL_PRACTICE, type Practice } from '../../core/match'
import type { Lure, Rig, Tray } from '../../core/tackle'
import { EMPTY_BOX, type Box } from '../../core/box'
import type { Conditions, Place } from '../../core/water'
import type { World } from '../../core/demo/world'
import type { Item } from '../../storage/db'
import { putPractice, put, removal, type Edit } from '../../storage/edits'
import { keyOf } from '../../storage/schemas'
import { mended } from '../../storage/unreadable'
import { popUnsaved } from '../../storage/unsaved'
import { Told, useCommands } from './commands'
import { useHistory } from './history'
import { now, repository, today } from './repository'
import { useSettings } from './settings'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'

type Status = { state: 'loading' } | { state: 'ready' }

/** A thing as it lies in the bin: a plain copy, whatever proxies it came in. */
const binned = (kind: BoxKind, item: { id: string; name: string }, at: string): BinItem => ({
  id: `${kind}:${item.id}`,
  kind,
  at,
  item: plain(item) as BinItem['item'],
})

/** “Pirrip 7”, or “5 lures”. */
const called = (items: readonly { name: string }[], kind: BoxKind = 'lures') => {
  const [only, ...others] = items
  return only && others.length === 0 ? only.name : count(items.length, THINGS[kind].one, THINGS[kind].many)
}

/** The demo’s world, made off the page’s own thread when it is wanted: on a first visit, or to start over. */
const demo = (): Promise<World> => useMatchWorker().demo(today())

/** The box and the places, as they are stored. Changes go through the repository and come back by its live query. */
export const useBox = defineStore('box', {
  state: () => ({
    status: { state: 'loading' } as Status,
    box: markRaw(EMPTY_BOX) as Box,
    places: [] as Place[],
    waters: [] as Conditions[],
    bin: markRaw([]) as BinItem[],
    aside: markRaw([]) as RejectedRows[],
    unreadable: markRaw([]) as UnreadableRow[],
    practice: markRaw(USUAL_PRACTICE) as Practice,
  }),
  getters: {
    lureById: (state): ReadonlyMap<string, Lure> => new Map(state.box.lures.map((l) => [l.id, l])),
    trayById: (state): ReadonlyMap<string, Tray> => new Map(state.box.trays.map((t) => [t.id, t])),
    rigs: (state): readonly Rig[] => state.box.rigs,
  },
  actions: {
    async open(onError: (error: unknown) => void) {
      await repository.seedOnce(demo)
      const aside = popUnsaved()
      if (aside) await repository.putWater(aside)
      repository.watch(({ box, places, waters, bin, aside, unreadable, practice }) => {
        this.$patch((state) => {
          state.box = markRaw(box)
          state.places = places
          state.waters = waters
          state.bin = markRaw(bin)
          state.aside = markRaw(aside)
          state.unreadable = markRaw(unreadable)
          state.practice = markRaw(practice)
          state.status = { state: 'ready' }
        })
      }, onError)
    },
    /** Makes edits as one step that can be undone. */
    async edit(label: string, edits: readonly Edit[], { quiet = false } = {}) {
      if (edits.length === 0) return
      await useHistory().run(label, { kind: 'edits', edits: plain(edits) }, { quiet })
    },
    /** `base`: what the form was opened with; what another tab has changed since is kept, or asked about. */
    async save<K extends BoxKind>(kind: K, item: Item<K>, base?: Item<K> | null) {
      const known = this.box[kind].some((one) => one.id === item.id)
      const label = (known ? words.changed : words.added)(item.name)
      await this.orAsk((mine) => this.edit(label, [put(kind, item, mine ? undefined : base)]))
    },
    /** Saves; where another tab has changed the same meanwhile, asks which is to stay. `mine`: whatever is there. */
    async orAsk(save: (mine: boolean) => Promise<void>) {
      const commands = useCommands()
      try {
        await save(false)
      } catch (error) {
        const problem = error instanceof Told ? error.problem : null
        if (problem?.code !== 'changed-meanwhile') throw error
        commands.failure = null
        if (await commands.ask(problem.conflicts)) await save(true)
      }
    },
    saveAll<K extends BoxKind>(kind: K, items: readonly Item<K>[], label: string) {
      return this.edit(
        label,
        items.map((item) => put(kind, item)),
      )
    },
    /** Throws things away: they lie in the bin until it is emptied. */
    remove<K extends BoxKind>(kind: K, items: readonly Item<K>[]) {
      const at = now()
      const edits = items.flatMap((item) => {
        const bin = binned(kind, item, at)
        return [removal(kind, item.id), { kind: 'bin' as const, id: bin.id, item: bin }]
      })
      return this.edit(words.removed(called(items, kind)), edits)
    },
    /** A tray goes to the bin; what lay in it stays, loose. */
    removeTray(tray: Tray) {
      const bin = binned('trays', tray, now())
      const lures = this.box.lures.filter((l) => l.trayId === tray.id)
      return this.edit(words.removed(tray.name), [
        removal('trays', tray.id),
        { kind: 'bin', id: bin.id, item: bin },
        ...lures.map((l) => put('lures', { ...l, trayId: null, slot: null })),
      ])
    },
    /** Takes things back out of the bin. */
    restore(items: readonly BinItem[]) {
      const edits = items.flatMap((b) => [{ kind: b.kind, id: b.item.id, item: b.item }, removal('bin', b.id)])
      return this.edit(
        words.putBack(items.length === 1 ? called(items.map((b) => b.item)) : words.things(items.length)),
        edits,
      )
    },
    /** Puts what could not be read back with its field in fault typed anew; where it still cannot be read, it stays aside with what is wrong now. */
    mend(from: UnreadableRow, text: string | null) {
      const now = mended(plain(from), text)
      if ('still' in now)
        return this.edit(words.triedAgain(from.name), [{ kind: 'unreadable', id: from.id, item: now.still }])
      const id = keyOf(from.table, now.row)
      return this.edit(words.mended(from.name), [
        { kind: from.table, id, item: now.row, base: null },
        removal('unreadable', from.id),
      ])
    },
    dropUnreadable({ id, name }: UnreadableRow) {
      return this.edit(words.removed(name), [removal('unreadable', id)])
    },
    emptyBin() {
      return this.edit(
        words.emptiedTheBin,
        this.bin.map((b) => removal('bin', b.id)),
      )
    },
    /** Lays lures into a compartment, or (null) out of every tray. */
    move(lures: readonly Lure[], trayId: string | null, slot: number | null) {
      const moved = lures.filter((l) => l.trayId !== trayId || l.slot !== slot)
      return this.saveAll(
        'lures',
        moved.map((l) => ({ ...l, trayId, slot })),
        words.moved(called(moved)),
      )
    },
    /** Changes how the angler judges: sides of open questions, weights of rules, rules of one's own. */
    putPractice(change: Partial<Practice>, label: string) {
      return this.edit(label, [putPractice(plain({ ...this.practice, ...change }) as Practice)])
    },
    /** Puts a place in order; `label` says what was done. */
    async savePlace(place: Place, label: string, base?: Place) {
      const edit = { kind: 'places', id: place.id, item: plain(place) } as const
      await this.orAsk((mine) => this.edit(label, [mine || !base ? edit : { ...edit, base }]))
    },
    savePlaces(places: readonly Place[], label: string) {
      return this.edit(
        label,
        places.map((place) => ({ kind: 'places' as const, id: place.id, item: place })),
      )
    },
    removePlace({ id, name }: Place) {
      return this.edit(words.removed(name), [removal('places', id), removal('waters', id)])
    },
    /** Puts something else in place of everything; what was there is kept as a backup. */
    async replace(content: World, label: string) {
      await useHistory().run(label, { kind: 'replace', content })
      await useSettings().load()
    },
    async startDemo() {
      return this.replace(await demo(), words.openedTheDemoBox)
    },
    /** Takes in what is new in an archive; what is there stays. */
    async merge(theirs: World) {
      await useHistory().run(words.takingIn, { kind: 'take-in', content: plain(theirs), called: words.merged })
    },
    async restoreBackup(backupId: string, label: string) {
      await useHistory().run(label, { kind: 'restore', backupId })
      await useSettings().load()
    },
    /** All that is stored, as it goes into an archive. */
    everything: () => repository.readAll(),
  },
})
