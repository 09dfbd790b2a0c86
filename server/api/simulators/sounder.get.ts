import { createEventStream, getValidatedQuery } from 'h3'
import { z } from '../../../core/zod'
import { sounderSentences } from '../../simulators/sounder'

const EVERY_MS = 1000
/** A stream nobody closes ends by itself after an hour. */
const MOST_SECONDS = 3600

const Query = z.object({
  depthM: z.coerce.number().min(0.3).max(200),
  waterTempC: z.coerce.number().min(-2).max(40),
  latDeg: z.coerce.number().min(-90).max(90),
  lonDeg: z.coerce.number().min(-180).max(180),
  driftMps: z.coerce.number().min(0).max(5).default(0.3),
  fromMs: z.coerce.number().min(0),
  seed: z.coerce.number().int().min(0).max(4_294_967_295).default(7),
})

/** The simulated instruments as a stream of NMEA 0183 sentences; a real sounder behind a serial bridge would answer alike. */
export default defineEventHandler(async (event) => {
  const query = await getValidatedQuery(event, (raw) => Query.parse(raw))
  const stream = createEventStream(event)
  const sentences = sounderSentences(query)
  let second = 0
  const timer = setInterval(() => {
    if (second >= MOST_SECONDS) return void stream.close()
    void stream.push(sentences(second++).join('\n'))
  }, EVERY_MS)
  stream.onClosed(() => clearInterval(timer))
  return stream.send()
})
