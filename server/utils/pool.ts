import { existsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { dirname, join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { setResponseHeader, setResponseStatus, type H3Event } from 'h3'
import { Piscina } from 'piscina'
import { answerTo, type Answer, type Question } from './answer'
import { readBytes } from './read-bytes'

/** Threads that answer: one processor is left to hear the next question. Questions that may wait for one, and how long an answer may take, ms. */
const THREADS = Math.max(1, availableParallelism() - 1)
const MOST_WAITING = 8
const DEADLINE_MS = 20_000
/** Memory of one thread, MB. */
const THREAD_MB = 224
/** Idle threads are given back after this, ms. */
const IDLE_MS = 30_000
const RETRY_AFTER_S = 10

/** Beside the server, where the build has put it. */
const WORKER = join(dirname(process.argv[1] ?? '.'), 'answer-worker.mjs')
let pool: Piscina<Question, Answer> | null = null
function threads(): Piscina<Question, Answer> | null {
  if (!existsSync(WORKER)) return null
  pool ??= new Piscina<Question, Answer>({
    filename: pathToFileURL(WORKER).href,
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: THREAD_MB },
  })
  return pool
}

const busy = (why: string): Answer => ({
  status: 503,
  text: JSON.stringify({
    error: true,
    statusCode: 503,
    statusMessage: why,
    data: { retryAfterS: RETRY_AFTER_S, remedy: 'Try again later, or send a smaller box.' },
  }),
})

/** Whoever asked has left: nobody waits for the answer. */
class Left extends Error {}

async function ask(question: Question, signal: AbortSignal): Promise<Answer> {
  const through = threads()
  if (!through) return answerTo(question)
  try {
    return await through.run(question, { signal, transferList: [question.body.buffer as ArrayBuffer] })
  } catch (error) {
    if (signal.aborted && signal.reason instanceof Left) throw error
    if (signal.aborted) return busy('The answer took too long')
    const { message = '', code = '' } = error as { message?: string; code?: string }
    if (/queue/i.test(message)) return busy('Too many questions at once')
    if (code === 'ERR_WORKER_OUT_OF_MEMORY' || /memory/i.test(message))
      return busy('The question needs too much memory')
    throw error
  }
}

/** Answers a request in a thread: in time, or not at all; stopped when whoever asked leaves. */
export async function answerInThread(event: H3Event, of: Question['of']): Promise<string> {
  const body = await readBytes(event)
  const end = new AbortController()
  // Not a signal made of signals: those may be forgotten before their time.
  const late = setTimeout(() => end.abort(), DEADLINE_MS)
  const { res } = event.node
  const left = () => {
    if (!res.writableEnded) end.abort(new Left())
  }
  res.once('close', left)
  try {
    const { status, text } = await ask({ of, body }, end.signal)
    setResponseStatus(event, status)
    setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
    if (status === 503) setResponseHeader(event, 'retry-after', RETRY_AFTER_S)
    return text
  } finally {
    clearTimeout(late)
    res.off('close', left)
  }
}
