import { z } from '../../../zod'

export const traits = z.strictObject({ joints: z.enum(['two', 'three', 'four']).meta({ label: 'Joints' }) })
