import { defineStore } from 'pinia'
import { createQueue } from '~/composables/queue'

/** Goes one way and answers with the way back. */
export type Turn = () => Promise<Turn>

interface Step {
  readonly label: string
  readonly turn: Turn
}

const LONGEST = 200

/** What was done, newest last, each with the way back; and what was undone, with the way forward again. */
export const useHistory = defineStore('history', {
  state: () => ({ steps: [] as Step[], undone: [] as Step[], said: '' }),
  getters: {
    last: (state): Step | undefined => state.steps[state.steps.length - 1],
    next: (state): Step | undefined => state.undone[state.undone.length - 1],
  },
  actions: {
    /** `quiet`: can be undone, but is not announced; the page shows it itself. */
    did(label: string, turn: Turn, { quiet = false } = {}) {
      this.steps = [...this.steps.slice(-LONGEST + 1), { label, turn }]
      this.undone = []
      this.said = quiet ? '' : label
    },
    /** One step back. Asked again before it is done, the next one follows. */
    undo(): Promise<void> {
      return enqueue(async () => {
        const step = this.last
        if (!step) return
        const turn = await step.turn()
        this.steps = this.steps.slice(0, -1)
        this.undone = [...this.undone, { label: step.label, turn }]
        this.said = ''
      })
    },
    redo(): Promise<void> {
      return enqueue(async () => {
        const step = this.next
        if (!step) return
        const turn = await step.turn()
        this.undone = this.undone.slice(0, -1)
        this.steps = [...this.steps, { label: step.label, turn }]
        this.said = step.label
      })
    },
  },
})

/** Steps wait for one another. */
const enqueue = createQueue()
