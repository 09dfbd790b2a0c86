import { z } from '../zod'
import { RIG_TYPES as TABLE } from '../../data/rig-types'

const id = z.string().min(1).max(80)
const part = id.nullable()

export type RigTypeId = (typeof TABLE)[number]['id']
const TYPES = TABLE.map((type) => type.id)

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
  notes: z.string().max(500),
})
export type Rig = z.infer<typeof Rig>

/** A way of rigging: which parts it takes, and how the match sees it. */
export interface RigType {
  readonly id: RigTypeId
  readonly name: string
  readonly about: string
  /** How the body is hooked; null where the match does not know how to fish it. */
  readonly mount: 'own' | 'head' | 'texas' | 'belly' | 'wacky' | 'drop-shot' | null
  readonly bodies: readonly ('hard' | 'soft' | 'wire' | 'metal' | 'jig')[]
  readonly families?: readonly string[]
  readonly needs: readonly RigPart[]
  readonly may: readonly RigPart[]
  readonly headKinds?: readonly string[]
  readonly hookStyles?: readonly string[]
  readonly sinkerKinds?: readonly string[]
  readonly terminalKinds?: readonly string[]
  readonly trolled?: boolean
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
