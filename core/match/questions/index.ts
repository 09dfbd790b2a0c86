/** Questions asked of an answer. */
export { baitWays } from './bait-ways'
export { benchPlan } from './bench-plan'
export { betterBuy, type BetterBuy } from './better-buy'
export { cautionsFor, type Caution } from './caution'
export { compareParts } from './compare'
export { fittingFor, type Fitting } from './fittings'
export { followerAnswer, type FollowerAnswer } from './follower'
export { bandsOf, gapTable, type GapCell } from './gaps'
export { findDecisiveQuestions, type DecisiveQuestion } from './hinges'
export { beatAt, cadenceOf, howToFish, lawOf, type Cadence, type Note, type PlaceLaw } from './how-to'
export { leftOut, type LeftOut } from './left-out'
export { bestSingleChange, type Improvement } from './lift'
export { mendOf, type Mend } from './mend'
export { onOutfits, outfitKey, type OnOutfit } from './on-outfits'
export { partUse, type PartUse } from './part-uses'
export { cheapestRemedy, type Piece, type Remedy, withPieces } from './remedy'
export { rankRigs, type Member } from './rigs'
export { rankShared, soughtIn, type SharedRow } from './shared'
export {
  SWEEP_PARAMETERS,
  leaderAt,
  parameterValue,
  scoresAt,
  sweepParameterOf,
  sweepSteps,
  type LeaderInterval,
  type Sweep,
  type SweepParameter,
  type SweepParameterId,
  withParameter,
} from './sweep'
export { familyNames, luresFor, rulesOf, showTechnique, type TechniqueShown } from './technique-shown'
export { fallOf, waysOf, workedDepthM } from './ways'
export { type Apart, type WhyNot, whyNotHere, whyNotLure } from './why-not'
