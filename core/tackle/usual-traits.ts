import { fieldsOf, type Field } from './fields'
import { usualLabelCastM } from './label-cast'
import { familyOf, type FamilyId, type Lure } from './lure'

/** The fields of a family's own traits. */
export const traitFields = (family: FamilyId) => fieldsOf(familyOf(family).traits.shape)

/** Middle-of-the-road traits to start from: the first choice, no, a metre, no filler, a blade of number 3; packets read as those of the other plugs. */
export function usualTraits(family: FamilyId, lures: readonly Lure[] = []): Record<string, unknown> {
  const usual = (f: Field) => {
    if (f.key === 'labelCastM') return usualLabelCastM(lures)
    if (f.usual !== null) return f.usual
    if (f.kind === 'choice') return f.options[0]
    if (f.kind === 'yes-no') return false
    if (f.kind === 'measure') return f.min > 0.01 ? 1 : 0
    return 3
  }
  return Object.fromEntries(traitFields(family).map((f) => [f.key, usual(f)]))
}
