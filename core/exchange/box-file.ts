import { faultOf } from '../fault'
import { z } from '../zod'
import { Practice } from '../match'
import { Outing } from '../outing'
import { Plan } from '../plan'
import { Box } from '../box'
import { Conditions, Place } from '../water'
import { readJson } from './json'
import type { FileProblem, PlacedProblem } from './problem'
import { LARGEST_ARCHIVE, MOST_KEPT } from './limits'
import { BinItem, KeptSettings, Photo, RejectedRows, UnreadableRow } from './stored-schemas'

/** The archive of everything: one JSON file. */
export const ARCHIVE_VERSION = 17
/** The oldest one that still opens. */
export const OLDEST_ARCHIVE = 13

const Archive = z.strictObject({
  format: z.literal('ygrion-archive'),
  version: z.literal(ARCHIVE_VERSION),
  box: Box,
  places: z.array(Place).max(MOST_KEPT.places),
  waters: z.array(Conditions).max(MOST_KEPT.waters),
  photos: z.array(Photo).max(MOST_KEPT.photos),
  bin: z.array(BinItem).max(MOST_KEPT.bin),
  practice: Practice,
  outings: z.array(Outing).max(MOST_KEPT.outings),
  plans: z.array(Plan).max(MOST_KEPT.plans),
  /** Rows of spreadsheets that wait to be mended. */
  aside: z.array(RejectedRows).max(MOST_KEPT.aside),
  /** What was stored and could not be read. */
  unreadable: z.array(UnreadableRow).max(MOST_KEPT.unreadable),
  settings: KeptSettings,
})
type Archive = z.infer<typeof Archive>
export type ArchiveContent = Omit<Archive, 'format' | 'version'>

/** `shared`: of one thing and what belongs to it, not of everything. */
export type ReadResult = { ok: true; archive: Archive; shared?: true } | { ok: false; problems: PlacedProblem[] }

/** At most this many faults are listed; more help nobody. */
const MOST_PROBLEMS = 50

export function writeArchive(all: ArchiveContent): string {
  const { box, places, waters, photos, bin, practice, outings, plans, aside, unreadable, settings } = all
  const content: ArchiveContent = {
    box,
    places,
    waters,
    photos,
    bin,
    practice,
    outings,
    plans,
    aside,
    unreadable,
    settings,
  }
  const archive: Archive = { format: 'ygrion-archive', version: ARCHIVE_VERSION, ...content }
  return JSON.stringify(archive, null, 2)
}

/** What of an archive that was written would not come back; null where it opens to just what went out. */
export function archiveProblem(text: string): FileProblem | null {
  if (text.length > LARGEST_ARCHIVE) return { code: 'too-large', megabytes: LARGEST_ARCHIVE / 1e6 }
  const read = readArchive(text)
  if (!read.ok) {
    const [first] = read.problems
    return { code: 'not-back', place: first?.place ?? '', problem: first?.problem ?? { code: 'unreadable' } }
  }
  return writeArchive(read.archive) === text ? null : { code: 'not-back', place: '', problem: { code: 'unreadable' } }
}

/** Steps from each earlier version to the next. What a file of a version should not hold yet stays: the schema judges it, and nothing goes in silence. */
const MIGRATIONS: Readonly<Record<number, (raw: Record<string, unknown>) => Record<string, unknown>>> = {
  // How a party split its kit; none was written before.
  13: (raw) => ({ ...raw, version: 14 }),
  // Ways of fishing are techniques at a tempo: their schema reads those of before (core/outing), and an own rule reads its own.
  14: (raw) => ({ ...raw, version: 15 }),
  // Techniques of the angler’s own; none was written before.
  15: (raw) => ({ ...raw, version: 16 }),
  // What logs tell beyond a lure’s counts; none was written before.
  16: (raw) => ({ ...raw, version: 17 }),
}

/** Reads an archive of this or an earlier version, whole or not at all; says what is wrong and where. Never throws. */
export function readArchive(text: string): ReadResult {
  const raw = readJson(text)
  return raw.ok ? readContent(raw.value) : fail('the file', raw.problem)
}

/** Reads the content of an archive that lies there as data: of this or an earlier version, whole or not at all. Never throws. */
export function readContent(raw: unknown): ReadResult {
  const head = z.looseObject({ format: z.string(), version: z.number() }).safeParse(raw)
  if (!head.success || head.data.format !== 'ygrion-archive') {
    return fail('the file', { code: 'not-an-archive' })
  }
  let now: Record<string, unknown> = head.data
  for (let step = MIGRATIONS[Number(now.version)]; step; step = MIGRATIONS[Number(now.version)]) now = step(now)
  if (now.version !== ARCHIVE_VERSION) {
    const newer = Number(now.version) > ARCHIVE_VERSION
    return fail('version', {
      code: 'other-version',
      version: clipped(String(now.version)),
      reads: [OLDEST_ARCHIVE, ARCHIVE_VERSION],
      newer,
    })
  }
  const parsed = Archive.safeParse(now)
  if (!parsed.success) {
    const problems = parsed.error.issues.map((issue) => ({
      place: placeOf(issue.path, now),
      problem: { code: 'fault' as const, fault: faultOf(issue, now) },
    }))
    const listed = problems.slice(0, MOST_PROBLEMS)
    if (problems.length > listed.length)
      return {
        ok: false,
        problems: [
          ...listed,
          { place: '…', problem: { code: 'more-problems', more: problems.length - listed.length } },
        ],
      }
    return { ok: false, problems: listed }
  }
  const twice = doubled(parsed.data)
  return twice.length > 0 ? { ok: false, problems: twice.slice(0, MOST_PROBLEMS) } : { ok: true, archive: parsed.data }
}

function fail(place: string, problem: FileProblem): ReadResult {
  return { ok: false, problems: [{ place, problem }] }
}

const LONGEST = 60
/** No name and no key is told longer than a line, however long it is. */
const clipped = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text)

/** The path of a fault in words a person can follow, with the name of the thing where it has one. */
function placeOf(path: readonly PropertyKey[], raw: unknown): string {
  let at: unknown = raw
  let words = ''
  for (const step of path) {
    words += typeof step === 'number' ? `[${step}]` : `${words ? ' › ' : ''}${clipped(String(step))}`
    at = (at as Record<PropertyKey, unknown> | undefined)?.[step]
    const name = (at as { name?: unknown } | undefined)?.name
    if (typeof step === 'number' && typeof name === 'string') words += ` “${clipped(name)}”`
  }
  return words || 'the file'
}

/** Things of one kind under one id: the store could hold only one of them. */
function doubled({ box, ...archive }: Archive): PlacedProblem[] {
  const drawers = Object.entries(box).map(([kind, things]) => [`box › ${kind}`, things] as const)
  const others = (['places', 'waters', 'photos', 'bin', 'outings', 'plans', 'aside', 'unreadable'] as const).map(
    (kind) => [kind, archive[kind]] as const,
  )
  return [...drawers, ...others].flatMap(([kind, things]) => {
    const seen = new Set<string>()
    return things.flatMap((thing: { id?: string; placeId?: string; name?: string }, i: number): PlacedProblem[] => {
      const id = thing.id ?? thing.placeId ?? ''
      if (!seen.has(id)) {
        seen.add(id)
        return []
      }
      const place = `${kind}[${i}]${thing.name ? ` “${clipped(thing.name)}”` : ''}`
      return [{ place, problem: { code: 'same-id', id: clipped(id) } }]
    })
  })
}
