import { faultOf } from '../fault'
import { Outing } from '../outing'
import { z } from '../zod'
import { outingFrom5 } from './from-5'
import { readJson } from './json'
import type { FileProblem } from './problem'

const OutingsFile = z.strictObject({
  format: z.literal('ygrion-outings'),
  version: z.literal([1, 2, 3, 4]),
  outings: z.array(Outing).max(20_000),
})
const VersionOne = z.looseObject({ version: z.literal(1), outings: z.array(z.unknown()) })

/** Outings as JSON, everything in them. */
export function writeOutingsJson(outings: readonly Outing[]): string {
  return JSON.stringify({ format: 'ygrion-outings', version: 4, outings }, null, 2)
}

/** Reads what {@link writeOutingsJson} wrote, whole or not at all. Never throws. */
export function readOutingsJson(text: string): { ok: true; outings: Outing[] } | { ok: false; problem: FileProblem } {
  const json = readJson(text)
  if (!json.ok) return json
  const raw = json.value
  const old = VersionOne.safeParse(raw)
  const now: unknown = old.success ? { ...old.data, outings: old.data.outings.map(outingFrom5) } : raw
  const read = OutingsFile.safeParse(now)
  if (read.success) return { ok: true, outings: read.data.outings }
  const [issue] = read.error.issues
  return {
    ok: false,
    problem: {
      code: 'not-outings',
      at: (issue?.path ?? []).map((key) => String(key).slice(0, 40)).join(' › '),
      fault: issue ? faultOf(issue, now) : { kind: 'missing' },
    },
  }
}
