import { createError, getRequestHeader, setResponseHeader, type H3Event } from 'h3'

/** A box of 20,000 lures fits; more is refused. */
export const LARGEST_BODY_BYTES = 16_000_000

/** Bodies that are being read at once, the memory that they may hold together, bytes, and how long one may take, ms. */
export const MOST_BODIES = 8
export const MOST_HELD_BYTES = 48_000_000
export const MOST_BODY_MS = 30_000
const RETRY_AFTER_S = 10

/** What is too much is passed over up to here, bytes and ms, so that whoever sends it hears the answer; then the connection is closed. */
const MOST_PASSED_OVER_BYTES = 32_000_000
const MOST_PASSED_OVER_MS = 2000

/** What is being read now, by all who ask. */
const open = { bodies: 0, bytes: 0 }

type Refusal = 'large' | 'late' | 'busy'
const REFUSALS: Record<Refusal, { statusCode: number; statusMessage: string; data: object }> = {
  large: { statusCode: 413, statusMessage: 'Body too large', data: { largestBytes: LARGEST_BODY_BYTES } },
  late: { statusCode: 408, statusMessage: 'The body took too long', data: { mostMs: MOST_BODY_MS } },
  busy: {
    statusCode: 503,
    statusMessage: 'Too many bodies at once',
    data: { retryAfterS: RETRY_AFTER_S, remedy: 'Try again later, or send a smaller box.' },
  },
}

/**
 * The body of a request. It is counted while it comes, with all others that come: what is too large, too slow or too much at once is refused there, and none of
 * it is kept.
 * @throws 413 where it is larger than that, 408 where it does not end in time, 415 where it is not sent as JSON, 503 where too many are being sent
 */
export async function readBytes(event: H3Event, mostMs = MOST_BODY_MS): Promise<Uint8Array> {
  const type = getRequestHeader(event, 'content-type') ?? ''
  if (!/^application\/(?:[\w.+-]+\+)?json\b/i.test(type))
    throw createError({ statusCode: 415, statusMessage: 'Send the body as application/json' })
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > LARGEST_BODY_BYTES) throw await refused(event, 'large')
  if (open.bodies >= MOST_BODIES) throw await refused(event, 'busy')
  const parts: Buffer[] = []
  open.bodies += 1
  try {
    const refusal = await collect(event, parts, mostMs)
    if (refusal) {
      give(parts)
      throw await refused(event, refusal)
    }
    // A memory of its own: it is handed over to a thread.
    const whole = new Uint8Array(sizeOf(parts))
    let at = 0
    for (const part of parts) {
      whole.set(part, at)
      at += part.length
    }
    return whole
  } finally {
    open.bodies -= 1
    give(parts)
  }
}

const sizeOf = (parts: readonly Buffer[]) => parts.reduce((sum, part) => sum + part.length, 0)
/** What was held is given back, once. */
function give(parts: Buffer[]) {
  open.bytes -= sizeOf(parts)
  parts.length = 0
}

/** Takes the parts of a body as they come; answers with why it is left off, or null where it is whole. @throws where the sender left */
function collect({ node: { req } }: H3Event, parts: Buffer[], mostMs: number): Promise<Refusal | null> {
  return new Promise((resolve, reject) => {
    let bytes = 0
    const done = (refusal: Refusal | null) => {
      stop()
      resolve(refusal)
    }
    const timer = setTimeout(() => done('late'), mostMs)
    const take = (part: Buffer) => {
      bytes += part.length
      if (bytes > LARGEST_BODY_BYTES) return done('large')
      if (open.bytes + part.length > MOST_HELD_BYTES) return done('busy')
      open.bytes += part.length
      parts.push(part)
    }
    const end = () => done(null)
    const left = () => {
      stop()
      reject(createError({ statusCode: 400, statusMessage: 'The body did not end' }))
    }
    const stop = () => {
      clearTimeout(timer)
      req.pause()
      req.off('data', take).off('end', end).off('close', left).off('error', left)
    }
    req.on('data', take).once('end', end).once('close', left).once('error', left)
  })
}

/** The error that refuses a body; it is known once what still comes has been passed over. */
async function refused(event: H3Event, why: Refusal) {
  if (why === 'busy') setResponseHeader(event, 'retry-after', RETRY_AFTER_S)
  await passOver(event)
  return createError(REFUSALS[why])
}

/** Reads on and forgets it: an answer that comes while the other side still writes, to a closed ear, would not be heard. Whoever does not end is cut off. */
function passOver({ node: { req, res } }: H3Event): Promise<void> {
  return new Promise((resolve) => {
    let bytes = 0
    const cut = () => {
      if (!res.headersSent) res.setHeader('connection', 'close')
      done()
    }
    const timer = setTimeout(cut, MOST_PASSED_OVER_MS)
    const forget = (part: Buffer) => {
      bytes += part.length
      if (bytes > MOST_PASSED_OVER_BYTES) cut()
    }
    const done = () => {
      clearTimeout(timer)
      // What still comes is passed over until the answer has closed the connection; nothing is written to it any more.
      req.off('data', forget)
      req.resume()
      resolve()
    }
    // An error without an ear would end the server.
    req.on('error', () => undefined)
    req.on('data', forget)
    for (const end of ['end', 'close', 'error'] as const) req.once(end, done)
    req.resume()
  })
}
