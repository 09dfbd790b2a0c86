export { sampleOf, standingApart, type Sample } from './sample'
export { HELD, carried, fit, type Believed, type Fit } from './least-squares'
export { isPoor, measured, type Figure, type Posterior } from './figure'
export { addedSince, lureAsTested, motionAsTested, standing } from './as-tested'
export { canFall, fitFall, type Fitted, type Residual } from './fit-fall'
export {
  canRest,
  carriedDifferenceN,
  fitRest,
  restSpeed,
  restSpeedIn,
  restWeightN,
  type Carrying,
  type Rest,
} from './fit-rest'
export { diveDepth, fitDive, runningDepthM, withDive, type DiveCast } from './fit-dive'
export { airDragM2, castOf, fitSwing, type Swinging } from './fit-cast'
export {
  dampingOf,
  measuredCast,
  rateAction,
  revivalOf,
  sayTear,
  speedWindow,
  tearLoad,
  type ActionRated,
  type Revival,
} from './rate'
export { knownAction, knownMotion, knownOf, testedIn, testedMotion, type Known } from './known'
export { countDownTable, type Count } from './count-down'
export { pathBand, type Band } from './band'
export { diveChart, lineWorthM, type ChartLine, type ChartWay, type DiveChart } from './dive-chart'
export {
  hooksToSuspend,
  inOtherWater,
  leadersToSuspend,
  restSpeedWith,
  stateOf,
  stripM,
  suspend,
  type HookChoice,
  type Suspend,
} from './tune-rest'
export {
  bladed,
  cutTo,
  filled,
  isHollow,
  secondsWith,
  trailersOn,
  weightForFall,
  type Bladed,
  type Held,
  type Sinking,
} from './tune-more'
export { against, findingOf, kindsFor, type Against, type Finding } from './summary'
export {
  newSeries,
  paceOf,
  weighedBy,
  withReading,
  withoutReading,
  type SeriesProblem,
  type SeriesResult,
} from './series'
