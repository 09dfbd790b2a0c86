import { z } from '../zod'
import type { DeliveryId } from './delivery'
import { RIG_TYPES as TABLE } from '../../data/rig-types'

const id = z.string().min(1).max(80)
const part = id.nullable()

export type RigTypeId = (typeof TABLE)[number]['id']
const TYPES = TABLE.map((type) => type.id)

/** Where a further lure hangs on the same line: behind the first, on a dropper above it, on an arm of an umbrella. */
export const FURTHER_AT = ['behind', 'above', 'arm'] as const

/** A further lure on the same line; a dummy carries no hook and only makes the shoal. */
const Further = z.strictObject({
  lureId: id,
  at: z.enum(FURTHER_AT),
  /** From the first lure, m. */
  metres: z.number().min(0).max(5),
  dummy: z.boolean(),
})
export type Further = z.infer<typeof Further>

/** A rig as it is tied: what it joins, by id; nothing where a joint is left open. */
export const Rig = z.strictObject({
  id,
  name: z.string().trim().min(1).max(80),
  type: z.enum(TYPES),
  lureId: part,
  headId: part,
  hookId: part,
  sinkerId: part,
  trailerId: part,
  terminalId: part,
  leaderId: part,
  lineId: part,
  rodId: part,
  /** Strength of a deliberately weak link, N; only where the way of rigging has one. */
  weakLinkN: z.number().positive().max(500).nullable(),
  /** A stinger hook trailed behind the main one. */
  stinger: z.boolean(),
  /** What else hangs on the line. */
  further: z.array(Further).max(12).default([]),
  notes: z.string().max(500),
})
export type Rig = z.infer<typeof Rig>

/** A way of rigging: which parts it takes, and how the match sees it. */
export interface RigType {
  readonly id: RigTypeId
  readonly name: string
  readonly about: string
  /** How the body is hooked. */
  readonly mount: 'own' | 'head' | 'texas' | 'belly' | 'wacky' | 'drop-shot'
  /** The ways of fishing it is tied for; all that its lure is fished in where none are named. */
  readonly deliveries?: readonly DeliveryId[]
  /** Where a second lure belongs on it. */
  readonly second?: Further['at']
  readonly bodies: readonly ('hard' | 'soft' | 'wire' | 'metal' | 'jig')[]
  readonly families?: readonly string[]
  readonly needs: readonly RigPart[]
  readonly may: readonly RigPart[]
  readonly headKinds?: readonly string[]
  readonly hookStyles?: readonly string[]
  readonly sinkerKinds?: readonly string[]
  readonly terminalKinds?: readonly string[]
  readonly weakLink?: boolean
  readonly tip?: string
}
export type RigPart = 'head' | 'hook' | 'sinker' | 'trailer' | 'terminal'

export const RIG_TYPES: readonly RigType[] = TABLE
const BY_ID = new Map<string, RigType>(RIG_TYPES.map((type) => [type.id, type]))

/** @throws Error on an id that data/rig-types does not hold */
export function rigTypeOf(typeId: RigTypeId): RigType {
  const found = BY_ID.get(typeId)
  if (!found) throw new Error(`type of rig ${typeId} is not in data/rig-types`)
  return found
}
