import { AFTERWARDS } from './afterwards'
import { AFTERWARDS_2 } from './afterwards-2'
import { AFTERWARDS_3 } from './afterwards-3'
import { BASS } from './bass'
import { COAST } from './coast'
import { FAMILIES_FIRST } from './families'
import { NORTHERN } from './northern'
import { RIVERS } from './rivers'
import { SALTWATER } from './salt'
import { SALMONID } from './salmonids'
import { STILLWATER } from './stillwater'

export type { Scenario } from './scenario'
/** Written before the chain of chances, and what its first weights were chosen on. */
export const FIRST_SCENARIOS = [...BASS, ...NORTHERN, ...SALMONID, ...SALTWATER]
/** Written before the chain of chances, too, but after every rule: what holds here was not chosen to hold. */
export const BLIND_SCENARIOS = [...FAMILIES_FIRST, ...RIVERS, ...STILLWATER, ...COAST]
export const LATER_SCENARIOS = [...AFTERWARDS, ...AFTERWARDS_2, ...AFTERWARDS_3]
export const SCENARIOS = [...FIRST_SCENARIOS, ...BLIND_SCENARIOS, ...LATER_SCENARIOS]
