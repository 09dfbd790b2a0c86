import { z } from '../../../zod'

export const traits = z.strictObject({ end: z.enum(['pointed', 'flat']).meta({ label: 'Tail' }) })
