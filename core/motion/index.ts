export { UNTESTED, motionOf, type Basis, type BuildMotion, type TestedMotion } from './build-motion'
export { LABEL_CAST, labelCastDepth, trimForLabel } from './dive-label'
export { LINE_NORMAL_DRAG, cotAtLure, depthOnLine, lineCurvature, reachOnLine } from './line-shape'
export { LINE_TANGENTIAL_DRAG, followCable, type Cable, type CablePoint } from './line-full'
export {
  GRAVITY_MPS2,
  METAL_KG_M3,
  ballDiameterM,
  ballFallMps,
  sphereDrag,
  weightInWaterN,
  type Metal,
} from './drag-curve'
export { dragFromFall, fallenM, secondsToFall } from './fall'
export { crossSpeed, freeFallMps, lineTensionN } from './pull'
export type { CastPlan } from './cast-plan'
export { followCast, newTrack, retrievePath, type Path } from './path'
export { glanceCast } from './glance'
export type { Track } from './track'
export { shareInZone, trackShare, type Reach, type ZoneShare } from './zone'
export { castLengthM } from './cast'
export {
  AIR_KG_M3,
  CAST_ANGLE_DEG,
  TIP_KG,
  castByEnergyM,
  energyForCast,
  flightM,
  launchOf,
  type Flight,
} from './flight'
export { DOWNRIGGER_CABLE, cableForDepth, downrigger, towed, trimOf, type Tow, type TowLine } from './troll'
export {
  FRICTION_DEG,
  dropShotHeightM,
  dropShotLeaderM,
  holdBottomKg,
  linePerTurn,
  speedOfTurns,
  turnsForSpeed,
  type Ground,
} from './bottom'
export { swing, type Swing, type SwingPoint } from './swing'
export { CHANGES, cheapestChange, type Change, type Choice, type InverseInput, type Option } from './cheapest'
