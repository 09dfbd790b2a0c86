import type { FamilyDefinition } from '../tackle'

/** How far each kind of body flies against a plug of the same weight. Common practice: metal far, wire and blades short. */
const FLIES: Record<FamilyDefinition['body'], number> = { metal: 1.25, hard: 1, jig: 1, soft: 0.95, wire: 0.9 }
const PITCH_M = 8

/**
 * Length of a cast, m: the angler's comfortable cast with a 15 g plug, shorter with light lures, longer with heavy ones up to a limit.
 * Assumed until the angler's own casts are measured.
 */
export function castLengthM(
  comfortableM: number,
  massKg: number,
  body: FamilyDefinition['body'],
  where: 'cast' | 'pitch' | 'under-rod',
): number {
  const far = comfortableM * Math.min(1.15, (massKg / 0.015) ** 0.22) * FLIES[body]
  return where === 'pitch' ? Math.min(PITCH_M, far) : far
}
