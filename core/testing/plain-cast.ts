import { IN_STILL_WATER, LABEL_CAST, type BuildMotion, type CastPlan } from '../motion'

/** A steady wind over deep still water, on the label's cast, but for what is said otherwise. */
export const plainCast = (motion: BuildMotion, over: Partial<CastPlan> = {}): CastPlan => ({
  ...LABEL_CAST,
  ...IN_STILL_WATER,
  motion,
  surface: false,
  depthM: 60,
  countDownS: 0,
  pullDurationS: 1,
  pauseS: 0,
  slack: false,
  delivery: 'cast',
  heldAboveBottomM: null,
  ...over,
})
