import { BY_WEIGHT, CAST_WITH_KG, FLIES, PITCH_M } from '../../data/casting'
import type { FamilyDefinition } from '../tackle'

/**
 * Length of a cast, m: the angler's own casts with this very lure where they were measured, never longer than the place allows; else the comfortable cast
 * with a 15 g plug, shorter with light lures, longer with heavy ones up to a limit (assumed).
 *
 * @param ownM measured casts with the lure, m
 */
export function castLengthM(
  comfortableM: number,
  massKg: number,
  body: FamilyDefinition['body'],
  where: 'cast' | 'pitch' | 'under-rod',
  ownM?: number,
): number {
  const usual = comfortableM * Math.min(BY_WEIGHT.most, (massKg / CAST_WITH_KG) ** BY_WEIGHT.power) * FLIES[body]
  const far = ownM === undefined ? usual : Math.min(ownM, comfortableM * BY_WEIGHT.most * FLIES[body])
  return where === 'pitch' ? Math.min(PITCH_M, far) : far
}
