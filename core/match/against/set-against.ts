import type { Box } from '../../box'
import type { Conditions, Place } from '../../water'
import { chanceOfBest } from './best-of-all'
import { contextAgainst } from './create-context'
import type { MatchContext, MatchOptions } from '../possible'

/**
 * A water as it is matched, scores set against the best that could be tied on, or against what is given.
 *
 * @throws Error when the conditions name a species that data/species does not hold
 */
export const createMatchContext = (
  c: Conditions,
  place: Place,
  box: Box,
  options: Pick<MatchOptions, 'sides' | 'rules' | 'record' | 'against'>,
): MatchContext => contextAgainst(c, place, box, options, (context) => options.against ?? chanceOfBest(context))
