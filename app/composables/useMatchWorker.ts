import type { Remote } from 'comlink'
import { startWorker } from '~/composables/start-worker'
import type { MatchService } from '~/workers/match-service'

let service: Remote<MatchService> | null = null

/** The one bridge to the match worker; started on first use. */
export function useMatchWorker(): Remote<MatchService> {
  service ??= startWorker<MatchService>(
    new Worker(new URL('../workers/match.worker.ts', import.meta.url), { type: 'module' }),
  )
  return service
}
