import type { H3Event } from 'h3'
import { createError, getRequestHeader, readRawBody } from 'h3'
import type { z } from 'zod'

/** A box of 20,000 lures fits; more is refused. */
export const LARGEST_BODY_BYTES = 16_000_000
const MOST_FAULTS = 50

/** The body, completed where it is short, as the schema wants it; 413 when too large, 400 with the path of every fault when wrong. */
export async function readJson<S extends z.ZodType>(
  event: H3Event,
  schema: S,
  complete: (raw: unknown) => unknown = (raw) => raw,
): Promise<z.output<S>> {
  const announced = Number(getRequestHeader(event, 'content-length') ?? 0)
  if (announced > LARGEST_BODY_BYTES) throw tooLarge()
  const text = (await readRawBody(event, 'utf8')) ?? ''
  if (text.length > LARGEST_BODY_BYTES) throw tooLarge()
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    throw faulty([{ path: '', problem: 'the body is not JSON' }])
  }
  const parsed = schema.safeParse(complete(raw))
  if (!parsed.success) {
    throw faulty(
      parsed.error.issues
        .slice(0, MOST_FAULTS)
        .map((i) => ({ path: i.path.map(String).join('.'), problem: i.message })),
    )
  }
  return parsed.data
}

function tooLarge() {
  return createError({ statusCode: 413, statusMessage: 'Body too large', data: { largestBytes: LARGEST_BODY_BYTES } })
}

function faulty(faults: { path: string; problem: string }[]) {
  return createError({ statusCode: 400, statusMessage: 'Request not understood', data: { faults } })
}

/** A body with one of its fields completed; anything that is no object goes on to the schema as it is. */
export function completed(raw: unknown, field: string, complete: (value: unknown) => unknown): unknown {
  if (typeof raw !== 'object' || raw === null || !(field in raw)) return raw
  return { ...raw, [field]: complete((raw as Record<string, unknown>)[field]) }
}
