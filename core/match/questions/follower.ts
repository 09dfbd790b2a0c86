import { FOLLOWERS } from '../../../data/followers'
import { familyOf, type FamilyId } from '../../tackle'
import { speciesOf } from '../../water'
import type { SideChoice } from '../asked'

/** What is done with a fish that follows: the pace is held, or changed; or the lure is dropped on it. */
export type FollowerAnswer = 'hold' | 'change' | 'drop'

const has = (list: readonly string[], one: string) => list.includes(one)

/** The one answer to a fish that follows, for how to fish it and on the water: by lure and fish, and by the side that the angler follows (data/followers). */
export function followerAnswer(family: FamilyId, speciesId: string, { S3 }: SideChoice): FollowerAnswer {
  const isHeld = has(FOLLOWERS.heldFamilies, family)
  if (!isHeld && has(FOLLOWERS.dropped, familyOf(family).body)) return 'drop'
  if (S3 === 'first') return 'hold'
  if (S3 === 'second') return 'change'
  return isHeld || has(FOLLOWERS.heldGroups, speciesOf(speciesId)?.group ?? '') ? 'hold' : 'change'
}
