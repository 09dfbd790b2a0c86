import { BASS } from './bass'
import { NORTHERN } from './northern'
import { SALTWATER } from './salt'
import { SALMONID } from './salmonids'

export type { Scenario } from './scenario'
export const SCENARIOS = [...BASS, ...NORTHERN, ...SALMONID, ...SALTWATER]
