import { partDraftWords as words } from '../../../words'
import { PARTS, type PartKind, type PartOf, fieldsOf, type Field } from '../../../core/tackle'

/** How each drawer is called: many, one, and what lies in it. */
export const DRAWERS: readonly { kind: PartKind; many: string; one: string; about: string }[] = [
  { kind: 'rods', many: 'Rods', one: 'rod', about: words.theBar },
  { kind: 'reels', many: 'Reels', one: 'reel', about: words.theBarIsHow },
  { kind: 'lines', many: 'Lines', one: 'line', about: words.drawnTenTimes },
  { kind: 'leaders', many: 'Leaders', one: 'leader', about: words.drawnTenTimes },
  { kind: 'heads', many: 'Heads', one: 'head', about: words.drawnToScaleLead },
  { kind: 'hooks', many: 'Hooks', one: 'hook', about: words.drawnToScaleBy },
  { kind: 'sinkers', many: 'Sinkers', one: 'sinker', about: words.drawnToScaleLead },
  { kind: 'trailers', many: 'Trailers', one: 'trailer', about: words.drawnToScaleByTheir },
  { kind: 'blades', many: 'Blades', one: 'blade', about: words.drawnToScaleByShape },
  { kind: 'terminals', many: words.snapsSwivelsRings, one: words.snapOrSwivel, about: words.drawnToScaleByTheirWeight },
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
    problems[key] ??= key === 'name' ? words.giveItAName : `${labels.get(key) ?? key}: ${issue.message}.`
  }
  return { ok: false, problems }
}
