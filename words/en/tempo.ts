/** A tempo within the range of a technique, 0 … 1, as an angler says it. */
export const sayTempo = (tempo: number): string => STEPS.find(({ under }) => tempo < under)?.tempo ?? 'at its fast end'
/** A patience within it, 0 … 1. */
export const sayPatience = (patience: number): string =>
  STEPS.find(({ under }) => patience < under)?.patience ?? 'its longest rests'

const STEPS = [
  { under: 0.15, tempo: 'at its slow end', patience: 'hardly a rest' },
  { under: 0.38, tempo: 'rather slowly', patience: 'short rests' },
  { under: 0.62, tempo: 'at its usual pace', patience: 'its usual rests' },
  { under: 0.85, tempo: 'rather fast', patience: 'long rests' },
] as const

/** A rest, to half a second where it is short. */
export const sayRest = (seconds: number): string =>
  seconds < 5 ? `${Math.round(seconds * 2) / 2} s` : `${Math.round(seconds)} s`
