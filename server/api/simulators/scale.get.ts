import { createEventStream, getValidatedQuery } from 'h3'
import { z } from '../../../core/zod'
import { scaleReadings, trueMass } from '../../simulators/scale'

const EVERY_MS = 120
/** A stream nobody closes ends by itself. */
const MOST_READINGS = 1500

const Query = z.object({
  labelKg: z.coerce.number().min(0.0001).max(2),
  seed: z.coerce.number().int().min(0).max(4_294_967_295),
})

/** The simulated scale as a stream of readings; a real scale behind a serial bridge would answer alike. */
export default defineEventHandler(async (event) => {
  const { labelKg, seed } = await getValidatedQuery(event, (query) => Query.parse(query))
  const stream = createEventStream(event)
  const reading = scaleReadings({ massKg: trueMass(labelKg, seed), seed, everyMs: EVERY_MS })
  let i = 0
  const timer = setInterval(() => {
    if (i >= MOST_READINGS) return void stream.close()
    void stream.push(JSON.stringify(reading(i++)))
  }, EVERY_MS)
  stream.onClosed(() => clearInterval(timer))
  return stream.send()
})
