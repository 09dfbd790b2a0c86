/** What the water asks: rules of practice, the angler’s record, where the fish are. */
export { AXES, LINKS, agreement, agreementAt, axisOf, logChance, type AxisId, type Link } from './axis'
export { demandOf, type AxisDemand, type Demand, type Preference, type RuleContribution } from './demand'
export { flowHere } from './flow'
export { fitsSetUp, habitsOn, speaksOf, spokenFurther, spokenOf, type Spoken, warningOf } from './habit'
export { RuleWhen } from './rule-when'
export { OWN_ID } from './offer-test'
export { OfferTest, type Span } from './offer-test'
export { recordFor, type OwnRecord, type RecordEntry } from './own-record'
export { reachOf } from './reach'
export {
  OPEN_QUESTIONS,
  OwnRule,
  Practice,
  USUAL_PRACTICE,
  secondShare,
  sideShare,
  type Effect,
  type OpenQuestion,
  type Rule,
  type SideChoice,
} from './rule'
export { RULES, judgedBy, rulesFor } from './rules'
export { OwnTechnique, copyOf, techniqueAmong, techniqueOfOwn, techniquesWith } from './own-technique'
