export { AXES, LINKS, agreementAt, axisOf } from './axis'
export { RULE_GROUPS } from '../../data/rules'
export {
  OwnRule,
  sideShare,
  Practice,
  RuleWhen,
  OPEN_QUESTIONS,
  USUAL_PRACTICE,
  secondShare,
  type Effect,
  type Rule,
  type OpenQuestion,
} from './rule'
export { RULES, rulesFor } from './rules'
export { OfferTest, type Span } from './offer-test'
export { fitsSetUp } from './habit'
export { demandOf } from './demand'
export { setUpKey, type SetUp } from './setup'
export { benchPlan } from './bench-plan'
export { reachOf } from './reach'
export type { ScoreTerm } from './score'
export { SNAG_LIMIT } from './cast-evaluation'
export { contextAgainst } from './create-context'
export { createMatchContext } from './set-against'
export type { MatchContext } from './match-context'
export { scoreSetUp, type Ranked } from './score-breakdown'
export { bestOf, rank, rankSteps } from './rank'
export { onOutfits, outfitKey, type OnOutfit } from './on-outfits'
export { rankShared, soughtIn, type SharedRow } from './shared'
export { mendOf, type Mend } from './mend'
export { bestSingleChange, type Improvement } from './lift'
export type { Refusal } from './refusal'
export { withPieces, type Piece } from './remedy'
export { matchSteps, matchWater, rowsBehind, rowsOfWays, type MatchAnswer, type MatchRow } from './match-water'
export { baitWays } from './bait-ways'
export { outfitsOf } from './outfit'
export { partUse, type PartUse } from './part-uses'
export { bandsOf, gapTable, type GapCell } from './gaps'
export { compareParts } from './compare'
export { cautionsFor, type Caution } from './caution'
export { lawBroken } from './law'
export { whyNotHere, whyNotLure, type Apart, type WhyNot } from './why-not'
export { betterBuy, type BetterBuy } from './better-buy'
export {
  SWEEP_PARAMETERS,
  sweepParameterOf,
  parameterValue,
  leaderAt,
  scoresAt,
  sweepSteps,
  withParameter,
  type SweepParameter,
  type SweepParameterId,
  type LeaderInterval,
  type Sweep,
} from './sweep'
export { findDecisiveQuestions, type DecisiveQuestion } from './hinges'
export { beatAt, cadenceOf, howToFish, lawOf, type Cadence, type Note, type PlaceLaw } from './how-to'
export { fallOf, waysOf, workedDepthM } from './ways'
export { familyNames, luresFor, rulesOf, showTechnique, type TechniqueShown } from './technique-shown'
export { recordFor, type RecordEntry } from './own-record'
export { rankRigs, type Member } from './rigs'
