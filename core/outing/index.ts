export { ANSWERS, ANSWER_IDS, answerOf, type AnswerId } from './answer'
export {
  ALTERED_IN_HAND,
  SIDES,
  TURNS,
  Carried,
  Entry,
  Fix,
  LONGEST_NOTE,
  MOST_CARRIED,
  MOST_ENTRIES,
  MOST_FIXES,
  MOST_FRIENDS,
  Outing,
  Way,
  deliveryOfWay,
  hourOf,
  isOver,
  minutesBetween,
  type AlteredInHand,
  type EntryOf,
  type NewEntry,
  type Party,
} from './outing'
export {
  ATE,
  FISH_DID,
  Fish,
  HELD_BY,
  HOOKED,
  LOST_HOW,
  LOST_PARTS,
  LURE_DID,
  TRIED_THEN,
  WATCHED_BY,
  WHERE_WATCHED,
  type FishDid,
  type LostHow,
  type LostPart,
  type LureDid,
  type TriedThen,
  type Watched,
} from './told'
export type { Variable } from './variables'
export { accountOf, bitesOf, landedOf } from './stretches'
export type { Account, Boat, Spot, Stretch } from './account'
export {
  BOAT_STEP_MPS,
  ORDERED,
  differing,
  isDrawn,
  levelsOf,
  sizeOfStep,
  spotKey,
  type Fished,
  type Levels,
} from './levels'
export { FEATURES, featureOf, spotLabel, spotsOf, usualFeature } from './spots'
export { leftOutOf, spokenOf, type NotInTable } from './entry-kinds'
export { takeProbability } from './belief'
export { advise } from './advise'
export type { Advice, AdviceInput, AdviceSays, Change } from './advice'
export { changesFor } from './changes'
export { giveFor, minutesOn } from './patience'
export { beginShowings } from './showings'
export { carry, wayId } from './carry'
export { carryAny, type Taken, type Wanted } from './carry-any'
export { conversionsOf, fitWindow, snapsOf, watchedFish, type WatchedFish } from './watched'
export { isRelative, relativeWeight, fishCondition, standardWeight } from './fish'
export {
  MIN_PROBABILITY,
  contenderNames,
  fishesFor,
  likelihoodRatio,
  pairsOf,
  takenWell,
  trialIn,
  versus,
  type Contender,
} from './versus'
export { isWorthKeeping, placedEntries, trackLengthM } from './track'
export { steadied } from './steadied'
export { adviceNow } from './advice-now'
export { boxTallies, tallyChanges } from './box-effects'
export {
  answerEntry,
  followAdvice,
  lastTakeAt,
  newFish,
  nextStop,
  outingTally,
  refuseAdvice,
  stretchesHere,
  takesBySpot,
} from './live'
export {
  asFriends,
  dayIdOf,
  friendsCopy,
  invitationOf,
  isInvitation,
  joined,
  partyOutingId,
  shareAt,
  unplaced,
  withoutTwice,
} from './party'
export { splitKit } from './split'
