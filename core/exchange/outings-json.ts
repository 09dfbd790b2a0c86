import { Outing } from '../outing'
import { z } from '../zod'
import { outingFrom5 } from './from-5'
import type { FileProblem } from './problem'

const OutingsFile = z.strictObject({
  format: z.literal('ygrion-outings'),
  version: z.literal([1, 2]),
  outings: z.array(Outing).max(20_000),
})
const VersionOne = z.looseObject({ version: z.literal(1), outings: z.array(z.unknown()) })

/** Outings as JSON, everything in them. */
export function writeOutingsJson(outings: readonly Outing[]): string {
  return JSON.stringify({ format: 'ygrion-outings', version: 2, outings }, null, 2)
}

/** Reads what {@link writeOutingsJson} wrote, whole or not at all. Never throws. */
export function readOutingsJson(text: string): { ok: true; outings: Outing[] } | { ok: false; problem: FileProblem } {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch (error) {
    return {
      ok: false,
      problem: { code: 'not-json', detail: error instanceof Error ? error.message : '' },
    }
  }
  const old = VersionOne.safeParse(raw)
  const read = OutingsFile.safeParse(old.success ? { ...old.data, outings: old.data.outings.map(outingFrom5) } : raw)
  if (read.success) return { ok: true, outings: read.data.outings }
  const issue = read.error.issues[0]
  return {
    ok: false,
    problem: { code: 'not-outings', at: issue?.path.join(' › ') ?? '', detail: issue?.message ?? '' },
  }
}
