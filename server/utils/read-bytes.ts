import { createError, getRequestHeader, type H3Event } from 'h3'

/** A box of 20,000 lures fits; more is refused. */
export const LARGEST_BODY_BYTES = 16_000_000

const tooLarge = () =>
  createError({ statusCode: 413, statusMessage: 'Body too large', data: { largestBytes: LARGEST_BODY_BYTES } })

/**
 * The body of a request. It is counted while it comes: what is too large is refused there and not read on.
 * @throws 413 where it is larger than that, 415 where it is not sent as JSON
 */
export async function readBytes(event: H3Event): Promise<Uint8Array> {
  const type = getRequestHeader(event, 'content-type') ?? ''
  if (!/^application\/(?:[\w.+-]+\+)?json\b/i.test(type))
    throw createError({ statusCode: 415, statusMessage: 'Send the body as application/json' })
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > LARGEST_BODY_BYTES) throw refused(event)
  const parts: Buffer[] = []
  let bytes = 0
  for await (const part of event.node.req as AsyncIterable<Buffer>) {
    bytes += part.length
    if (bytes > LARGEST_BODY_BYTES) throw refused(event)
    parts.push(part)
  }
  // A memory of its own: it is handed over to a thread.
  const body = new Uint8Array(bytes)
  let at = 0
  for (const part of parts) {
    body.set(part, at)
    at += part.length
  }
  return body
}

/** What is still to come is not waited for: the connection ends with the answer. */
function refused(event: H3Event) {
  event.node.res.setHeader('connection', 'close')
  event.node.req.resume()
  return tooLarge()
}
