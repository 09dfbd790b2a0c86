import { z } from '../../../zod'

export const traits = z.strictObject({
  hangs: z.enum(['treble below', 'treble at the tail']).meta({ label: 'Treble' }),
})
