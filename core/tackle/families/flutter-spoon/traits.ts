import { z } from '../../../zod'

export const traits = z.strictObject({
  cup: z.enum(['cupped', 'flat']).meta({ label: 'Cup' }),
})
