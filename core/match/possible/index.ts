/** Techniques and tackle that can be, in one water. */
export { anchored } from './anchor'
export {
  candidatesFor,
  candidatesOf,
  prospectsFor,
  prospectsOf,
  setUpOf,
  type Candidate,
  type Prospect,
  variantsHere,
} from './candidates'
export { castPlanOf, countDowns, dropperM, handlings, rodTips } from './cast-of'
export { buildVariants, evaluateBuild, type EvaluatedBuild } from './dressed'
export { handOffers } from './hand-offers'
export { bringsLead, lawBroken, lineBroken } from './law'
export { letOutM } from './let-out'
export type { MatchContext, MatchOptions } from './match-context'
export type { OnLine } from './on-line'
export { onTackle } from './on-tackle'
export {
  buildRefusal,
  isBiteProof,
  outfitsOf,
  rejectionReason,
  requiredStrengthN,
  rodCanCast,
  stealthAgreement,
  tackleOf,
  tackleOptions,
  type Tackle,
  workRefusal,
} from './outfit'
export { downIn, linesThatHold } from './stay-down'
export { fishAsked, tackleAsked, type TackleAsked } from './tackle-asked'
export { tackleFit } from './tackle-fit'
export { throwsIn } from './throws'
export { workAgain, worksOfBuild } from './works'
