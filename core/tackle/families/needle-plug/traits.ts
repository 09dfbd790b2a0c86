import { z } from '../../../zod'

export const traits = z.strictObject({
  loadKg: z.number().min(0).max(0.1).meta({ label: 'Filler inside', role: 'lureMass' }),
})
