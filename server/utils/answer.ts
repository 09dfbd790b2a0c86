import { completeLure, countBuilds } from '../../core/tackle'
import { faultOf } from '../../core/fault'
import type { z } from '../../core/zod'
import { sayFault } from '../../words'
import { MatchRequest, completeRequest, matchResponse } from './match-http'
import { PathRequest, pathResponse } from './path-http'

/** What is asked, as it came over the wire. */
export interface Question {
  readonly of: 'match' | 'path'
  readonly body: Uint8Array
}
/** What goes back: a status and a JSON text. */
export interface Answer {
  readonly status: number
  readonly text: string
}

const MOST_FAULTS = 50
/** Lures dressed in every way that a box allows: 20,000 plugs, or 300 soft bodies with 30 of each part, which take some ten seconds. More is refused. */
const MOST_BUILDS = 20_000

const answer = (status: number, body: unknown): Answer => ({ status, text: JSON.stringify(body) })
const refuse = (status: number, statusMessage: string, data: object) =>
  answer(status, { error: true, statusCode: status, statusMessage, data })

/** A body with its lure completed; anything that is no object goes on to the schema as it is. */
export function completed(raw: unknown, field: string, complete: (value: unknown) => unknown): unknown {
  if (typeof raw !== 'object' || raw === null || !(field in raw)) return raw
  return { ...raw, [field]: complete((raw as Record<string, unknown>)[field]) }
}

type Read<T> = { readonly ok: true; readonly data: T } | { readonly ok: false; readonly answer: Answer }

/** The body as its schema wants it, completed where it is short; 400 with the path of every fault when it is wrong. */
function readBody<S extends z.ZodType>(
  text: string,
  schema: S,
  complete: (raw: unknown) => unknown,
): Read<z.output<S>> {
  const faulty = (faults: readonly { path: string; problem: string }[]): Read<never> => ({
    ok: false,
    answer: refuse(400, 'Request not understood', { faults }),
  })
  let raw: unknown
  try {
    raw = complete(JSON.parse(text))
  } catch {
    return faulty([{ path: '', problem: 'the body is not JSON, or not of this shape' }])
  }
  const parsed = schema.safeParse(raw)
  if (parsed.success) return { ok: true, data: parsed.data }
  return faulty(
    parsed.error.issues
      .slice(0, MOST_FAULTS)
      .map((i) => ({ path: i.path.map(String).join('.'), problem: sayFault(faultOf(i, raw)) })),
  )
}

/** Answers a question. Nothing here waits for anything: it is done in a thread of its own. */
export function answerTo({ of, body }: Question): Answer {
  const text = new TextDecoder().decode(body)
  if (of === 'path') {
    const read = readBody(text, PathRequest, (raw) => completed(raw, 'lure', completeLure))
    return read.ok ? answer(200, pathResponse(read.data)) : read.answer
  }
  const read = readBody(text, MatchRequest, completeRequest)
  if (!read.ok) return read.answer
  const { box } = read.data
  if (countBuilds(box, MOST_BUILDS) > MOST_BUILDS)
    return refuse(422, 'Box too large to be matched at once', {
      most: MOST_BUILDS,
      remedy: `There are more than ${MOST_BUILDS} ways to dress these lures. Send fewer heads, hooks, sinkers, trailers or soft bodies at a time.`,
    })
  return answer(200, matchResponse(read.data))
}
