import { CAST_BY_MASS, CAST_WITH_KG, CAST_FACTOR_BY_BODY, PITCH_M } from '../../data/casting'
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
  delivery: 'cast' | 'pitch' | 'vertical',
  ownM?: number,
): number {
  const usual =
    comfortableM *
    Math.min(CAST_BY_MASS.most, (massKg / CAST_WITH_KG) ** CAST_BY_MASS.power) *
    CAST_FACTOR_BY_BODY[body]
  const far = ownM === undefined ? usual : Math.min(ownM, comfortableM * CAST_BY_MASS.most * CAST_FACTOR_BY_BODY[body])
  return delivery === 'pitch' ? Math.min(PITCH_M, far) : far
}
