export { AXES, LINKS, agreementAt, axisOf } from './asked'
export { RULE_GROUPS } from '../../data/rules'
export {
  OwnRule,
  sideShare,
  Practice,
  OPEN_QUESTIONS,
  USUAL_PRACTICE,
  secondShare,
  type Effect,
  type Rule,
  type OpenQuestion,
  type SideChoice,
} from './asked'
export { RULES, RuleWhen, judgedBy, rulesFor } from './asked'
export { OwnTechnique, copyOf, techniqueAmong, techniqueOfOwn, techniquesWith } from './asked'
export { OWN_ID, OfferTest, type Span } from './asked'
export { fitsSetUp } from './asked'
export { demandOf } from './asked'
export { setUpKey, type SetUp } from './setup'
export { benchPlan } from './questions'
export { reachOf } from './asked'
export type { ScoreTerm } from './account'
export { SNAG_LIMIT } from './tuned'
export { contextAgainst } from './against'
export { createMatchContext } from './against'
export type { MatchContext } from './possible'
export { scoreSetUp, type Ranked } from './tuned'
export { bestOf, rank, rankSteps } from './tuned'
export { onOutfits, outfitKey, type OnOutfit } from './questions'
export { rankShared, soughtIn, type SharedRow } from './questions'
export { mendOf, type Mend } from './questions'
export { bestSingleChange, type Improvement } from './questions'
export type { Refusal } from './refusal'
export { withPieces, type Piece } from './questions'
export { matchSteps, matchWater, rowsBehind, rowsOfWays, type MatchAnswer, type MatchRow } from './match-water'
export { baitWays } from './questions'
export { outfitsOf } from './possible'
export { partUse, type PartUse } from './questions'
export { bandsOf, gapTable, type GapCell } from './questions'
export { compareParts } from './questions'
export { cautionsFor, type Caution } from './questions'
export { lawBroken } from './possible'
export { whyNotHere, whyNotLure, type Apart, type WhyNot } from './questions'
export { betterBuy, type BetterBuy } from './questions'
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
} from './questions'
export { findDecisiveQuestions, type DecisiveQuestion } from './questions'
export { beatAt, cadenceOf, howToFish, lawOf, type Cadence, type Note, type PlaceLaw } from './questions'
export { fallOf, waysOf, workedDepthM } from './questions'
export { familyNames, luresFor, rulesOf, showTechnique, type TechniqueShown } from './questions'
export { fittingFor, type Fitting } from './questions'
export { followerAnswer, type FollowerAnswer } from './questions'
export { recordFor, type RecordEntry } from './asked'
export { rankRigs, type Member } from './questions'
