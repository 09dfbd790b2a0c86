import { Readable } from 'node:stream'
import type { H3Event } from 'h3'
import { describe, expect, it } from 'vitest'
import { LARGEST_BODY_BYTES, readBytes } from './utils/read-bytes'

/** A request as it comes over the wire, in parts; and whether its connection is kept. */
function request(parts: readonly (Buffer | string)[], headers: Record<string, string>) {
  const sent: Record<string, string> = {}
  const req = Object.assign(Readable.from(parts.map((p) => Buffer.from(p))), { headers })
  const res = { setHeader: (name: string, value: string) => (sent[name] = value) }
  return { event: { node: { req, res } } as unknown as H3Event, sent }
}
const JSON_TYPE = { 'content-type': 'application/json; charset=utf-8' }

describe('the bytes of a body', () => {
  it('come together, whatever their parts', async () => {
    const { event } = request(
      ['{"a":', '"', Buffer.from('é').subarray(0, 1), Buffer.from('é').subarray(1), '"}'],
      JSON_TYPE,
    )
    expect(new TextDecoder().decode(await readBytes(event))).toBe('{"a":"é"}')
  })
  it('nothing is nothing', async () => {
    expect(await readBytes(request([], JSON_TYPE).event)).toHaveLength(0)
  })
  it.each([['text/plain'], ['application/jsonx'], [''], ['multipart/form-data; boundary=application/json']])(
    '%s is not JSON',
    async (type) => {
      await expect(readBytes(request(['{}'], { 'content-type': type }).event)).rejects.toMatchObject({
        statusCode: 415,
      })
    },
  )
  it('JSON of a kind of its own is JSON', async () => {
    expect(await readBytes(request(['{}'], { 'content-type': 'application/vnd.x+json' }).event)).toHaveLength(2)
  })
  it('what says that it is too large is passed over, and refused', async () => {
    const { event, sent } = request(['{}'], { ...JSON_TYPE, 'content-length': String(LARGEST_BODY_BYTES + 1) })
    await expect(readBytes(event)).rejects.toMatchObject({ statusCode: 413 })
    expect(sent.connection).toBeUndefined()
  })
  it('what turns out too large and does not end is left off, with the connection', async () => {
    let given = 0
    const piece = Buffer.alloc(1_000_000)
    async function* flood() {
      for (;;) {
        given += 1
        // As from a wire: others have their turn between two pieces.
        await new Promise((resolve) => setImmediate(resolve))
        yield piece
      }
    }
    const { event, sent } = request([], JSON_TYPE)
    const req = Object.assign(Readable.from(flood()), { headers: JSON_TYPE })
    Object.assign(event.node, { req })
    await expect(readBytes(event)).rejects.toMatchObject({ statusCode: 413 })
    req.destroy()
    expect(sent.connection).toBe('close')
    expect(given).toBeLessThan((LARGEST_BODY_BYTES + 32_000_000) / piece.length + 40)
  })
})
