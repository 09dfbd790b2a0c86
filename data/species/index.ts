import { COAST } from './coast'
import { FRESH } from './fresh'
import { SALMONIDS } from './salmonids'
import { WARM_SEA } from './warm-sea'

/**
 * Target species. Temperatures in °C.
 *
 * `feedingRangeC` is a trapezoid: no feeding below the first, full between the second and third, none above the fourth.
 * `spawnC` is the band in which the species spawns; `spawnsOn` says whether on rising (spring) or falling (autumn) water.
 * `group`: species that are fished alike share the rules of practice. `waters`: where they are met. `isSchooling`: whether they usually go in shoals.
 * `biteProof`: teeth that cut mono. `designPullN`: pull a line must stand for an ordinary fish, N.
 * Each figure names its source; teeth, mouths, shoals, groups and waters are common knowledge.
 */
export const SPECIES = [...FRESH, ...SALMONIDS, ...COAST, ...WARM_SEA] as const
