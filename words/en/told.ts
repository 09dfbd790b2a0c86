import type { Fish, FishDid, LostHow, LostPart, LureDid, TriedThen, Watched, WatchedFish } from '../../core/outing'

/** What can be told of an answer: names on buttons, and in lists. */

const HOOKED: Readonly<Record<NonNullable<Fish['hooked']>, string>> = {
  inside: 'Well inside',
  edge: 'At the edge',
  outside: 'Outside',
}
const HELD_BY: Readonly<Record<NonNullable<Fish['heldBy']>, string>> = {
  front: 'Front hook',
  middle: 'Middle hook',
  tail: 'Tail hook',
}
const LOST_HOW: Readonly<Record<LostHow, string>> = {
  jumped: 'Jumped off',
  'at-the-net': 'At the net',
  'hook-pulled': 'Hook pulled out',
  'hook-opened': 'Hook bent open',
  'line-broke': 'Line broke',
  'in-cover': 'Into cover',
}
const WHERE: Readonly<Record<NonNullable<Watched['where']>, string>> = {
  below: 'Below it',
  behind: 'Behind it',
  beside: 'Beside it',
  above: 'Above it',
}
const BY: Readonly<Record<NonNullable<Watched['by']>, string>> = { eye: 'By eye', sounder: 'On the sounder' }
const LURE_DID: Readonly<Record<LureDid, string>> = {
  steady: 'Ran on',
  slower: 'Slowed',
  faster: 'Sped up',
  stopped: 'Stopped',
  snapped: 'Snapped up',
  dropped: 'Dropped',
  turned: 'Turned off',
}
const FISH_DID: Readonly<Record<WatchedFish['did'], string>> = {
  stayed: 'Stayed put',
  came: 'Came near',
  followed: 'Followed',
  'turned-away': 'Turned away',
  took: 'Took it',
}
const TRIED: Readonly<Record<TriedThen, string>> = {
  nothing: 'Nothing',
  drop: 'Let it drop',
  'second-lure': 'A second lure',
  faster: 'Went faster',
  stop: 'Stopped it',
}
const PARTS: Readonly<Record<LostPart, string>> = {
  sinker: 'Sinker lost',
  leader: 'Leader lost',
  hook: 'Hook lost',
  trailer: 'Trailer lost',
}

export const hookedWords = (how: NonNullable<Fish['hooked']>): string => HOOKED[how]
export const heldByWords = (hook: NonNullable<Fish['heldBy']>): string => HELD_BY[hook]
export const lostHowWords = (how: LostHow): string => LOST_HOW[how]
export const watchedByWords = (by: NonNullable<Watched['by']>): string => BY[by]
export const whereWords = (where: NonNullable<Watched['where']>): string => WHERE[where]
export const lureDidWords = (did: LureDid): string => LURE_DID[did]
export const fishDidWords = (did: FishDid | 'took'): string => FISH_DID[did]
export const triedWords = (then: TriedThen): string => TRIED[then]
export const lostPartWords = (part: LostPart): string => PARTS[part]
