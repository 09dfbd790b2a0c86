import { z } from '../../../zod'
import { bladeTraits, skirtTrait } from '../traits'

export const traits = z.strictObject({
  ...bladeTraits,
  skirt: skirtTrait,
  wire: z.enum(['thin', 'stout']).meta({ label: 'Frame wire' }),
  blades: z.enum(['one', 'two']).meta({ label: 'Blades' }),
  stinger: z.boolean().meta({ label: 'Stinger hook' }),
})
