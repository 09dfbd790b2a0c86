import { faultOf } from '../../fault'
import { Lure, completeLure, familyOf, fieldsOf, makeFieldsOf, usualHooks, type FamilyId } from '../../tackle'
import { MAKE, columnOf } from './columns'
import type { FileProblem } from '../problem'
import type { Slip } from './cells'
import { settled, type Marks } from './marks'
import { inKnownWords, type OwnWords } from './own-words'
import { measuresIn } from './two-in-one'
import { headingUnit, type Sheet } from './sheet'

/** Which column of ours each column of the sheet is; null where it is passed over. */
export type Mapping = readonly (string | null)[]

export interface CellProblem {
  /** Our column’s id, or the whole row. */
  readonly column: string
  readonly problem: FileProblem
}

export interface RowRead {
  readonly problems: readonly CellProblem[]
  /** Words that were understood despite a typo. */
  readonly slips: readonly Slip[]
  /** What the row says, by column; cells that are empty say nothing. */
  readonly said: ReadonlyMap<string, unknown>
}

/** Reads the cells of a row by a mapping; nothing is put together yet. */
export function readCells(
  cells: readonly string[],
  mapping: Mapping,
  marks: Marks,
  { headings }: Pick<Sheet, 'headings'>,
  own: OwnWords = {},
): RowRead {
  const problems: CellProblem[] = []
  const slips: Slip[] = []
  const said = new Map<string, unknown>()
  mapping.forEach((id, i) => {
    const typed = (cells[i] ?? '').trim()
    const column = id ? columnOf(id) : undefined
    if (!column || typed === '') return
    const cell = inKnownWords(column.id, typed, own)
    const read = column.read(settled(cell, marks[i]?.comma ?? null), headingUnit(headings[i] ?? ''))
    const together = !read.ok && (column.id === 'length' || column.id === 'weight') ? measuresIn(cell) : null
    if (together?.length && together.weight) {
      for (const key of ['length', 'weight'] as const) if (!said.has(key)) said.set(key, together[key])
    } else if (!read.ok) problems.push({ column: column.id, problem: read.problem })
    else {
      said.set(column.id, read.value)
      if (read.slip) slips.push(read.slip)
    }
  })
  sayByName(said)
  return { problems, slips, said }
}

/** A name that says length or weight, with its unit, says it where no cell does. */
function sayByName(said: Map<string, unknown>): void {
  const name = said.get('name')
  if (typeof name !== 'string') return
  const inName = measuresIn(name)
  for (const key of ['length', 'weight'] as const)
    if (!said.has(key) && inName[key] !== null) said.set(key, inName[key])
}

const REQUIRED = ['name', 'family', 'length', 'weight'] as const
/** Names of the schema's fields as the sheet calls them. */
const COLUMN_OF_FIELD: Readonly<Record<string, string>> = {
  lengthM: 'length',
  massKg: 'weight',
  measuredMassKg: 'weighed',
}
/** Fields whose limits are told in words of their own. */
const LIMITED: ReadonlySet<string> = new Set([
  'name',
  'lengthM',
  'massKg',
  'measuredMassKg',
  'count',
  'cost',
  'fish',
  'notes',
])

export type LureRead =
  | { readonly ok: true; readonly lure: Lure }
  | { readonly ok: false; readonly problems: readonly CellProblem[] }

/** Puts a lure together from what a row says, over the lure it already is, where it is one. Tray and compartment are left to the plan. */
export function lureFrom(said: ReadonlyMap<string, unknown>, id: string, known: Lure | null): LureRead {
  const missing = known ? [] : REQUIRED.filter((column) => !said.has(column))
  if (missing.length > 0)
    return { ok: false, problems: missing.map((column) => ({ column, problem: { code: 'missing' } })) }
  const family = (said.get('family') ?? known?.family) as FamilyId
  const lengthM = settle(said.get('length'), known?.lengthM) as number
  const same = known?.family === family
  const checked = Lure.safeParse(
    completeLure({
      ...known,
      ...(known ? {} : { condition: 'good' }),
      id,
      family,
      name: said.get('name') ?? known?.name,
      lengthM,
      massKg: settle(said.get('weight'), known?.massKg),
      measuredMassKg: settle(said.get('weighed'), known?.measuredMassKg) ?? null,
      colour: colouring(said, known),
      hooks: hooksFrom(said, same ? known : null, family, lengthM),
      traits: traitsFrom(said, family, same ? known : null),
      ...makeFrom(said, family, same ? known : null),
      ...pick(said, ['sound', 'count', 'cost', 'condition', 'fish', 'notes']),
    }),
  )
  if (checked.success) return { ok: true, lure: checked.data }
  const problems = checked.error.issues.map((issue) => {
    const { path } = issue
    const field = String(path[0] === 'traits' || path[0] === 'colour' ? path[1] : path[0])
    const problem: FileProblem = LIMITED.has(field)
      ? { code: 'limits', field }
      : { code: 'fault', fault: faultOf(issue, null) }
    return { column: COLUMN_OF_FIELD[field] ?? field, problem }
  })
  return { ok: false, problems }
}

/** A figure that went out and came back the same is the same, whatever its last binary digit. */
const SAME = 1e-7
function settle(said: unknown, known: unknown): unknown {
  if (typeof said !== 'number' || typeof known !== 'number') return said ?? known
  return Math.abs(said - known) <= SAME * Math.abs(known) ? known : said
}

function pick(said: ReadonlyMap<string, unknown>, ids: readonly string[]): Record<string, unknown> {
  return Object.fromEntries(ids.filter((id) => said.has(id)).map((id) => [id, said.get(id)]))
}

const PLAIN = { back: 'silver', flank: 'silver', belly: 'white', pattern: 'plain' }

function colouring(said: ReadonlyMap<string, unknown>, known: Lure | null): unknown {
  const all = said.get('colour') as Record<string, unknown> | undefined
  return { ...(known?.colour ?? PLAIN), ...all, ...pick(said, ['back', 'flank', 'belly', 'pattern']) }
}

function hooksFrom(said: ReadonlyMap<string, unknown>, known: Lure | null, family: FamilyId, lengthM: number): unknown {
  const usual = known ? known.hooks : usualHooks(family, Number.isFinite(lengthM) ? lengthM : 0.08)
  if (!usual) return null
  return {
    style: said.get('hooks') ?? usual.style,
    size: said.get('hookSize') ?? usual.size,
    wire: said.get('hookWire') ?? usual.wire,
    count: said.get('hookCount') ?? usual.count,
    ...(usual.tail && { tail: usual.tail }),
    ...(usual.ringN && { ringN: usual.ringN }),
  }
}

/** The make, as far as the row or the known lure says anything that its family can have. */
function makeFrom(said: ReadonlyMap<string, unknown>, family: FamilyId, known: Lure | null): { make?: unknown } {
  const make: Record<string, unknown> = { ...known?.make }
  for (const key of makeFieldsOf(familyOf(family))) {
    const one = settle(said.get(MAKE + key), make[key])
    if (one !== undefined) make[key] = one
  }
  return Object.keys(make).length > 0 ? { make } : {}
}

/** The traits of the family: what the row says, else what is known, else the middle of the road. */
function traitsFrom(said: ReadonlyMap<string, unknown>, family: FamilyId, known: Lure | null): Record<string, unknown> {
  const now = (known?.traits ?? {}) as Record<string, unknown>
  return Object.fromEntries(
    fieldsOf(familyOf(family).traits.shape).map((f) => {
      const usual =
        f.usual ??
        (f.kind === 'choice'
          ? f.options[0]
          : f.kind === 'yes-no'
            ? false
            : f.kind === 'measure'
              ? f.min > 0.01
                ? 1.5
                : 0
              : 3)
      return [f.key, settle(said.get(f.key), now[f.key]) ?? usual]
    }),
  )
}
