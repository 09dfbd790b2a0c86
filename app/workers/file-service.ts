import {
  LARGEST_FILE,
  archiveProblem,
  guessColumns,
  inParts,
  planImport,
  type OwnWords,
  readArchiveOrShare,
  readGpx,
  readNmeaLog,
  readOutings,
  readOutingsJson,
  readSheet,
  writeArchive,
  type ArchiveContent,
  type FileProblem,
  type GpxResult,
  type ImportPlan,
  type Mapping,
  type Marks,
  type NmeaLog,
  type OutingRowProblem,
  type ReadResult,
  type Sheet,
} from '../../core/exchange'
import type { Box } from '../../core/box'
import type { Outing } from '../../core/outing'
import type { Conditions, Place } from '../../core/water'
import { inPieces, type Send } from './pieces'
import { newId } from '../../core/new-id'

/** A file as it is chosen, or text that was pasted. */
export type Source = Blob | string
type Refused = { readonly ok: false; readonly problem: FileProblem }
export type SheetReply = { readonly ok: true; readonly sheet: Sheet; readonly mapping: Mapping } | Refused
export type LogReply =
  | {
      readonly ok: true
      /** Whether it holds everything, or only what a table can. */
      readonly whole: boolean
      readonly outings: readonly Outing[]
      readonly problems: readonly OutingRowProblem[]
    }
  | Refused

/** The text of a file; one that is too large is told before any of it is read. */
async function textOf(source: Source, kind: keyof typeof LARGEST_FILE): Promise<string | FileProblem> {
  const most = LARGEST_FILE[kind]
  if ((typeof source === 'string' ? source.length : source.size) > most)
    return { code: 'too-large', megabytes: most / 1e6 }
  return typeof source === 'string' ? source : source.text()
}
const refused = (problem: FileProblem): Refused => ({ ok: false, problem })

/** Files are read and written off the page's own thread; plain data crosses. */
export const fileService = {
  async archive(source: Source, send: Send): Promise<ReadResult> {
    const text = await textOf(source, 'archive')
    return typeof text === 'string'
      ? inPieces(readArchiveOrShare(text), send)
      : { ok: false, problems: [{ place: 'the file', problem: text }] }
  },
  /** The archive of a content, in parts where it holds more than one can, and what would not come back as it went out; null where all does. */
  writeArchive(content: ArchiveContent): { texts: string[]; problem: FileProblem | null } {
    const texts = inParts(content).map(writeArchive)
    return { texts, problem: texts.map(archiveProblem).find((one) => one !== null) ?? null }
  },
  async sheet(source: Source, send: Send): Promise<SheetReply> {
    const text = await textOf(source, 'sheet')
    if (typeof text !== 'string') return refused(text)
    const read = readSheet(text)
    return read.ok ? inPieces({ ok: true, sheet: read.sheet, mapping: guessColumns(read.sheet.headings) }, send) : read
  },
  async plan(
    sheet: Sheet,
    mapping: Mapping,
    marks: Marks,
    box: Box,
    onProgress: (done: number, of: number) => void,
    own: OwnWords,
    send: Send,
  ): Promise<ImportPlan> {
    return inPieces(planImport(sheet, mapping, marks, box, newId, onProgress, own), send)
  },
  /** A log of outings, as JSON or as a table. */
  async log(source: Source, places: readonly Place[], like: Conditions | null): Promise<LogReply> {
    const text = await textOf(source, 'log')
    if (typeof text !== 'string') return refused(text)
    if (text.trimStart().startsWith('{')) {
      const read = readOutingsJson(text)
      return read.ok ? { ...read, whole: true, problems: [] } : read
    }
    const sheet = readSheet(text)
    if (!sheet.ok) return sheet
    if (!like) return refused({ code: 'no-water' })
    return { ok: true, whole: false, ...readOutings(sheet.sheet, places, like) }
  },
  async places(source: Source): Promise<GpxResult> {
    const text = await textOf(source, 'places')
    return typeof text === 'string' ? readGpx(text) : refused(text)
  },
  async sounder(source: Source): Promise<NmeaLog | Refused> {
    const text = await textOf(source, 'sounder')
    return typeof text === 'string' ? readNmeaLog(text) : refused(text)
  },
}
export type FileService = typeof fileService
