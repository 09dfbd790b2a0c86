import { partDraftWords as words } from '../../../words'
import { sayIssue } from '~/components/form/issue'
import { PARTS, fieldValue, fieldsOf, type Field, type Part, type PartKind, type PartOf } from '../../../core/tackle'
import type { RoleId } from '../../../core/quantity'
import { capital } from '~/components/form/choices'

/** The drawers, and how what lies in each is drawn. */
export const DRAWERS: readonly { kind: PartKind; about: string }[] = [
  { kind: 'rods', about: words.theBar },
  { kind: 'reels', about: words.theBarIsHow },
  { kind: 'lines', about: words.drawnTenTimes },
  { kind: 'leaders', about: words.drawnTenTimes },
  { kind: 'heads', about: words.drawnToScaleLead },
  { kind: 'hooks', about: words.drawnToScaleBy },
  { kind: 'sinkers', about: words.drawnToScaleLead },
  { kind: 'trailers', about: words.drawnToScaleByTheir },
  { kind: 'blades', about: words.drawnToScaleByShape },
  { kind: 'terminals', about: words.drawnToScaleByTheirWeight },
]

export const partFields = (kind: PartKind): Field[] => fieldsOf(PARTS[kind].shape)

/** The part as it is to be kept, or what is still wrong with it, by field. */
export function judgePart<K extends PartKind>(
  kind: K,
  draft: unknown,
): { ok: true; part: PartOf<K> } | { ok: false; problems: Record<string, string> } {
  const checked = PARTS[kind].safeParse(draft)
  if (checked.success) return { ok: true, part: checked.data as PartOf<K> }
  const labels = new Map(partFields(kind).map((f) => [f.key, f.label]))
  const problems: Record<string, string> = {}
  for (const issue of checked.error.issues) {
    const key = String(issue.path[0] ?? '')
    problems[key] ??= key === 'name' ? words.giveItAName : sayIssue(issue, draft, labels.get(key))
  }
  return { ok: false, problems }
}

/** What the line of figures leaves out: it stands beside it. */
const UNSAID = new Set(['name', 'cost', 'count'])
/** Numbers that need a word beside them. */
const WORDED: Readonly<Record<string, (figure: string) => string>> = {
  gearRatio: (figure) => `${figure} : 1`,
  size: words.size,
  wire: words.wire,
  fights: words.fought,
}

function figureOf(part: Part, field: Field, show: (valueSi: number, role: RoleId) => string): string | null {
  const value = fieldValue(part, field)
  if (typeof value === 'boolean') return value ? field.label : null
  if (typeof value === 'number' && field.kind === 'measure') return show(value, field.role)
  if (typeof value !== 'number' && typeof value !== 'string') return null
  return (WORDED[field.key] ?? capital)(String(value))
}

/** All figures of a part, in the order of its form; the two ends of a range as one. What is not said is left out. */
export function partFigures(kind: PartKind, part: Part, show: (valueSi: number, role: RoleId) => string): string[] {
  const fields = partFields(kind).filter((f) => !UNSAID.has(f.key) && f.kind !== 'from')
  return fields.flatMap((field, i) => {
    const before = fields[i - 1]
    if (field.key.includes('Max') && before?.key.includes('Min')) return []
    const ends = field.key.includes('Min') ? [field, fields[i + 1]] : [field]
    const said = ends.flatMap((end) => (end && figureOf(part, end, show)) ?? [])
    return said.length > 0 ? [said.join(' – ')] : []
  })
}
