import { faultOf } from '../fault'
import { Outing } from '../outing'
import { z } from '../zod'
import { readJson } from './json'
import type { FileProblem } from './problem'

const OutingsFile = z.strictObject({
  format: z.literal('ygrion-outings'),
  version: z.literal([3, 4]),
  outings: z.array(Outing).max(20_000),
})

/** Outings as JSON, everything in them. */
export function writeOutingsJson(outings: readonly Outing[]): string {
  return JSON.stringify({ format: 'ygrion-outings', version: 4, outings }, null, 2)
}

/** Reads what {@link writeOutingsJson} wrote, whole or not at all. Never throws. */
export function readOutingsJson(text: string): { ok: true; outings: Outing[] } | { ok: false; problem: FileProblem } {
  const json = readJson(text)
  if (!json.ok) return json
  const read = OutingsFile.safeParse(json.value)
  if (read.success) return { ok: true, outings: read.data.outings }
  const [issue] = read.error.issues
  return {
    ok: false,
    problem: {
      code: 'not-outings',
      at: (issue?.path ?? []).map((key) => String(key).slice(0, 40)).join(' › '),
      fault: issue ? faultOf(issue, json.value) : { kind: 'missing' },
    },
  }
}
