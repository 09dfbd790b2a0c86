import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import { NOTHING_DONE, type Command, type Replacement, type Step, type TakeIn } from '../../storage/command'
import { createQueue } from '~/composables/queue'
import { historyWords as words } from '../../words'
import { Told, useCommands } from './commands'
import { now, repository } from './repository'
import { tabId } from './tab'

/** Problems that trying again does not mend. */
const NEVER = new Set(['changed-meanwhile', 'box-changed', 'gone'])

interface Undone {
  readonly label: string
  readonly command: Command
}

/** What this tab has done, newest last; and what was taken back, to be done again. It outlives a reload. */
export const useHistory = defineStore('history', {
  state: () => ({ steps: [] as readonly Step[], undone: [] as readonly Undone[], said: '' }),
  getters: {
    last: (state): Step | undefined => state.steps[state.steps.length - 1],
    next: (state): Undone | undefined => state.undone[state.undone.length - 1],
  },
  actions: {
    /** What this tab did before it was loaded anew. */
    async open() {
      this.steps = await repository.steps(tabId())
    },
    /**
     * Does a command, so that it can be taken back. `quiet`: it is not announced; the page shows it itself.
     * @throws Told where it failed
     */
    async run(label: string, command: Command | Replacement | TakeIn, { quiet = false } = {}): Promise<void> {
      const by = { tab: tabId(), label, at: now() }
      const step = await useCommands().run(label, () => repository.run(command, by))
      if (step.nth !== NOTHING_DONE) {
        this.steps = [...this.steps, step]
        this.undone = []
      }
      this.said = quiet ? '' : step.label
    },
    /** One step back. Asked again before it is done, the next one follows. */
    undo(): Promise<void> {
      return enqueue(async () => {
        const step = this.last
        if (!step) return
        const command = await useCommands()
          .run(words.undo(step.label), () => repository.undo(step, now()))
          .catch((error: unknown) => {
            // What can never be taken back must not bar the way to what was done before it.
            if (error instanceof Told && NEVER.has(error.problem.code))
              this.steps = this.steps.filter((s) => s.nth !== step.nth)
            throw error
          })
        this.steps = this.steps.filter((s) => s.nth !== step.nth)
        this.undone = [...this.undone, markRaw({ label: step.label, command })]
        this.said = ''
      })
    },
    redo(): Promise<void> {
      return enqueue(async () => {
        const again = this.next
        if (!again) return
        const by = { tab: tabId(), label: again.label, at: now() }
        const step = await useCommands().run(again.label, () => repository.run(again.command, by))
        this.undone = this.undone.slice(0, -1)
        this.steps = [...this.steps, step]
        this.said = again.label
      })
    },
  },
})

/** Steps wait for one another. */
const enqueue = createQueue()
