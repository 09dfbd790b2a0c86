import { z } from '../../../zod'
import { skirtTrait } from '../traits'

export const traits = z.strictObject({
  style: z.enum(['flipping', 'football', 'finesse', 'swim']).meta({ label: 'Kind' }),
  skirt: skirtTrait,
})
