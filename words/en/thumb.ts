import { THUMB_RULE_NAMES } from './thumb-rules'

/** What a rule of thumb is called. */
export const thumbRuleName = (id: string): string => (THUMB_RULE_NAMES as Readonly<Record<string, string>>)[id] ?? id
