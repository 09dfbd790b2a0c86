export * from './screens'
export { VARIABLE_WORDS, sayAdvice } from './advice'
export { alteredWords, answerWords } from './answers'
export { sayAdjustment, sayBasis, seriesTitle } from './bench'
export { testLabel, testWords } from './bench-tests'
export { sayCaution } from './cautions'
export { sayCondition } from './condition'
export { effortWordsAt, sayEntry } from './entries'
export { sayFileProblem, sayNotInTable, saySlip, sayStoredProblem } from './files'
export { noteWords, sayLaw } from './fishing'
export { EFFORT_WORDS, deliveryWords, sayStand } from './deliveries'
export {
  fishDidWords,
  heldByWords,
  hookedWords,
  lostHowWords,
  lostPartWords,
  lureDidWords,
  triedWords,
  watchedByWords,
  whereWords,
} from './told'
export { GLOSSARY } from './glossary'
export { RIG_PARTS, THINGS } from './things'
export { both, capital, count, either, percent, plural } from './grammar'
export { sayFitting, sayJoint } from './joints'
export { sayGap, sayHinge, sayHolds, sayKnob } from './match'
export { sayUse } from './parts'
export { sayFurtherAt, sayMember } from './rigs'
export {
  factorName,
  levelName,
  sayAdds,
  sayHours,
  sayJob,
  sayAlternative,
  sayLevel,
  sayProof,
  sayShare,
  sayShort,
  sayWay,
} from './plan'
export { questionWords } from './questions'
export {
  labelledRig,
  sayCause,
  sayContribution,
  sayGiven,
  sayHandling,
  sayLacking,
  sayLift,
  sayLine,
  sayMend,
  sayMount,
  sayRig,
} from './reasons'
export { sayLeftOut, sayPiece } from './remedy'
export { sayRefusal } from './refusals'
export { featureName } from './features'
export { sayEffect, sayEffects, sayFeatureValue, sayMountKind, sayRule, sayTest, sayWhen } from './rules'
export { spotWords } from './spots'
export { sayQuick, sayQuickProblem, sayCare, sayChange, sayHooks, sayUnusual, sayWeights } from './tackle'
export { sayRest } from './tempo'
export { thumbRuleName } from './thumb'
export { clockAt, clockTime } from './time'
export {
  sayCastInWind,
  sayCastTo,
  sayColumn,
  sayDensity,
  sayHolding,
  sayMud,
  sayPlaceLaw,
  sayShoal,
  saySign,
  saySky,
  sayStranger,
  sayTide,
  sayTrend,
} from './water'
export { fieldName, sayFault } from './faults'
export { LAKE_ASSUMES, lessonWords, sayLessonResult, sayWanted } from './practice'
export { sayFailure, sharedHere, tableName } from './store'
