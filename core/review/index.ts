export {
  FACTORS,
  MEASURES,
  countOf,
  factorOf,
  triedIn,
  type Factor,
  type FactorId,
  type MeasureId,
  type Tried,
} from './record'
export { clumpingIn, clumpingOf, ratesBy, type Cell, type RateTable } from './rates'
export { BELIEVED, findPatterns, standsOut, type Findings, type Pattern } from './patterns'
export { costsOf, type LureCost } from './costs'
export { THUMB_RULES, holdRules, type Held, type ThumbRule } from './thumb'
export { recordEntries } from './odds'
export { seasonOf, type Season } from './season'
