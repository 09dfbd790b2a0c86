import { fieldName, sayFault } from '../../../words'
import { faultOf } from '../../../core/fault'
import type { z } from '../../../core/zod'

/** What a schema refuses of what was typed, with the field's own name: “length is too small: 0 or more.” */
export function sayIssue(issue: z.core.$ZodIssue, typed: unknown, label?: string): string {
  const at = issue.path.filter((key) => typeof key === 'string')
  return `${label ?? at.map(fieldName).join(', ')} ${sayFault(faultOf(issue, typed))}.`
}
