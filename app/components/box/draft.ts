import { Lure, familyOf, type FamilyId } from '../../../core/tackle'
import { fieldsOf } from '../form/fields'

/** A lure being typed: everything still to be judged by the schema. */
export type Draft = { [K in Exclude<keyof Lure, 'family' | 'traits'>]: Lure[K] } & {
  family: FamilyId
  traits: Record<string, unknown>
}

/** The fields of a family's own traits. */
export const traitFields = (family: FamilyId) => fieldsOf(familyOf(family).traits.shape)

/** Middle-of-the-road traits to start from: the first choice, no, a metre. */
export function usualTraits(family: FamilyId): Record<string, unknown> {
  return Object.fromEntries(
    traitFields(family).map(({ key, kind, options }) => [
      key,
      kind === 'choice' ? options[0] : kind === 'yes-no' ? false : 1,
    ]),
  )
}

export function newDraft(id: string): Draft {
  const family: FamilyId = 'crankbait'
  return {
    id,
    family,
    name: '',
    lengthM: 0.06,
    massKg: 0.01,
    measuredMassKg: null,
    colour: { back: 'olive', flank: 'silver', belly: 'white', pattern: 'plain' },
    sound: 'silent',
    count: 1,
    tray: '',
    notes: '',
    traits: usualTraits(family),
  }
}

const FIELD_WORDS: Record<string, string> = {
  name: 'Give it a name of at most 80 letters.',
  lengthM: 'Length: between 1 and 50 cm.',
  massKg: 'Weight: between 0.3 g and 1 kg.',
  measuredMassKg: 'Weighed: between 0.3 g and 1 kg, or empty.',
  count: 'How many: a whole number from 0 to 999.',
  tray: 'Tray: at most 40 letters.',
  notes: 'Notes: at most 500 letters.',
}

/** The lure, or what is still wrong with it, by field. */
export function judge(draft: Draft): { ok: true; lure: Lure } | { ok: false; problems: Record<string, string> } {
  const checked = Lure.safeParse(draft)
  if (checked.success) return { ok: true, lure: checked.data }
  const problems: Record<string, string> = {}
  for (const issue of checked.error.issues) {
    const field = String(issue.path[0] ?? 'name')
    problems[field] ??= FIELD_WORDS[field] ?? issue.message
  }
  return { ok: false, problems }
}
