import { z } from '../../../zod'
import { bladeTraits } from '../traits'

export const traits = z.strictObject(bladeTraits)
