import { z } from '../../../zod'

export const traits = z.strictObject({
  style: z.enum(['popper', 'walker', 'prop', 'frog']).meta({ label: 'Style' }),
})
