import { z } from '../../../zod'

export const traits = z.strictObject({ balance: z.enum(['centre', 'tail']).meta({ label: 'Weight in the' }) })
