/** Why a lure, a rig or tackle cannot be fished in a water; words/ says it. */
export type Refusal =
  | {
      readonly code:
        | 'part-missing'
        | 'reel-off-rod'
        | 'used-up'
        | 'rod-cannot-cast'
        | 'lowered-only'
        | 'breaks-on-cast'
        | 'line-off-rod'
        | 'too-weak'
        | 'not-bite-proof'
        | 'hangs-up'
        | 'no-hook-fits'
        | 'no-tackle-holds'
        | 'no-rod'
        | 'no-reel'
        | 'no-line'
        | 'no-line-on-reel'
        | 'no-rod-casts'
        | 'trebles'
        | 'lead'
        | 'not-from-here'
        | 'still-water'
        | 'idle-here'
        | 'other-way'
        | 'carried-off'
    }
  | { readonly code: 'too-many-hooks'; readonly hooks: number; readonly allowed: number }
  | { readonly code: 'too-many-lures'; readonly lures: number; readonly allowed: number }
