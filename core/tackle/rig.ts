import { z } from '../zod'
import { RIG_WAYS as TABLE } from '../../data/rig-ways'

const id = z.string().min(1).max(80)
const part = id.nullable()

export type RigWayId = (typeof TABLE)[number]['id']
const WAYS = TABLE.map((way) => way.id)

/** A rig as it is tied: what it joins, by id; nothing where a joint is left open. */
export const Rig = z.strictObject({
  id,
  name: z.string().trim().min(1).max(80),
  way: z.enum(WAYS),
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
export interface RigWay {
  readonly id: RigWayId
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

export const RIG_WAYS: readonly RigWay[] = TABLE
const BY_ID = new Map<string, RigWay>(RIG_WAYS.map((way) => [way.id, way]))

/** @throws Error on an id that data/rig-ways does not hold */
export function rigWayOf(wayId: RigWayId): RigWay {
  const found = BY_ID.get(wayId)
  if (!found) throw new Error(`way of rigging ${wayId} is not in data/rig-ways`)
  return found
}
