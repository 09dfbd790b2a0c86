export { UNTESTED, motionOf, type Basis, type BuildMotion, type TestedMotion } from './build-motion'
export { LABEL_CAST, labelCastDepth, trimForLabel } from './dive-label'
export { cotAtLure, depthOnLine, lineCurvature, reachOnLine } from './line-shape'
export { followCable } from './line-full'
export { GRAVITY_MPS2, METAL_KG_M3, ballFallMps, sphereDrag, weightInWaterN } from './drag-curve'
export { dragFromFall, fallenM, secondsToFall } from './fall'
export { crossSpeed, freeFallMps, lineTensionN } from './pull'
export type { CastPlan } from './cast-plan'
export { followCast, newTrack, retrievePath, type Path } from './path'
export { estimateCast } from './glance'

export { shareInZone, trackShare, type Reach, type ZoneShare } from './zone'
export { castLengthM } from './cast'
export { AIR_KG_M3, castByEnergyM, energyForCast, flightM } from './flight'
export { cableForDepth, downrigger, towed, trimOf } from './troll'
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
export { swing } from './swing'
export { cheapestChange, type Change, type InverseInput, type Option } from './cheapest'
