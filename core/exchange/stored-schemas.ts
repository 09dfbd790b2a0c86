import type { SchemaFault } from '../fault'
import { z } from '../zod'
import { Box, type Box as BoxType } from '../box'
import type { FileProblem } from './problem'

/** A photo of a lure, shrunk: kept in the browser and in archives, never sent. */
export const Photo = z.strictObject({
  id: z.string().min(1).max(80),
  dataUrl: z
    .string()
    .max(400_000)
    .regex(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, { error: 'is not a picture' }),
})
export type Photo = z.infer<typeof Photo>

export type BoxKind = keyof BoxType
const KINDS = Object.keys(Box.shape) as [BoxKind, ...BoxKind[]]
export const BOX_KINDS: readonly BoxKind[] = KINDS

/** Something thrown away, as it was; judged by the schema of its kind. */
export const BinItem = z
  .strictObject({
    id: z.string().min(1).max(80),
    kind: z.enum(KINDS),
    /** Day and hour it was thrown away. */
    at: z.iso.datetime({ local: true }),
    item: z.looseObject({ id: z.string(), name: z.string() }),
  })
  .refine(({ kind, item }) => Box.shape[kind].element.safeParse(item).success, {
    error: 'is not what its kind says',
    path: ['item'],
  })
export type BinItem = z.infer<typeof BinItem>

/** A problem as it is stored: its code, and whatever fills its sentence. */
const Problem = z.custom<FileProblem>((value) => z.looseObject({ code: z.string() }).safeParse(value).success, {
  error: 'is no problem with a code',
})

/** Rows of one spreadsheet that could not be taken in, with what is needed to read them again: kept until they are mended or thrown away. */
export const RejectedRows = z.strictObject({
  id: z.string().min(1).max(80),
  file: z.string().max(300),
  at: z.iso.datetime({ local: true }),
  headings: z.array(z.string()),
  mapping: z.array(z.string().nullable()),
  rows: z.array(
    z.strictObject({
      row: z.number().int(),
      cells: z.array(z.string()),
      /** By code and what fills it: {@link FileProblem}. */
      problems: z.array(z.strictObject({ column: z.string(), problem: Problem })),
    }),
  ),
})
export type RejectedRows = z.infer<typeof RejectedRows>

/** Where something lies that has a schema: a drawer of the box, or one of the rest. */
export const STORED_TABLES = [
  ...KINDS,
  'places',
  'waters',
  'photos',
  'bin',
  'outings',
  'plans',
  'aside',
  'practice',
] as const
export type StoredTable = (typeof STORED_TABLES)[number]

const Fault = z.custom<SchemaFault>((value) => z.looseObject({ kind: z.string() }).safeParse(value).success, {
  error: 'is no fault with a kind',
})

/** Something stored that is not what its schema says (any more): kept as it is, out of the way, until it is mended or thrown away. */
export const UnreadableRow = z.strictObject({
  id: z.string().min(1),
  table: z.enum(STORED_TABLES),
  /** Day and hour it was found. */
  at: z.iso.datetime({ local: true }),
  name: z.string().max(80),
  /** The field in fault, by the keys that lead to it. */
  path: z.array(z.union([z.string(), z.number()])),
  fault: Fault,
  row: z.record(z.string(), z.unknown()),
})
export type UnreadableRow = z.infer<typeof UnreadableRow>

/** What the angler chose once; what was never chosen is left out. */
/** A word, letters and figures only, and the known one it stands for. */
const Meanings = z.record(z.string().max(80), z.string().max(80))

export const KeptSettings = z
  .strictObject({
    system: z.enum(['metric', 'imperial']),
    night: z.boolean(),
    placeId: z.string().max(80),
    boxView: z.enum(['trays', 'families', 'table']),
    /** Sign or letters of the angler's own currency. */
    currency: z.string().max(8),
    /** The lure last looked at on the bench. */
    benchLureId: z.string().max(80),
    /** The lure that others are compared with, by kind of test. */
    references: z.record(z.string().max(40), z.string().max(80).optional()),
    /** Whether the angler's own log is heard by the match. */
    ownRecord: z.boolean(),
    /** On the water: whether the screen is kept awake, and whether the phone notes where it goes. */
    keepAwake: z.boolean(),
    noteTrack: z.boolean(),
    /** What words of the angler's own stand for in a sheet. */
    ownWords: z.strictObject({ family: Meanings, colour: Meanings }).partial(),
  })
  .partial()
export type KeptSettings = z.infer<typeof KeptSettings>
