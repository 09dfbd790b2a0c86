import { expose, wrap, type Remote } from 'comlink'
import { planService } from './plan-service'
import type { Solver } from './solver.worker'

/** The solver is a worker of its own: it can be long over a program, and the plan listens meanwhile. */
interface Running {
  readonly solver: Remote<Solver>
  /** Never answers; fails when the worker cannot be loaded or is ended. */
  readonly ended: Promise<never>
  readonly end: () => void
}
let running: Running | null = null
/** How long one program is worked at, s. */
const SOLVER_S = 8

function start(): Running {
  const worker = new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' })
  let fail: (error: Error) => void = () => undefined
  const ended = new Promise<never>((_, reject) => (fail = reject))
  worker.addEventListener('error', (event) => fail(new Error(event.message)))
  const end = () => {
    worker.terminate()
    running = null
    fail(new Error('ended'))
  }
  return { solver: wrap<Solver>(worker), ended, end }
}

planService.setSolver({
  solve(program) {
    running ??= start()
    return Promise.race([running.solver.solve(program, SOLVER_S), running.ended])
  },
  end: () => running?.end(),
})
expose(planService)
