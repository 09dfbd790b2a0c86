export { UNTESTED, motionOf } from './build-motion'
export type { Basis, BuildMotion, TestedMotion } from './types'
export { LABEL_CAST, labelCastDepth, diveAngleForLabel } from './dive-label'
export { lineAngleCot, depthOnLine, lineDragToTension, reachOnLine } from './line-shape'
export type { Fluid } from './line-drag'
export { integrateCable } from './cable-ode'
export { METAL_KG_M3, ballDiameterM, sphereTerminalVelocityMps, sphereDrag, weightInWaterN } from './drag-curve'
export { dragAreaFromSinkTime, sinkDepthM, sinkTimeS } from './fall'
export { transverseSpeedMps, sinkRateMps } from './pull'
export { STEADY_WIND, type CastPlan } from './cast-plan'
export { depthOnPath, simulateRetrieve, newTrack, retrievePath } from './path'
export type { Path } from './types'
export { LONG_REST_S, estimateCast } from './cast-estimate'
export { BLOWN_OUT_FROM, blowOutMps } from './blow-out'

export { zoneExposure, trackShare, type Fished, type StrikeRange, type TimeByDuty, type ZoneExposure } from './zone'
export {
  airDragM2,
  castBySwingM,
  castLengthM,
  mostCastM,
  handOf,
  launchSpeedMps,
  swingForCast,
  type CastHand,
  type Thrower,
} from './cast'
export { castTable } from './cast-table'
export { AIR_KG_M3, castDistanceM, type CastWind } from './flight'
export { behindBall, cableForDepth, downrigger, trollingDepth, trimOf } from './troll'
export { throughTurn } from './turn'
export { hangAt } from './vertical'
export {
  FRICTION_DEG,
  dropShotHeightM,
  dropShotLeaderM,
  minHoldingMassKg,
  linePerTurn,
  speedOfTurns,
  turnsForSpeed,
  type Ground,
} from './bottom'
export { holdsBottom, staysDown, type DownIn, type StaysDown, type Verdict } from './stays-down'
export { swing, type SwingPoint } from './swing'
export { lineForDepth, towedLine } from './let-out'
export { cheapestChange, type InverseInput, type Option } from './cheapest'
