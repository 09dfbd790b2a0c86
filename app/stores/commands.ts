import { defineStore } from 'pinia'
import type { Conflict, StoreProblem } from '../../core/exchange'
import { storeProblem } from '../../storage/problem'

/** A command that failed and was told: whoever waited for it stops, and says no more of it. */
export class Told extends Error {
  constructor(readonly problem: StoreProblem) {
    super('told already')
    this.name = 'Told'
  }
}

/** What failed last: what was to be done (empty where nobody knows), and why not. */
interface Failure {
  readonly what: string
  readonly problem: StoreProblem
}

/** The one way of every change into the store: under way, done, or failed and told. What was typed stays where it was typed. */
export const useCommands = defineStore('commands', {
  state: () => ({
    /** Changes that are being stored now. */
    pending: 0,
    failure: null as Failure | null,
    /** Things that another tab has changed while they were being changed here; the answer goes to `answer`. */
    conflict: null as { readonly conflicts: readonly Conflict[]; readonly answer: (keep: boolean) => void } | null,
  }),
  actions: {
    /**
     * Does a piece of work that stores something.
     * @throws Told where it failed; it is told by then
     */
    async run<T>(what: string, work: () => Promise<T>): Promise<T> {
      this.pending += 1
      try {
        return await work()
      } catch (error) {
        throw this.tell(error, what)
      } finally {
        this.pending -= 1
      }
    },
    /** Tells of an error from anywhere; one that was told already is not told twice. */
    tell(error: unknown, what = ''): Told {
      if (error instanceof Told) return error
      const problem = storeProblem(error)
      this.failure = { what, problem }
      return new Told(problem)
    },
    /** Shows what another tab has changed meanwhile; true: mine all the same. */
    ask(conflicts: readonly Conflict[]): Promise<boolean> {
      this.conflict?.answer(false)
      return new Promise((resolve) => {
        this.conflict = {
          conflicts,
          answer: (keep) => {
            this.conflict = null
            resolve(keep)
          },
        }
      })
    },
  },
})
