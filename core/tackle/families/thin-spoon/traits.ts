import { z } from '../../../zod'

export const traits = z.strictObject({ bend: z.enum(['even', 'late']).meta({ label: 'Bend' }) })
