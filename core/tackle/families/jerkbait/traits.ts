import { z } from '../../../zod'
import { buoyancy, labelCastM, labelledDepthM } from '../traits'

export const traits = z.strictObject({
  lip: z.enum(['short', 'long']).meta({ label: 'Lip' }),
  depthM: labelledDepthM,
  labelCastM,
  buoyancy,
})
