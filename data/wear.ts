/** When tackle is due. Common practice throughout; fish landed are the measure, as strikes and snags are not counted. */

/** Fish on a set of hooks before they want sharpening or changing, by wire. */
export const HOOKS_DUE_FISH = { light: 15, medium: 25, heavy: 40 } as const
/** The thin frame of a spinnerbait works best and breaks first: fish at which it is near its end, and at which it is retired. */
export const THIN_WIRE_FISH = { near: 20, end: 30 } as const
/** Soft bodies that are left, at which the next trip may run out. */
export const SOFT_SHORT = 3
