import { LABEL_CAST, STEADY_WIND, type BuildMotion, type CastPlan } from '../core/motion'

/** A steady wind over deep still water, on a cast of 25 m, but for what is said otherwise. */
export const plainCast = (motion: BuildMotion, over: Partial<CastPlan> = {}): CastPlan => ({
  ...STEADY_WIND,
  ...LABEL_CAST,
  castM: 25,
  motion,
  depthM: 60,
  ...over,
})
