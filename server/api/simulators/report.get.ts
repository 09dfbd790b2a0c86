import { getValidatedQuery } from 'h3'
import { z } from '../../../core/zod'
import { simulatedReport } from '../../simulators/report'

const Query = z.object({
  placeId: z.string().min(1).max(80),
  date: z.iso.date(),
  waterTempC: z.coerce.number().min(-2).max(40),
  visibilityM: z.coerce.number().min(0.05).max(40),
})

/** The simulated weather and water service; a real one would answer with the same shape. */
export default defineEventHandler(async (event) =>
  simulatedReport(await getValidatedQuery(event, (raw) => Query.parse(raw))),
)
