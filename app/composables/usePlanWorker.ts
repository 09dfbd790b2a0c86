import type { Remote } from 'comlink'
import { startWorker } from '~/composables/start-worker'
import type { PlanService } from '~/workers/plan-service'

let service: Remote<PlanService> | null = null

/** The one bridge to the plan's worker; started on first use. */
export function usePlanWorker(): Remote<PlanService> {
  service ??= startWorker<PlanService>(
    new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' }),
  )
  return service
}
