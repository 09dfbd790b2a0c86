export { ANSWERS, ANSWER_IDS, answerOf, type AnswerId } from './answer'
export {
  ATE,
  Aim,
  Carried,
  EFFORT_BY,
  Entry,
  Fish,
  HOOKED,
  Moment,
  Outing,
  VARIABLES,
  Way,
  hourOf,
  isOver,
  minutesBetween,
  type EntryOf,
  type Said,
  type Variable,
} from './outing'
export { accountOf, bitesOf, landedOf, type Account, type Spot, type Stretch } from './stretches'
export { ORDERED, differing, levelsOf, sizeStep, spotKey, type Fished, type Levels } from './levels'
export { FEATURES, featureOf, spotLabel, spotWords, spotsOf, usualFeature, type Feature } from './spots'
export { expected, learnDay, promise, signsFor, usedTo, type Belief, type Trial } from './belief'
export {
  advise,
  changesFor,
  giveFor,
  goneQuiet,
  minutesOn,
  sizeUnchangedMin,
  trialsOf,
  type Advice,
  type AdviceInput,
  type Change,
  type Stay,
} from './advise'
export { carry } from './carry'
export { isRelative, relativeWeight, sayCondition, standardWeight, type StandardWeight } from './fish'
export { SURE, STRONG, evidence, pairsOf, trialIn, versus, type Pair, type Side, type Versus } from './versus'
