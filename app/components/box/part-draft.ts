import { partDraftWords as words } from '../../../words'
import { sayIssue } from '~/components/form/issue'
import { PARTS, type PartKind, type PartOf, fieldsOf, type Field } from '../../../core/tackle'

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
