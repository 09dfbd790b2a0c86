export {
  FACTORS,
  MEASURES,
  countAnswers,
  factorOf,
  effortRows,
  type FactorId,
  type MeasureId,
  type EffortRow,
} from './record'
export { ratesBy, type RateTable } from './rates'
export { ALPHA, findPatterns, type Findings } from './patterns'
export { costsOf } from './costs'
export { checkRules } from './thumb'
export { recordEntries } from './odds'
export { dayEnd } from './day-end'
export { HOOKED_BY, companionsBy, hookedFish, landedBy, partsLost, sizesBy, whyLost, type HookedBy } from './hooked'
export { seasonSummary } from './season'
