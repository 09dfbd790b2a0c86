import equal from 'fast-deep-equal'

/** Three states of one thing, brought together; or the fields on which two hands disagree. */
export type Merged =
  | { readonly ok: true; readonly item: unknown }
  | { readonly ok: false; readonly fields: readonly string[] }

const isThing = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * Brings a change into what is stored now. Fields that the change leaves as they were stay as they are stored; a field that both have changed, to
 * different values, is named.
 *
 * @param base what the change started from; null where there was nothing
 * @param mine what it makes of it; null to take the thing away
 * @param theirs what is stored now; null where there is nothing
 */
export function threeWay(base: unknown, mine: unknown, theirs: unknown): Merged {
  if (equal(base, theirs)) return { ok: true, item: mine }
  if (equal(mine, theirs)) return { ok: true, item: theirs }
  if (!isThing(base) || !isThing(mine) || !isThing(theirs)) return { ok: false, fields: [] }
  const item: Record<string, unknown> = { ...theirs }
  const fields: string[] = []
  for (const key of new Set([...Object.keys(base), ...Object.keys(mine), ...Object.keys(theirs)])) {
    if (equal(base[key], mine[key])) continue
    if (!equal(base[key], theirs[key]) && !equal(mine[key], theirs[key])) fields.push(key)
    else if (key in mine) item[key] = mine[key]
    else Reflect.deleteProperty(item, key)
  }
  return fields.length > 0 ? { ok: false, fields } : { ok: true, item }
}
