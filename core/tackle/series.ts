import type { Colouring } from './colour'
import type { Lure } from './lure'

/** One body in several colours and weights. An empty list leaves that side as it is. */
export interface VariantSpec {
  readonly colours: readonly { readonly label: string; readonly colour: Colouring }[]
  readonly masses: readonly { readonly label: string; readonly massKg: number }[]
}

/**
 * Every combination of the wished colours and weights of one lure, named after it; nothing of the first one's life (weighing, fish, changes, photo)
 * goes with them. The combination that the first lure itself is, is left out, unless it is not in the box yet: `first`.
 */
export function seriesOf(
  base: Lure,
  { colours, masses }: VariantSpec,
  newId: () => string,
  { first = false } = {},
): Lure[] {
  if (first && colours.length + masses.length === 0) return []
  const looks = colours.length > 0 ? colours : [{ label: '', colour: base.colour }]
  const weights = masses.length > 0 ? masses : [{ label: '', massKg: base.massKg }]
  return looks.flatMap(({ label: look, colour }) =>
    weights.flatMap(({ label: weight, massKg }): Lure[] => {
      if (!first && JSON.stringify(colour) === JSON.stringify(base.colour) && massKg === base.massKg) return []
      const name = [base.name, look, weight].filter(Boolean).join(' ').slice(0, 80).trim()
      return [{ ...duplicateOf(base, newId()), name, colour, massKg }]
    }),
  )
}

/** The same lure bought again: a life of its own. */
export function duplicateOf(lure: Lure, id: string): Lure {
  return {
    ...lure,
    id,
    measuredMassKg: null,
    alteredKg: 0,
    fish: 0,
    condition: 'new',
    photoId: null,
    changes: [],
    notes: '',
  }
}
