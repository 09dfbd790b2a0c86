import { draftWords as words } from '../../../words'
import { sayIssue } from '~/components/form/issue'
import { itemAt } from '../../../core/list'
import {
  Lure,
  Make,
  PARTS,
  makeFieldsOf,
  type MakeField,
  UNUSED,
  familyOf,
  usualHooks,
  type FamilyId,
  fieldsOf,
  usualTraits,
} from '../../../core/tackle'

/** A lure being typed: everything still to be judged by the schema. */
export type Draft = { [K in Exclude<keyof Lure, 'family' | 'traits' | 'make' | 'beyond'>]: Lure[K] } & {
  make?: Lure['make']
  beyond?: Lure['beyond']
  family: FamilyId
  traits: Record<string, unknown>
}

/** What one cost, asked alike of lures and parts. */
export const COST_FIELD = itemAt(fieldsOf({ cost: PARTS.rods.shape.cost }), 0)

/** The fields of a family's make: all may be left out. */
export const makeFields = (family: FamilyId) => {
  const named = makeFieldsOf(familyOf(family))
  return fieldsOf(Make.shape).filter(({ key }) => named.includes(key as MakeField))
}

export function newDraft(id: string, lures: readonly Lure[] = []): Draft {
  const family: FamilyId = 'crankbait'
  const lengthM = 0.06
  return {
    id,
    family,
    ...UNUSED,
    changes: [],
    name: '',
    lengthM,
    massKg: 0.01,
    colour: { back: 'olive', flank: 'silver', belly: 'white', pattern: 'plain' },
    hooks: usualHooks(family, lengthM),
    condition: 'new',
    traits: usualTraits(family, lures),
  }
}

const FIELD_WORDS: Record<string, string> = {
  name: words.giveItAName,
  lengthM: words.lengthBetweenAndCm,
  massKg: words.weightBetweenG,
  measuredMassKg: words.weighedBetweenG,
  count: words.howManyAWhole,
  cost: words.costAFigureFrom,
  fish: words.fishLandedAWhole,
  notes: words.notesAtMostLetters,
}

/** The lure, or what is still wrong with it, by field. */
export function lureOfDraft(draft: Draft): { ok: true; lure: Lure } | { ok: false; problems: Record<string, string> } {
  const checked = Lure.safeParse(draft)
  if (checked.success) return { ok: true, lure: checked.data }
  const problems: Record<string, string> = {}
  for (const issue of checked.error.issues) {
    const field = String(issue.path[0] ?? '')
    problems[field] ??= FIELD_WORDS[field] ?? sayIssue(issue, draft)
  }
  return { ok: false, problems }
}
