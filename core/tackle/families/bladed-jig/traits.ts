import { z } from '../../../zod'
import { skirtTrait } from '../traits'

export const traits = z.strictObject({
  skirt: skirtTrait,
  bladeFinish: z.enum(['silver', 'gold', 'painted']).meta({ label: 'Blade finish' }),
})
