import { BY_WEIGHT, CAST_WITH_KG, FLIES, PITCH_M } from '../../data/casting'
import type { FamilyDefinition } from '../tackle'

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
  const far = comfortableM * Math.min(BY_WEIGHT.most, (massKg / CAST_WITH_KG) ** BY_WEIGHT.power) * FLIES[body]
  return where === 'pitch' ? Math.min(PITCH_M, far) : far
}
