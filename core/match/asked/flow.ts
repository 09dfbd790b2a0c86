import { passingOf, type Conditions } from '../../water'

/** Water past a rig that is held, m/s: current, or drift of the boat. */
export const flowHere = (c: Conditions): number => Math.hypot(...passingOf(c).flowMps)
