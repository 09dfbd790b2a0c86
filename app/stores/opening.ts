import { defineStore } from 'pinia'
import type { ArchiveContent, StoreProblem, UnreadableRow } from '../../core/exchange'
import { storeProblem } from '../../storage/problem'
import { JUDGED_FIRST, JUDGED_LATER } from '../../storage/unreadable'
import { useBox } from './box'
import { useCommands } from './commands'
import { useHistory } from './history'
import { useOutings } from './outings'
import { usePlans } from './plans'
import { now, repository } from './repository'
import { useSettings } from './settings'

/** A database that has not opened by then is told to be silent; it is waited for all the same, ms. */
export const PATIENCE_MS = 10_000

/** How the page comes by what is stored: from the database, by a rescue, or for as long as the page lives. */
export const useOpening = defineStore('opening', {
  state: () => ({
    stage: 'opening' as 'opening' | 'silent' | 'open' | 'failed',
    problem: null as StoreProblem | null,
    /** Nothing outlives the page. */
    inMemory: false,
  }),
  actions: {
    /** Opens what is stored. Without a database it goes on in memory; where there is one that fails, the page offers what can be done. */
    async open(): Promise<void> {
      const silence = setTimeout(() => {
        if (this.stage === 'opening') this.stage = 'silent'
      }, PATIENCE_MS)
      try {
        await repository.open()
        await this.read()
      } catch (error) {
        const problem = storeProblem(error)
        // Nothing is kept here that could be saved: the work can begin at once.
        if (problem.code === 'denied') await this.goOnInMemory()
        else this.fail(error)
      } finally {
        clearTimeout(silence)
      }
    },
    async read() {
      const found = await repository.setAsideUnreadable(now(), JUDGED_FIRST)
      await useSettings().load()
      await useHistory().open()
      await useBox().open((error) => this.fail(error))
      useOutings().open((error) => this.fail(error))
      usePlans().open((error) => this.fail(error))
      tellUnreadable(found)
      if (this.stage !== 'failed') this.stage = 'open'
      void judgePhotos().catch((error: unknown) => useCommands().tell(error))
    },
    fail(error: unknown) {
      this.problem = storeProblem(error)
      this.stage = 'failed'
    },
    /** From here on nothing outlives the page. */
    async goOnInMemory() {
      await repository.goInMemory()
      this.inMemory = true
      this.stage = 'opening'
      this.problem = null
      await this.read()
    },
    /** All that can be had: what is stored; else what can still be read of it; else what the page shows. */
    async all(): Promise<ArchiveContent> {
      return repository.readAll().catch(() => repository.rescue(now()).catch(() => shown()))
    },
  },
})

function tellUnreadable(found: readonly UnreadableRow[]) {
  const [first] = found
  if (first) useCommands().failure = { what: '', problem: { code: 'unreadable', rows: found.length, ...first } }
}

/** Sets pictures aside that are none: one that is spoilt must not keep all the rest from going out. */
export async function judgePhotos(): Promise<void> {
  tellUnreadable(await repository.setAsideUnreadable(now(), JUDGED_LATER))
}

/** What the page has at hand: all but the photos. */
function shown(): ArchiveContent {
  const { box, places, waters, bin, aside, unreadable, practice } = useBox()
  const outings = [...useOutings().all]
  const plans = [...usePlans().all]
  return { box, places, waters, bin, aside, unreadable, practice, outings, plans, photos: [], settings: {} }
}
