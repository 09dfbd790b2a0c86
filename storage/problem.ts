import type { StoreProblem } from '../core/exchange'
import { faultOf } from '../core/fault'
import { z } from '../core/zod'

/** A write that was refused; nothing of it is stored. */
export class StoreError extends Error {
  constructor(readonly problem: StoreProblem) {
    super(`not stored: ${problem.code}`)
    this.name = 'StoreError'
  }
}

const LONGEST = 200
/** What the database's errors mean, by their names. */
const BY_NAME: Readonly<Record<string, StoreProblem['code'] & ('full' | 'closed' | 'denied' | 'no-answer' | 'older')>> =
  {
    QuotaExceededError: 'full',
    DatabaseClosedError: 'closed',
    InvalidStateError: 'closed',
    MissingAPIError: 'denied',
    SecurityError: 'denied',
    NotAllowedError: 'denied',
    TimeoutError: 'no-answer',
    VersionError: 'older',
  }

/** What browsers say of a part of the page that cannot be fetched. */
const PART_MISSING = /dynamically imported module|importing a module script failed|error loading dynamically/i

/** Errors inside an error: what a library wraps, the innermost last. */
function chain(error: unknown): unknown[] {
  const all: unknown[] = []
  for (let at = error; at && all.length < 6 && !all.includes(at);) {
    all.push(at)
    const { inner, cause, failures } = at as { inner?: unknown; cause?: unknown; failures?: unknown[] }
    at = inner ?? cause ?? failures?.[0]
  }
  return all
}

/** What an error of a write means. */
export function storeProblem(error: unknown): StoreProblem {
  for (const one of chain(error).reverse()) {
    if (one instanceof StoreError) return one.problem
    if (one instanceof z.ZodError) return notValid(one)
    const { name, message } = one as { name?: unknown; message?: unknown }
    if (typeof message === 'string' && PART_MISSING.test(message)) return { code: 'part-missing' }
    const code = typeof name === 'string' ? BY_NAME[name] : undefined
    if (code) return { code }
  }
  return {
    code: 'unknown',
    detail: error instanceof Error ? (error.message.split('\n')[0] ?? '').slice(0, LONGEST) : '',
  }
}

function notValid(error: z.ZodError): StoreProblem {
  const [issue] = error.issues
  return issue
    ? { code: 'not-valid', name: '', field: issue.path.map(String).join('.'), fault: faultOf(issue, undefined) }
    : { code: 'unknown', detail: '' }
}
