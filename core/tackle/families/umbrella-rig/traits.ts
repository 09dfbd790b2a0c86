import { z } from '../../../zod'

export const traits = z.strictObject({
  arms: z.enum(['three', 'five']).meta({ label: 'Arms' }),
  bladed: z.boolean().meta({ label: 'Blades on the arms' }),
})
