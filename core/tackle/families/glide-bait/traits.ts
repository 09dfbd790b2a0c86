import { z } from '../../../zod'

export const traits = z.strictObject({
  joint: z.enum(['one', 'two']).meta({ label: 'Body in' }),
})
