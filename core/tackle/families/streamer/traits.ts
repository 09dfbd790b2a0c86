import { z } from '../../../zod'

export const traits = z.strictObject({ eyes: z.enum(['none', 'bead']).meta({ label: 'Eyes' }) })
