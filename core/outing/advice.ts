import type { ColourGroup, Sound } from '../tackle'
import type { AnswerId } from './answer'
import type { OnFollower } from './followers'
import type { Fished } from './levels'
import type { Carried } from './outing'
import type { Account, Spot } from './account'
import type { Variable } from './variables'

/** What the adviser says, by code and figures (min, m, and steps of {@link levelsOf} from 0 up); words/ has the sentences. */
export type AdviceSays =
  | { readonly code: 'too-early'; readonly forMin: number }
  | { readonly code: 'just-taken'; readonly sinceMin: number }
  | { readonly code: 'keep-on' | 'refused' | 'gone-quiet' | 'untried' }
  | { readonly code: 'move'; readonly spot: Spot | null; readonly stop: number | null }
  | { readonly code: 'depth'; readonly step: number; readonly depthM: number; readonly waterM: number }
  | { readonly code: 'speed' | 'cadence'; readonly step: number; readonly way: string }
  | { readonly code: 'boat-speed'; readonly faster: boolean; readonly mps: number }
  | { readonly code: 'size'; readonly smaller: boolean; readonly rig: string; readonly lengthM: number }
  | { readonly code: 'fall'; readonly slower: boolean; readonly rig: string; readonly fallMps: number }
  | {
      readonly code: 'on-follower'
      readonly tried: OnFollower
      readonly odds: { readonly median: number; readonly low: number; readonly high: number }
    }
  | { readonly code: 'companions' | 'followers'; readonly fish: number }
  | { readonly code: 'colour'; readonly to: ColourGroup; readonly rig: string }
  | { readonly code: 'action'; readonly step: number; readonly rig: string }
  | { readonly code: 'sound'; readonly to: Sound; readonly rig: string }
  | { readonly code: 'direction'; readonly aim: number }
  | { readonly code: 'family'; readonly rig: string }
  | { readonly code: 'sign'; readonly answer: AnswerId }
  | { readonly code: 'size-forgotten'; readonly hours: number }
  | { readonly code: 'tried'; readonly answers: number; readonly minutes: number }

export interface Stay {
  readonly kind: 'stay'
  readonly says: AdviceSays
  readonly facts: readonly number[]
  /** For how much longer, min. */
  readonly forMin: number
}

/** One thing to change: to what, why, and for how long to give it. */
export interface Change {
  readonly kind: 'change'
  readonly variable: Variable
  readonly to: Fished
  /** What changes along with it, because what is carried leaves no other way. */
  readonly also: readonly Variable[]
  readonly does: AdviceSays
  readonly why: AdviceSays
  readonly facts: readonly number[]
  readonly giveMin: number
  /** How many times the answers it may bring: middle, and from to. */
  readonly gain: { readonly median: number; readonly low: number; readonly high: number }
}
export type Advice = Stay | Change

export interface AdviceInput {
  readonly account: Account
  readonly carried: readonly Carried[]
  /** Spots that can be fished: those here, and those known from before. */
  readonly spots: readonly Spot[]
  /** Whether the fish sought go in schools. */
  readonly schooling: boolean
  readonly now: string
}
