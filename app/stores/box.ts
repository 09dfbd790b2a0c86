import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import { readArchive, writeArchive, type FileProblem } from '../../core/exchange'
import { EMPTY_BOX, type Box, type Lure } from '../../core/tackle'
import type { Conditions, Place } from '../../core/water'
import { demoWorld, emptyWorld, type World } from '../../core/demo/world'
import type { BoxKind, Item } from '../../storage/db'
import { takeAside } from '../../storage/unsaved'
import { useHistory } from './history'
import { repository, today } from './repository'

type Status = { state: 'loading' } | { state: 'ready' } | { state: 'failed'; problem: string }

/** The box and the places, as they are stored. Changes go through the repository and come back by its live query. */
export const useBox = defineStore('box', {
  state: () => ({
    status: { state: 'loading' } as Status,
    box: markRaw(EMPTY_BOX) as Box,
    places: [] as Place[],
    waters: [] as Conditions[],
  }),
  getters: {
    lureById: (state): ReadonlyMap<string, Lure> => new Map(state.box.lures.map((l) => [l.id, l])),
  },
  actions: {
    async open() {
      try {
        await repository.seedOnce(() => demoWorld(today()))
        const aside = takeAside()
        if (aside) await repository.putWater(aside)
        repository.watch(
          ({ box, places, waters }) => {
            this.$patch((state) => {
              state.box = markRaw(box)
              state.places = places
              state.waters = waters
              state.status = { state: 'ready' }
            })
          },
          (error) => {
            this.status = { state: 'failed', problem: String(error) }
          },
        )
      } catch (error) {
        this.status = { state: 'failed', problem: String(error) }
      }
    },
    async save<K extends BoxKind>(kind: K, item: Item<K>) {
      const before = await repository.put(kind, item)
      useHistory().did(before ? `Changed ${item.name}` : `Added ${item.name}`, () =>
        before ? repository.put(kind, before) : repository.take(kind, item.id),
      )
    },
    async remove<K extends BoxKind>(kind: K, item: Item<K>) {
      const before = await repository.take(kind, item.id)
      if (before) useHistory().did(`Removed ${item.name}`, () => repository.put(kind, before))
    },
    async replace(world: World, label: string) {
      const before = await repository.replaceAll(world)
      useHistory().did(label, () => repository.replaceAll(before))
    },
    startEmpty() {
      return this.replace(emptyWorld(today()), 'Started an empty box')
    },
    startDemo() {
      return this.replace(demoWorld(today()), 'Opened the demo box')
    },
    exportText(): string {
      return writeArchive({ box: this.box, places: this.places, waters: this.waters })
    },
    /** Takes in an archive whole, or answers with what is wrong and changes nothing. */
    async importText(text: string): Promise<FileProblem[]> {
      const read = readArchive(text)
      if (!read.ok) return read.problems
      await this.replace(read.archive, `Imported ${read.archive.box.lures.length} lures`)
      return []
    },
  },
})
