import { PARTS, type PartKind, type PartOf, fieldsOf, type Field } from '../../../core/tackle'

/** How each drawer is called: many, one, and what lies in it. */
export const DRAWERS: readonly { kind: PartKind; many: string; one: string; about: string }[] = [
  { kind: 'rods', many: 'Rods', one: 'rod', about: 'The bar is the weights it throws.' },
  { kind: 'reels', many: 'Reels', one: 'reel', about: 'The bar is how fast an easy hand winds.' },
  { kind: 'lines', many: 'Lines', one: 'line', about: 'Drawn ten times as thick as they are.' },
  { kind: 'leaders', many: 'Leaders', one: 'leader', about: 'Drawn ten times as thick as they are.' },
  { kind: 'heads', many: 'Heads', one: 'head', about: 'Drawn to scale, lead by its weight.' },
  { kind: 'hooks', many: 'Hooks', one: 'hook', about: 'Drawn to scale by their gap.' },
  { kind: 'sinkers', many: 'Sinkers', one: 'sinker', about: 'Drawn to scale, lead by its weight.' },
  { kind: 'trailers', many: 'Trailers', one: 'trailer', about: 'Drawn to scale by their length.' },
  { kind: 'blades', many: 'Blades', one: 'blade', about: 'Drawn to scale by shape and number.' },
  { kind: 'terminals', many: 'Snaps, swivels, rings', one: 'snap or swivel', about: 'Drawn to scale by their weight.' },
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
    problems[key] ??=
      key === 'name' ? 'Give it a name of at most 80 letters.' : `${labels.get(key) ?? key}: ${issue.message}.`
  }
  return { ok: false, problems }
}
