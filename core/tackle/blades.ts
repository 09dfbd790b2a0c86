import { BLADE_FORM, BLADE_LENGTH_MM, BLADE_SHEET } from '../../data/blades'

export const BLADE_SHAPES = ['willow', 'turtle-back', 'indiana', 'colorado'] as const
export type BladeShape = (typeof BLADE_SHAPES)[number]

/** Length of a blade by its number (0 … 8), mm (data/blades; typical). */
export function bladeLengthMm(shape: BladeShape, size: number): number {
  return (BLADE_LENGTH_MM.base + BLADE_LENGTH_MM.perSize * size) * BLADE_FORM[shape].stretch
}

/**
 * Mass of a stamped brass blade, kg: outline × thickness × density (data/blades; typical).
 * @example bladeMassKg('colorado', 4) // about 0.002
 */
export function bladeMassKg(shape: BladeShape, size: number): number {
  const length = bladeLengthMm(shape, size) / 1000
  const { width, fills } = BLADE_FORM[shape]
  return length * length * width * fills * (BLADE_SHEET.thicknessMm / 1000) * BLADE_SHEET.densityKgM3
}
