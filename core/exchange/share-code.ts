/**
 * A text in as few letters as an address takes: deflated (RFC 1951), then base64url (RFC 4648). For codes that a phone reads.
 */

/** A code unpacks to no more than this, bytes: what was made to burst a phone is refused. */
const MOST_BYTES = 1_000_000

async function through(
  bytes: Uint8Array<ArrayBuffer>,
  by: TransformStream,
  most = Infinity,
): Promise<Uint8Array<ArrayBuffer>> {
  const reader = new Blob([bytes]).stream().pipeThrough(by).getReader() as ReadableStreamDefaultReader<Uint8Array>
  const parts: Uint8Array[] = []
  let length = 0
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    length += value.length
    if (length > most) {
      await reader.cancel()
      throw new RangeError(`a code of more than ${most} bytes`)
    }
    parts.push(value)
  }
  const all = new Uint8Array(length)
  let at = 0
  for (const part of parts) {
    all.set(part, at)
    at += part.length
  }
  return all
}

const toBase64Url = (bytes: Uint8Array): string =>
  btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '')

const fromBase64Url = (code: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(code.replaceAll('-', '+').replaceAll('_', '/')), (c) => c.charCodeAt(0))

export async function packed(text: string): Promise<string> {
  return toBase64Url(await through(new TextEncoder().encode(text), new CompressionStream('deflate-raw')))
}

/** The text of a code; null where it is none, is cut short, or is larger than any thing that is shared. */
export async function unpacked(code: string): Promise<string | null> {
  try {
    const bytes = await through(fromBase64Url(code), new DecompressionStream('deflate-raw'), MOST_BYTES)
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return null
  }
}
