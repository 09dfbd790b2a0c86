import { once } from 'node:events'
import { createServer } from 'node:http'
import { connect, type AddressInfo, type Socket } from 'node:net'
import { Readable } from 'node:stream'
import { createApp, eventHandler, toNodeListener, type H3Event } from 'h3'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LARGEST_BODY_BYTES, MOST_BODIES, readBytes } from './utils/read-bytes'

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

describe('bodies that do not end, over a wire', () => {
  const app = createApp({ onError: () => undefined })
  app.use(
    '/quick',
    eventHandler(async (event) => String((await readBytes(event, 100)).length)),
  )
  app.use(eventHandler(async (event) => String((await readBytes(event)).length)))
  const server = createServer(toNodeListener(app))
  const wires: Socket[] = []
  beforeAll(async () => {
    server.listen(0, '127.0.0.1')
    await once(server, 'listening')
  })
  afterAll(() => {
    for (const wire of wires) wire.destroy()
    server.closeAllConnections()
    server.close()
  })
  /** A request whose body is announced and not ended; and the first line of what comes back. */
  function begun(path: string, length: number, sent: number) {
    const wire = connect((server.address() as AddressInfo).port, '127.0.0.1')
    wires.push(wire)
    wire.on('error', () => undefined)
    wire.write(
      `POST ${path} HTTP/1.1\r\nhost: x\r\ncontent-type: application/json\r\ncontent-length: ${length}\r\n\r\n`,
    )
    wire.write(Buffer.alloc(sent, 32))
    const status = once(wire, 'data').then(([data]) => Number(String(data).split(' ')[1]))
    return { wire, status }
  }
  const whole = async () => {
    const { port } = server.address() as AddressInfo
    const headers = { 'content-type': 'application/json' }
    const answer = await fetch(`http://127.0.0.1:${port}/`, { method: 'POST', headers, body: '{"a":1}' })
    return answer.status === 200 ? answer.text() : answer.status
  }

  it('are told that they took too long', async () => {
    expect(await begun('/quick', 1000, 10).status).toBe(408)
    expect(await whole()).toBe('7')
  })
  it('are few at once; the next is told to come later, and is heard when they have gone', async () => {
    const waiting = Array.from({ length: MOST_BODIES }, () => begun('/', 1000, 10))
    await expect.poll(whole).toBe(503)
    for (const { wire } of waiting) wire.destroy()
    await expect.poll(whole).toBe('7')
  })
  it('hold no more together than is allowed', async () => {
    const many = Array.from({ length: 6 }, () => begun('/', LARGEST_BODY_BYTES, LARGEST_BODY_BYTES - 1000))
    expect(await Promise.any(many.map(async ({ status }) => status))).toBe(503)
    for (const { wire } of many) wire.destroy()
    await expect.poll(whole).toBe('7')
  })
  it('who sends on after he was refused brings nothing down', async () => {
    const { wire, status } = begun('/', LARGEST_BODY_BYTES * 10, 1000)
    let open = true
    wire.once('close', () => (open = false))
    const piece = Buffer.alloc(1_000_000)
    for (let i = 0; i < 100 && open; i += 1) {
      wire.write(piece)
      await new Promise((resolve) => setTimeout(resolve, 2))
    }
    expect(await status).toBe(413)
    expect(await whole()).toBe('7')
  })
})
