import { COATINGS, GLOWS_UNDER_LUX } from '../../../data/make'
import { cachedProfile } from '../../bench'
import { colourOf, deliveriesHere, deliveryOf, type DeliveryId } from '../../tackle'
import type { Box } from '../../box'
import { readWater, speciesOf, underwater, windOnCast, type Conditions, type Place, type Reading } from '../../water'
import { fishAsked, onTackle, tackleOptions, throwsIn, type MatchContext, type MatchOptions } from '../possible'
import { demandOf, flowHere, recordFor, RULES, techniquesWith } from '../asked'

/**
 * A water as it is matched, scores set against a chance that is given.
 *
 * @throws Error when the conditions name a species that data/species does not hold
 */
export function contextAgainst(
  c: Conditions,
  place: Place,
  box: Box,
  options: Pick<MatchOptions, 'sides' | 'rules' | 'record' | 'techniques'>,
  against: (context: MatchContext) => number,
): MatchContext {
  const species = speciesOf(c.speciesId)
  if (!species) throw new Error(`species ${c.speciesId} is not in data/species`)
  const reading = readWater(c, place, species)
  const record = recordFor(options.record ?? [], c)
  const demand = demandOf(reading.features, options.sides, options.rules ?? RULES, record)
  const own = (options.rules ?? RULES) !== RULES || record.weight > 0
  const context: MatchContext = {
    c,
    place,
    sides: options.sides,
    species,
    reading,
    demand,
    ofTrade: () => (own ? demandOf(reading.features, options.sides) : demand),
    fish: fishAsked(species, c),
    techniquesOf: techniquesWith(options.techniques ?? []),
    known: (lure) => cachedProfile(box, lure),
    deliveries: deliveriesMoving(c),
    ...onTackle(tackleOptions(box, species, c)),
    castM: throwsIn(box, windOnCast(c), { c, reading }),
    contrastOf: contrastsIn(reading, c),
    record,
    against: () => (chance ??= against(context)),
  }
  let chance: number | null = null
  return context
}

/** Less than this, m/s, swings nothing across. */
const MOVES_MPS = 0.08

/** Ways of fishing allowed here that this water, or the boat on it, can do. */
function deliveriesMoving(c: Conditions): ReadonlySet<DeliveryId> {
  const moves = flowHere(c) >= MOVES_MPS
  return new Set([...deliveriesHere(c)].filter((id) => moves || !deliveryOf(id).moving))
}

/** Most looks are level; from straight below every lure is a shadow. */
const LEVEL_SHARE = 0.8

/** Contrast of colourings in the middle of the zone; each is worked out once. */
function contrastsIn({ zone, zoneLux }: Reading, { visibilityM }: Conditions): MatchContext['contrastOf'] {
  const water = underwater({ visibilityM, depthM: (zone.topM + zone.bottomM) / 2, lux: zoneLux })
  const found = new Map<string, number>()
  const dark = zoneLux < GLOWS_UNDER_LUX ? 1 : 0
  return ({ back, flank, belly }, make) => {
    const key = `${back} ${flank} ${belly}`
    let contrast = found.get(key)
    if (contrast === undefined) {
      const sides = [flank, back].map((id) => water.contrast(colourOf(id).hex, colourOf(belly).hex))
      const level = 0.75 * (sides[0]?.level ?? 0) + 0.25 * (sides[1]?.level ?? 0)
      contrast = LEVEL_SHARE * level + (1 - LEVEL_SHARE) * (sides[0]?.up ?? 0)
      found.set(key, contrast)
    }
    const coat = COATINGS[make?.coating ?? 'plain']
    return contrast + (coat.contrast + dark * coat.dark) * (1 - contrast)
  }
}
