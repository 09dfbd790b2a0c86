/**
 * Hooks: how much steel, and what each style does. Common practice; masses from memory (typical catalogue values, makers differ by a good fifth).
 */

/** Mass of a round-bend treble of medium wire: `perGap` × gap^`power`, gap in mm, g. Gives #10 0.3 g, #6 0.9 g, #2 2.1 g, 1/0 3.7 g. */
export const TREBLE_MASS = { perGap: 0.0075, power: 2.5 } as const
export const WIRE_MASS = { light: 0.8, medium: 1, heavy: 1.3 } as const

/**
 * What hangs on a lure. `mass`: of a treble of that size; `points`: how many points; `snag`: how readily it hangs up beside a round-bend treble.
 * In-turned points slip off wood a little more readily than outward ones.
 */
export const HUNG_STYLES = {
  'round treble': { mass: 1, points: 3, snag: 1 },
  'in-turned treble': { mass: 1.05, points: 3, snag: 0.9 },
  single: { mass: 0.5, points: 1, snag: 0.67 },
  assist: { mass: 0.45, points: 1, snag: 0.67 },
  moulded: { mass: 0, points: 1, snag: 1 },
} as const

/** Styles of loose hooks: the mount they are for, how exposed the point rides (0 buried … 1 bare), and their points. */
export const LOOSE_STYLES = {
  offset: { mount: 'texas', exposed: 0.05, points: 1 },
  'straight-shank': { mount: 'texas', exposed: 0.1, points: 1 },
  'finesse-hybrid': { mount: 'texas', exposed: 0.1, points: 1 },
  'belly-weighted': { mount: 'belly', exposed: 0.12, points: 1 },
  wacky: { mount: 'wacky', exposed: 0.45, points: 1 },
  'drop-shot': { mount: 'drop-shot', exposed: 0.35, points: 1 },
  'round treble': { mount: null, exposed: 1, points: 3 },
  'in-turned treble': { mount: null, exposed: 0.9, points: 3 },
  single: { mount: null, exposed: 0.67, points: 1 },
  assist: { mount: null, exposed: 0.67, points: 1 },
  stinger: { mount: null, exposed: 0.8, points: 1 },
} as const

/**
 * Gap of a hook by the body it goes into: so many times its thickness and its length. `fills`: of the cylinder of its length and thickness so much is body. Fitted to
 * sizes of common practice; `free`: about a size either way costs nothing, in natural logarithms of the gap, `width`: beyond that little is left of the agreement.
 */
export const HOOK_BY_BODY = { thick: 0.8, long: 0.06, fills: 0.85, densityKgM3: 1080, free: 0.15, width: 0.3 } as const
