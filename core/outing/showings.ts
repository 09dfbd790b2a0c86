import { LEARNING } from '../../data/advice'
import { minutesBetween } from './outing'

/**
 * Fish come in schools: what comes within {@link LEARNING.schoolMin} minutes of the one before is the same school showing itself. That is the unit of every rate, comparison and
 * pattern: three bites in two minutes are one piece of news, not three.
 *
 * @param moments of answers, in their order
 * @returns for each whether a showing begins with it
 */
export const beginShowings = (moments: readonly string[]): boolean[] =>
  moments.map((at, i) => i === 0 || minutesBetween(moments[i - 1] ?? at, at) > LEARNING.schoolMin)
