import { LABEL_CAST, STEADY_WIND, type BuildMotion, type CastPlan } from '../motion'

/** A steady wind over deep still water, on the label's cast, but for what is said otherwise. */
export const plainCast = (motion: BuildMotion, over: Partial<CastPlan> = {}): CastPlan => ({
  ...STEADY_WIND,
  ...LABEL_CAST,
  motion,
  depthM: 60,
  ...over,
})
