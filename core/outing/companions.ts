import { LEARNING } from '../../data/advice'
import { sizeStep } from './levels'
import { minutesBetween, type Carried, type EntryOf } from './outing'
import type { Account } from './account'

/** What others catch beside one: told by lure, where it was seen. */

/** Whether a carried lure is much what the fish took: two of kind, colour and size agree. */
function isLike(carried: Carried, lure: NonNullable<EntryOf<'companion'>['lure']>): boolean {
  const agree = [
    carried.family === lure.family,
    carried.colour === lure.colour,
    sizeStep(carried.lengthM) === sizeStep(lure.lengthM),
  ]
  return agree.filter(Boolean).length >= 2
}

/** Fish of others, lately, on something much like what is carried. */
export const companionsOn = (carried: Carried, { companions }: Pick<Account, 'companions'>, now: string) =>
  companions.filter(({ at, lure }) => lure && minutesBetween(at, now) <= LEARNING.halfLifeMin && isLike(carried, lure))

/** What fish of others say for what is carried: a sign for the first, less for each that follows, as many as count at most; each tells for less as it lies back. */
export function companionSign(carried: Carried, account: Pick<Account, 'companions'>, now: string): number {
  const told = companionsOn(carried, account, now).reduce(
    (sum, { at }) => sum + 0.5 ** (minutesBetween(at, now) / LEARNING.halfLifeMin),
    0,
  )
  return LEARNING.sign ** Math.min(LEARNING.maxCues, told)
}
