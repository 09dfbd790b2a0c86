import { ROD_ACTIONS, ROD_POWERS, type Rod } from './parts'

/** The rod a way of fishing asks for: steps of power and action between which it is at ease. */
export interface RodNeed {
  readonly power: readonly [Rod['power'], Rod['power']]
  readonly action: readonly [Rod['action'], Rod['action']]
  /** Why, as an angler would say it. */
  readonly why: string
}

function stepsOutside<T>(scale: readonly T[], [low, high]: readonly [T, T], value: T): number {
  const at = scale.indexOf(value)
  return Math.max(scale.indexOf(low) - at, at - scale.indexOf(high), 0)
}

/** Loss per step of power and of action outside the ease. A wrong power is felt more than a wrong action (common practice). */
const LOSS = { power: 0.3, action: 0.2 } as const

/** How well a rod suits a need: 1 at ease, falling by each step outside, never below 0. */
export function rodFit(need: RodNeed, rod: Pick<Rod, 'power' | 'action'>): number {
  const loss =
    LOSS.power * stepsOutside(ROD_POWERS, need.power, rod.power) +
    LOSS.action * stepsOutside(ROD_ACTIONS, need.action, rod.action)
  return Math.max(0, 1 - loss)
}
