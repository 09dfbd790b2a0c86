export { AXES, agreementAt, axisOf, type AxisId } from './axis'
export { RULE_GROUPS } from '../../data/rules'
export {
  Effect,
  OwnRule,
  schoolShare,
  Practice,
  RULES,
  RuleWhen,
  SCHOOLS,
  USUAL_PRACTICE,
  rulesFor,
  secondShare,
  type Rule,
  type School,
  type SchoolChoice,
} from './rule'
export { OfferTest } from './offer-test'
export { fitsSetUp } from './habit'
export { demandOf, type Cause, type Demand } from './demand'
export { setUpKey, type Handling, type Outfit, type SetUp } from './setup'
export { castPlanOf } from './cast-of'
export { reachOf } from './reach'
export type { Part } from './score'
export { SNAG_LIMIT, type Thrown } from './throw'
export { benchFor, type Bench, type MatchOptions } from './bench'
export { scoreSetUp, type Ranked } from './account'
export { bestOf, rank, rankSteps, type Placed, type Step } from './rank'
export { bestLift, type Lift } from './lift'
export { sayCause, sayGiven, sayHandling, sayLift, sayMount, sayRig } from './say'
export { matchSteps, matchWater, type MatchStep, type MatchAnswer, type MatchRig, type MatchRow } from './match-water'
export { sayUses } from './part-uses'
export { bandsOf, gapTable, sayGap, type GapCell, type GapTable } from './gaps'
export { compareParts, type ComparedPart } from './compare'
export { lawBroken } from './law'
export { whyNotLure, type Apart, type WhyNot } from './why-not'
export { betterBuy, type BetterBuy } from './better-buy'
export {
  KNOBS,
  knobOf,
  knobValue,
  reignAt,
  sweepSteps,
  turned,
  type Knob,
  type KnobId,
  type Reign,
  type Sweep,
} from './sweep'
export { hingeSteps, schoolsSpeaking, type Hinge } from './hinges'
export {
  beatAt,
  cadenceOf,
  howToFish,
  type Beat,
  type Cadence,
  type Doing,
  type HowTo,
  type Note,
  type Tell,
} from './how-to'
export { NUMBER_WORDS, TEXT_WORDS, either, sayEffect, sayEffects, sayFactValue, sayTest, sayWhen } from './say-rule'
export { fallOf, waysOf, workedDepthM } from './ways'
export { recordFor, waterAlike, type Odds, type OwnRecord, type RecordEntry } from './own-record'
