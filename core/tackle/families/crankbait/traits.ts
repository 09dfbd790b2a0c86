import { z } from '../../../zod'
import { buoyancy, labelCastM, labelledDepthM } from '../traits'

export const traits = z.strictObject({
  lip: z.enum(['square', 'round', 'long']).meta({ label: 'Lip' }),
  depthM: labelledDepthM,
  labelCastM,
  buoyancy,
})
