import { z } from '../zod'

/** What can be told of an answer once it is written down: all of it optional, each a tap of its own. */

const id = z.string().min(1).max(80)

export const HOOKED = ['inside', 'edge', 'outside'] as const
export const ATE = ['winding', 'pause', 'fall'] as const
/** Which hook of a lure held: one at its tail tells of a fish that came from behind and late (fact 66). */
export const HELD_BY = ['front', 'middle', 'tail'] as const

export const Fish = z.strictObject({
  speciesId: z.string().min(1).max(40),
  lengthM: z.number().min(0.03).max(4).nullable(),
  massKg: z.number().min(0.001).max(500).nullable(),
  /** Where the hook sat: well inside the mouth, at its edge, or outside. */
  hooked: z.enum(HOOKED).nullable(),
  ate: z.enum(ATE).nullable(),
  released: z.boolean(),
  heldBy: z.enum(HELD_BY).nullable().optional(),
  /** A photo, kept in the browser and in archives. */
  photoId: id.optional(),
})
export type Fish = z.infer<typeof Fish>

/** Why a fish that was on came off. */
export const LOST_HOW = ['jumped', 'at-the-net', 'hook-pulled', 'hook-opened', 'line-broke', 'in-cover'] as const
export type LostHow = (typeof LOST_HOW)[number]

/** A fish that was watched, by eye or on the sounder: where it was, what the lure did, and what that did to it. */
export const WATCHED_BY = ['eye', 'sounder'] as const
export const WHERE_WATCHED = ['below', 'behind', 'beside', 'above'] as const
export const LURE_DID = ['steady', 'slower', 'faster', 'stopped', 'snapped', 'dropped', 'turned'] as const
export const FISH_DID = ['stayed', 'came', 'followed', 'turned-away'] as const
/** What was tried on it next. */
export const TRIED_THEN = ['nothing', 'drop', 'second-lure', 'faster', 'stop'] as const
export type LureDid = (typeof LURE_DID)[number]
export type FishDid = (typeof FISH_DID)[number]
export type TriedThen = (typeof TRIED_THEN)[number]

export const Watched = z.strictObject({
  by: z.enum(WATCHED_BY).optional(),
  where: z.enum(WHERE_WATCHED).optional(),
  /** How far from the lure, m. */
  offM: z.number().min(0).max(30).optional(),
  lureDid: z.enum(LURE_DID).optional(),
  /** Told where the answer itself does not say it. */
  fishDid: z.enum(FISH_DID).optional(),
  then: z.enum(TRIED_THEN).optional(),
})
export type Watched = z.infer<typeof Watched>

/** What is lost on the bottom and is no lure. */
export const LOST_PARTS = ['sinker', 'leader', 'hook', 'trailer'] as const
export type LostPart = (typeof LOST_PARTS)[number]
