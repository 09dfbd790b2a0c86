import { matchService } from '~/workers/match-service'
import { onThread } from './on-thread'

const service = onThread(matchService)
/** The match's worker, on the test's own thread. */
export const useMatchWorker = () => service
