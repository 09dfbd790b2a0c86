import { createError, getRequestHeader, type H3Event } from 'h3'

/** A box of 20,000 lures fits; more is refused. */
export const LARGEST_BODY_BYTES = 16_000_000

/** What is too much is passed over up to here, bytes and ms, so that whoever sends it hears the answer; then the connection is closed. */
const MOST_PASSED_OVER_BYTES = 32_000_000
const MOST_PASSED_OVER_MS = 2000

/**
 * The body of a request. It is counted while it comes: what is too large is refused there, and none of it is kept.
 * @throws 413 where it is larger than that, 415 where it is not sent as JSON
 */
export async function readBytes(event: H3Event): Promise<Uint8Array> {
  const type = getRequestHeader(event, 'content-type') ?? ''
  if (!/^application\/(?:[\w.+-]+\+)?json\b/i.test(type))
    throw createError({ statusCode: 415, statusMessage: 'Send the body as application/json' })
  const tooLarge = async () => {
    await passOver(event)
    return createError({ statusCode: 413, statusMessage: 'Body too large', data: { largestBytes: LARGEST_BODY_BYTES } })
  }
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > LARGEST_BODY_BYTES) throw await tooLarge()
  const parts: Buffer[] = []
  let bytes = 0
  const body: AsyncIterable<Buffer> = event.node.req.iterator({ destroyOnReturn: false })
  for await (const part of body) {
    bytes += part.length
    if (bytes > LARGEST_BODY_BYTES) break
    parts.push(part)
  }
  if (bytes > LARGEST_BODY_BYTES) throw await tooLarge()
  // A memory of its own: it is handed over to a thread.
  const whole = new Uint8Array(bytes)
  let at = 0
  for (const part of parts) {
    whole.set(part, at)
    at += part.length
  }
  return whole
}

/** Reads on and forgets it, also after the answer: one that comes while the other side still writes, to a closed ear, would not be heard. */
function passOver({ node: { req, res } }: H3Event): Promise<void> {
  return new Promise((resolve) => {
    let bytes = 0
    const cut = () => {
      res.setHeader('connection', 'close')
      done()
    }
    const timer = setTimeout(cut, MOST_PASSED_OVER_MS)
    const done = () => {
      clearTimeout(timer)
      resolve()
    }
    const forget = (part: Buffer) => {
      bytes += part.length
      if (bytes > MOST_PASSED_OVER_BYTES) cut()
    }
    req.on('data', forget)
    for (const end of ['end', 'close', 'error'] as const) req.once(end, done)
    req.resume()
  })
}
