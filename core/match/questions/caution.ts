import { speciesOf, type Conditions, type Reading } from '../../water'

/** What to be careful of in a water, whatever is tied on; words/ says it. */
export type Caution = { readonly code: 'teeth'; readonly species: string } | { readonly code: 'night' }

/** Cautions of a water, the sharpest first: fish whose teeth cut line, and hooks in the dark. */
export function cautionsFor(
  { speciesId }: Pick<Conditions, 'speciesId'>,
  { light }: Pick<Reading, 'light'>,
): Caution[] {
  const species = speciesOf(speciesId)
  return [
    ...(species?.biteProof ? [{ code: 'teeth' as const, species: species.name }] : []),
    ...(light === 'night' ? [{ code: 'night' as const }] : []),
  ]
}
