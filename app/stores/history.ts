import { defineStore } from 'pinia'

interface Step {
  readonly label: string
  readonly undo: () => Promise<unknown>
}

const LONGEST = 100

/** What was done, newest last, each with the way back. */
export const useHistory = defineStore('history', {
  state: () => ({ steps: [] as Step[], said: '', busy: false }),
  getters: {
    last: (state): Step | undefined => state.steps[state.steps.length - 1],
  },
  actions: {
    did(label: string, undo: () => Promise<unknown>) {
      this.steps = [...this.steps.slice(-LONGEST + 1), { label, undo }]
      this.said = label
    },
    async undo() {
      const step = this.last
      if (!step || this.busy) return
      this.busy = true
      try {
        await step.undo()
        this.steps = this.steps.slice(0, -1)
        this.said = ''
      } finally {
        this.busy = false
      }
    },
  },
})
