import { z } from '../../../zod'

export const traits = z.strictObject({
  shape: z.enum(['slim-smooth', 'slim-ribbed', 'fat-ribbed']).meta({ label: 'Body' }),
})
