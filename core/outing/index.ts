export { ANSWERS, ANSWER_IDS, answerOf, type AnswerId } from './answer'
export {
  ALTERED_IN_HAND,
  ATE,
  SIDES,
  TURNS,
  Carried,
  Entry,
  Fish,
  HOOKED,
  LONGEST_NOTE,
  MOST_ENTRIES,
  Outing,
  Way,
  deliveryOfWay,
  hourOf,
  isOver,
  minutesBetween,
  type AlteredInHand,
  type EntryOf,
  type NewEntry,
} from './outing'
export type { Variable } from './variables'
export { accountOf, bitesOf, landedOf, type Account, type Boat, type Spot, type Stretch } from './stretches'
export { BOAT_STEP_MPS, ORDERED, isDrawn, levelsOf, spotKey, type Fished, type Levels } from './levels'
export { FEATURES, featureOf, spotLabel, spotsOf, usualFeature } from './spots'
export { takeProbability } from './belief'
export { advise } from './advise'
export type { Advice, AdviceInput, AdviceSays, Change } from './advice'
export { changesFor } from './changes'
export { giveFor, minutesOn } from './patience'
export { beginShowings } from './showings'
export { carry } from './carry'
export { isRelative, relativeWeight, fishCondition, standardWeight } from './fish'
export { MIN_PROBABILITY, pairsOf, trialIn, versus } from './versus'
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
