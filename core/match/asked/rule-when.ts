import { FuzzyRange, NUMBER_FEATURES, TEXT_FEATURES, type When } from '../../water'
import { z } from '../../zod'

/** In what water a rule holds: every fact that it names at once. */
export const RuleWhen = z.strictObject({
  ...Object.fromEntries(NUMBER_FEATURES.map((f) => [f, FuzzyRange.optional()])),
  ...Object.fromEntries(TEXT_FEATURES.map((f) => [f, z.array(z.string().max(40)).min(1).readonly().optional()])),
}) as z.ZodType<When>
