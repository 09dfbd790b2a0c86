import type { Tackle } from './outfit'

/** Rod, reel, line and leader that one way of fishing is tried on. */
export interface OnLine {
  readonly rigging: Tackle
  /** Length of the cast, m. */
  readonly castM: number
  /** Logarithm of the chance, but for the path. */
  readonly logBeforeCast: number
}
