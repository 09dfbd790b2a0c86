import { HEADINGS, SOUND_WORDS } from '../../../data/sheet-words'
import {
  FAMILIES,
  HookSize,
  HUNG,
  LURE_CONDITIONS,
  Make,
  PATTERNS,
  SOUNDS,
  WIRES,
  familyOf,
  fieldsOf,
  slotName,
  type Field,
  type Lure,
  type Tray,
} from '../../tackle'
import { UNITS, showFigure, unitFor, type RoleId, type UnitSystem } from '../../quantity'
import { colourName, readColour, readColours } from './colour-words'
import {
  bare,
  readChoice,
  readFigure,
  readMeasure,
  readWhole,
  readYesNo,
  unitOf,
  unread,
  value,
  writeMeasure,
  type Read,
} from './cells'

/** A column of the lure sheet: what it is called, how a cell is read, what is written into it. */
export interface Column {
  readonly id: string
  readonly label: string
  /** Heading on the way out, with its unit. */
  readonly heading: string
  readonly role: RoleId | null
  /** Bare words that mean it over a foreign column. */
  readonly words: readonly string[]
  /** Whether its cells hold figures. */
  readonly figures: boolean
  readonly read: (text: string, headingUnit: string | null) => Read
  readonly write: (lure: Lure, trays: ReadonlyMap<string, Tray>) => string
  /** Value of a measure in SI, for those who show it in other units. */
  readonly si?: (lure: Lure) => number | null
}

const words = <T extends string>(ids: readonly T[], more: Readonly<Record<string, readonly string[]>> = {}) =>
  new Map(ids.flatMap((id) => [id, ...(more[id] ?? [])].map((word) => [bare(word), id] as const)))

const FAMILY_CHOICES = new Map(
  FAMILIES.flatMap((f) =>
    [f.id, f.name, ...f.sheetWords].flatMap((word) => [[bare(word), f.id] as const, [`${bare(word)}s`, f.id] as const]),
  ),
)

type Spec = Omit<Column, 'heading' | 'words' | 'role' | 'figures'> & { readonly role?: RoleId }

function column(spec: Spec): Column {
  const role = spec.role ?? null
  return {
    ...spec,
    role,
    figures: role !== null || spec.read === readWhole || spec.read === readFigure,
    heading: role ? `${spec.label} (${unitOf(role)})` : spec.label,
    words: (HEADINGS as Readonly<Record<string, readonly string[]>>)[spec.id] ?? [bare(spec.label)],
  }
}

const text = (id: string, label: string, write: Column['write']) =>
  column({ id, label, read: (t) => value(t.trim()), write })
const choice = <T extends string>(
  id: string,
  label: string,
  choices: ReadonlyMap<string, T>,
  what: string,
  write: Column['write'],
  nameOf?: (choice: T) => string,
) => column({ id, label, read: (t) => readChoice(t, choices, what, nameOf), write })
const measure = (id: string, label: string, role: RoleId, of: (lure: Lure) => number | null) =>
  column({
    id,
    label,
    role,
    si: of,
    read: (t, unit) => readMeasure(t, role, unit),
    write: (lure) => {
      const si = of(lure)
      return si === null ? '' : writeMeasure(si, role)
    },
  })
const familyName = (id: Lure['family']) => familyOf(id).name
const colour = (id: 'back' | 'flank' | 'belly', label: string) =>
  column({ id, label, read: readColour, write: (l) => colourName(l.colour[id]) })

/** A column of a field that stands for itself: a measure, yes or no, a whole number, a choice. */
function fieldColumn(id: string, field: Field, of: (lure: Lure) => string | number | boolean | undefined): Column {
  const shared = { id, label: field.label }
  if (field.kind === 'measure')
    return measure(id, field.label, field.role, (l) => (of(l) as number | undefined) ?? null)
  const write = (lure: Lure) => {
    const v = of(lure)
    return v === undefined ? '' : v === true ? 'yes' : v === false ? 'no' : String(v)
  }
  if (field.kind === 'yes-no') return column({ ...shared, read: readYesNo, write })
  if (field.kind === 'number') return column({ ...shared, read: readWhole, write })
  return choice(id, field.label, words(field.options), field.label.toLowerCase(), write)
}

/** Columns of the make carry this before their field's name. */
export const MAKE = 'make.'
const MAKE_COLUMNS: readonly Column[] = fieldsOf(Make.shape).map((field) =>
  fieldColumn(
    MAKE + field.key,
    field,
    (l) => (l.make as Readonly<Record<string, string | number | boolean>> | undefined)?.[field.key],
  ),
)

/** One column a trait: families share those of the same name. */
function traitColumns(): Column[] {
  const byKey = new Map<string, Field>()
  for (const family of FAMILIES) {
    for (const field of fieldsOf(family.traits.shape)) {
      const known = byKey.get(field.key)
      byKey.set(field.key, known ? { ...known, options: [...new Set([...known.options, ...field.options])] } : field)
    }
  }
  return [...byKey.values()].map((field) => {
    const of = (lure: Lure) =>
      (lure.traits as Readonly<Record<string, string | number | boolean | undefined>>)[field.key]
    return fieldColumn(field.key, field, of)
  })
}

const TRAIT_COLUMNS: readonly Column[] = traitColumns()

/** Every column, in the order in which an export writes them. */
export const COLUMNS: readonly Column[] = [
  text('id', 'Ygrion id', (l) => l.id),
  text('name', 'Name', (l) => l.name),
  choice('family', 'Family', FAMILY_CHOICES, 'family', (l) => familyName(l.family), familyName),
  measure('length', 'Length', 'lureLength', (l) => l.lengthM),
  measure('weight', 'Weight', 'lureMass', (l) => l.massKg),
  measure('weighed', 'Weighed', 'lureMass', (l) => l.measuredMassKg),
  { ...column({ id: 'colour', label: 'Colour', read: readColours, write: () => '' }) },
  colour('back', 'Back'),
  colour('flank', 'Flank'),
  colour('belly', 'Belly'),
  choice('pattern', 'Pattern', words(PATTERNS), 'pattern', (l) => l.colour.pattern),
  choice('sound', 'Sound', words(SOUNDS, SOUND_WORDS), 'sound', (l) => l.sound),
  column({ id: 'count', label: 'How many', read: readWhole, write: (l) => String(l.count) }),
  text('tray', 'Tray', (l, trays) => (l.trayId ? (trays.get(l.trayId)?.name ?? '') : '')),
  text('compartment', 'Compartment', (l, trays) => {
    const tray = l.trayId ? trays.get(l.trayId) : undefined
    return tray && l.slot !== null ? slotName(tray, l.slot) : ''
  }),
  column({ id: 'cost', label: 'Cost of one', read: readFigure, write: (l) => (l.cost === null ? '' : String(l.cost)) }),
  choice('condition', 'Condition', words(LURE_CONDITIONS), 'condition', (l) => l.condition),
  column({ id: 'fish', label: 'Fish landed', read: readWhole, write: (l) => String(l.fish) }),
  choice('hooks', 'Hooks', words(HUNG), 'kind of hook', (l) => l.hooks?.style ?? ''),
  column({
    id: 'hookSize',
    label: 'Hook size',
    read: (t) => {
      const size = t.trim().replace(/^(\d+)$/, '#$1')
      return HookSize.safeParse(size).success ? value(size) : unread({ code: 'not-a-hook-size', text: t.trim() })
    },
    write: (l) => l.hooks?.size ?? '',
  }),
  choice('hookWire', 'Hook wire', words(WIRES), 'gauge of wire', (l) => l.hooks?.wire ?? ''),
  column({
    id: 'hookCount',
    label: 'Number of hooks',
    read: readWhole,
    write: (l) => (l.hooks ? String(l.hooks.count) : ''),
  }),
  ...TRAIT_COLUMNS,
  ...MAKE_COLUMNS,
  text('notes', 'Notes', (l) => l.notes),
]
/** Only understood, never written: the three parts have columns of their own. */
const READ_ONLY = new Set(['colour'])
export const WRITTEN: readonly Column[] = COLUMNS.filter((c) => !READ_ONLY.has(c.id))
/** A cell as it is shown in the angler's own units. */
export function showCell(column: Column, lure: Lure, trays: ReadonlyMap<string, Tray>, system: UnitSystem): string {
  if (!column.role || !column.si) return column.write(lure, trays)
  const si = column.si(lure)
  return si === null ? '' : showFigure(si, column.role, system)
}

/** A typed cell read in the angler's own units. */
export function readCell(column: Column, typed: string, system: UnitSystem): Read {
  return column.read(typed, column.role ? (UNITS[unitFor(column.role, system)].spellings[0] ?? null) : null)
}

/** Symbol of the unit a column is shown in. */
export const cellUnit = (column: Column, system: UnitSystem): string =>
  column.role ? UNITS[unitFor(column.role, system)].symbol : ''

const BY_ID = new Map(COLUMNS.map((c) => [c.id, c]))
export const columnOf = (id: string): Column | undefined => BY_ID.get(id)
