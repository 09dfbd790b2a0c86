import type { z } from './zod'

/** What a schema refuses, by kind and figures: words/ says it. No value longer than a line is carried along. */
export type SchemaFault =
  | { readonly kind: 'missing' }
  | { readonly kind: 'unknown-field'; readonly keys: readonly string[] }
  | { readonly kind: 'wrong-type'; readonly wanted: string; readonly value: string }
  | { readonly kind: 'too-small' | 'too-big'; readonly bound: number; readonly value: string }
  | { readonly kind: 'too-short' | 'too-long'; readonly bound: number; readonly of: 'letters' | 'things' }
  | { readonly kind: 'one-of'; readonly list: readonly string[]; readonly value: string }
  /** The schema has a sentence of its own. */
  | { readonly kind: 'says'; readonly text: string }
  | { readonly kind: 'other'; readonly value: string }

const LONGEST = 60
/** A value as it may stand in a sentence. */
function shown(value: unknown): string {
  const text =
    typeof value === 'string' ? value : typeof value === 'object' && value !== null ? '' : String(value as number)
  return text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text
}

/** What stands at a path; undefined where nothing does. */
export function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  let at = input
  for (const key of path) at = at === null || at === undefined ? undefined : (at as Record<PropertyKey, unknown>)[key]
  return at
}

/** The fault behind an issue of a schema, with the value that it found. */
export function faultOf(issue: z.core.$ZodIssue, input: unknown): SchemaFault {
  const found = valueAt(input, issue.path)
  const value = shown(found)
  if (found === undefined && issue.code !== 'custom') return { kind: 'missing' }
  switch (issue.code) {
    case 'invalid_type':
      return { kind: 'wrong-type', wanted: issue.expected, value }
    case 'unrecognized_keys':
      return { kind: 'unknown-field', keys: issue.keys.slice(0, 3).map((k) => shown(k)) }
    case 'invalid_value':
      return { kind: 'one-of', list: issue.values.slice(0, 8).map((v) => shown(v)), value }
    case 'too_small':
    case 'too_big': {
      const small = issue.code === 'too_small'
      const bound = Number(small ? issue.minimum : issue.maximum)
      if (issue.origin === 'string' || issue.origin === 'array')
        return { kind: small ? 'too-short' : 'too-long', bound, of: issue.origin === 'string' ? 'letters' : 'things' }
      return { kind: small ? 'too-small' : 'too-big', bound, value }
    }
    case 'custom':
      return { kind: 'says', text: shown(issue.message) }
    default:
      return { kind: 'other', value }
  }
}
