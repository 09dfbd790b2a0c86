import { expose } from 'comlink'
import load, { type Highs } from 'highs'
import wasmUrl from 'highs/runtime?url'
import type { Solved } from '../../core/plan'

/** A mixed-integer solver (WebAssembly), loaded when it is first asked. */

let ready: Promise<Highs> | null = null

const solver = {
  /** Solves a program in the LP format. `seconds`: when to give up. */
  async solve(program: string, seconds: number): Promise<Solved> {
    ready ??= load({ locateFile: () => wasmUrl })
    const { Status, Columns } = (await ready).solve(program, { time_limit: seconds, mip_rel_gap: 1e-6 })
    const values = Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0])
    // Infeasible: nothing is better than the kit that is known.
    return {
      values: Status === 'Infeasible' ? {} : (Object.fromEntries(values) as Record<string, number>),
      optimal: Status === 'Optimal' || Status === 'Infeasible',
    }
  },
}
export type Solver = typeof solver
expose(solver)
