export { sampleOf, outlierIndices } from './sample'
export { predictWithInterval, fit } from './least-squares'
export { isPoor, type Estimate } from './estimate'
export { addedSince, lureAsTested, snapshotState } from './as-tested'
export { fitFall } from './fit-fall'
export { canRest, carriedDifferenceN, fitRest, restSpeedIn, type Carrying } from './fit-rest'
export { diveDepth, fitDive, runningDepthM, withDive } from './fit-dive'
export { castOf, fitSwing } from './fit-cast'
export { dampingOf, measuredCast, rateAction, revivalOf, speedWindow, tearLoad } from './action-scores'
export {
  actionFromProfile,
  motionFromProfile,
  trolledMotion,
  profileFromTests,
  cachedProfile,
  type LureProfile,
} from './lure-profile'
export { countDownTable } from './count-down'
export { pathBand, type Band } from './band'
export { diveChart, lineWorthM, type ChartWay, type DiveChart } from './dive-chart'
export {
  hooksToSuspend,
  inOtherWater,
  leadersToSuspend,
  restSpeedWith,
  stateOf,
  stripM,
  suspend,
} from './buoyancy-tuning'
export {
  bladed,
  cutTo,
  filled,
  isHollow,
  secondsWith,
  trailersOn,
  weightForFall,
  withFiller,
  type Held,
} from './sink-tuning'
export { compareWithReference } from './compare'
export { BenchTest, TEST_KINDS, testForm, type FieldOf, type TestKind } from './tests/kinds'
export { findingOf, kindsFor, seriesPoints } from './tests/register'
export { type TestField } from './tests/form'
export { testsOf } from './tests/tests-of'
export { type SeriesTitle } from './tests/definition'
export { newSeries, paceOf, weighedBy, withReading, withoutReading } from './series'
export { adjustmentsFor, type Adjustment } from './adjustments'
