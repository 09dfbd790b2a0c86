import { EMPTY_BOX } from '../../box'
import { techniquesOf } from '../../tackle'
import { windOnCast } from '../../water'
import { flowHere, recordFor } from '../asked'
import { onTackle, tackleOptions, throwsIn, type MatchContext } from '../possible'
import { bestColouring } from './best-colouring'
import { rank } from '../tuned'
import { referenceBox } from './reference-box'

/** Where a water gives no fish to anything in the reference, scores are chances. */
const NOTHING_BETTER = 1

const known = new Map<string, number>()
/** Waters kept: those between which an angler goes to and fro. */
const MOST_KNOWN = 32

/**
 * Chance of the best that could be tied on in a water, 0 … 1: of every family a lure of the length, colour, weight and depth that it asks for, on tackle of every strength,
 * fished as well as it can be by the rules of the trade. No angler’s box, log, own rules or own techniques have a say in it.
 */
export function chanceOfBest(context: MatchContext): number {
  const { c, place, sides } = context
  const key = JSON.stringify([c, place, sides])
  let chance = known.get(key)
  if (chance === undefined) {
    chance = worked(context)
    if (known.size >= MOST_KNOWN) known.clear()
    known.set(key, chance)
  }
  return chance
}

function worked(context: MatchContext): number {
  const { c, reading, species } = context
  const demand = context.ofTrade()
  const { zone } = reading
  const box = referenceBox(
    {
      colour: bestColouring({ ...context, demand }),
      lengthM: demand.axes.find((a) => a.axis === 'length')?.want ?? c.forage.lengthM,
      depthM: c.depthM,
      zoneMidM: (zone.topM + zone.bottomM) / 2,
      zoneBottomM: zone.bottomM,
      flowMps: flowHere(c),
    },
    EMPTY_BOX,
  )
  const [best] = rank(
    box,
    {
      ...context,
      demand,
      ...onTackle(tackleOptions(box, species, c)),
      techniquesOf,
      known: () => null,
      castM: throwsIn(box, windOnCast(c), { c, reading }),
      record: recordFor([], c),
      against: () => NOTHING_BETTER,
    },
    1,
    'lure',
  )
  return best?.chance ?? NOTHING_BETTER
}
