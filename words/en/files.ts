import type { FileProblem } from '../../core/exchange'
import type { NotInTable } from '../../core/outing'
import { read, type Catalogue } from './catalogue'
import { sayFault } from './faults'
import { both, count } from './grammar'

/** What a unit measures. */
const KINDS: Readonly<Record<string, string>> = { force: 'strength', mass: 'weight', rate: 'rate' }

/** The limits of a lure’s fields, as the sheet says them. */
const LIMITS: Readonly<Record<string, string>> = {
  name: 'must have 1 to 80 letters',
  lengthM: 'must be between 1 and 50 cm',
  massKg: 'must be between 0.3 g and 1 kg',
  measuredMassKg: 'must be between 0.3 g and 1 kg',
  count: 'must be a whole number from 0 to 999',
  cost: 'must be from 0 up',
  fish: 'must be from 0 up',
  notes: 'must have at most 500 letters',
}

/** What is wrong with a file, a row or a cell, and what to do about it. */
const PROBLEMS: Catalogue<FileProblem> = {
  'not-json': ({ line, near }) => `is not JSON, or was cut short${near ? `: look at line ${line}, at “${near}”` : ''}`,
  'not-an-archive': () => 'is not an Ygrion archive: it lacks “format”: “ygrion-archive”. Export a box to see one.',
  'other-version': ({ version, reads, newer }) =>
    `is ${version}, and this Ygrion reads ${reads.join(' to ')}. ${newer ? 'Update Ygrion first.' : 'Open it in the Ygrion that wrote it, and save it from there as tables.'}`,
  'more-problems': ({ more }) => `and ${more} more`,
  'same-id': ({ id }) => `has the id ${id} of another one`,
  invalid: ({ detail }) => detail,
  failed: ({ detail }) => `could not be read${detail ? ` (${detail})` : ''}; nothing was changed`,
  'too-large': ({ megabytes }) => `is larger than ${megabytes} MB`,
  'not-outings': ({ at, fault }) =>
    `is not a log of outings: ${at || 'the file'} ${sayFault(fault)}. Export one to see how it looks.`,
  'no-gpx': () => 'is not a GPX file: it has no gpx element',
  'bad-xml': ({ line }) =>
    `is not sound XML: ${line === null ? 'somewhere' : `in line ${line}`} a tag is not closed, or a sign stands where none may`,
  'no-waypoints': () => 'holds no waypoints',
  'bad-position': ({ name, lat, lon }) => `“${name}” has no valid position (lat ${lat}, lon ${lon})`,
  'not-a-sentence': () => 'is not an NMEA 0183 sentence: it does not begin with $',
  'no-checksum': () => 'was cut short: its checksum is missing',
  'wrong-checksum': () => 'has a wrong checksum',
  unreadable: () => 'cannot be read',
  'unknown-temperature-unit': () => 'gives a temperature in an unknown unit',
  impossible: ({ what, value }) => `${what} ${value} is impossible`,
  'open-quote': ({ row }) => `A quotation mark is never closed, in or after row ${row}. Close it and try again.`,
  workbook: () =>
    'It is a workbook. Save the sheet as CSV in your spreadsheet program, or copy the cells and paste them here.',
  'no-rows': () => 'The file holds no rows under its headings.',
  'too-many-rows': ({ most }) => `The file holds more than ${most} rows. Split it.`,
  'too-many-columns': ({ columns, most, row }) =>
    `Row ${row} has ${columns} columns; ${most} is the most. Leave out those that say nothing of lures, or check what parts the cells.`,
  'cell-too-long': ({ row, column, letters, most }) =>
    `The cell in row ${row}, column ${column} holds ${letters} letters; ${most} is the most there. Shorten it, or check the quotes before it.`,
  'no-column': ({ column }) => `There is no column “${column}”. An exported log shows what is needed.`,
  'not-a-number': ({ text }) => `“${text}” is not a number`,
  'out-of-range': ({ text, from, to }) => `${text} is outside ${from} to ${to}`,
  'none-of': ({ text, list, more }) => `“${text}” is none of ${list.join(', ')}${more ? ' …' : ''}`,
  'not-a-moment': ({ text }) => `“${text}” is not a date and time; write 2026-06-12T07:30:00+02:00`,
  empty: () => 'is empty',
  'unknown-family': ({ text }) => `“${text}” is not a kind of lure`,
  'unknown-unit': ({ text }) => `Unknown unit “${text}”`,
  'wrong-kind': ({ text, kind }) => `“${text}” is not a ${KINDS[kind] ?? kind}`,
  'not-a-measure': ({ text }) => `“${text}” is not a number: try 10.5, 3/8 oz or 2 1/2 in`,
  unclear: ({ text, either: [small, large] }) => `“${text}” could be ${small} or ${large}: write one of the two`,
  negative: ({ text }) => `“${text}” is below nothing`,
  'not-whole': ({ text }) => `“${text}” is not a whole number`,
  'not-yes-no': ({ text }) => `“${text}” is neither yes nor no`,
  'not-a-hook-size': ({ text }) => `“${text}” is not a hook size: try #6 or 2/0`,
  'unknown-word': ({ text, what, nearest }) => `“${text}” is not a ${what}; the nearest are ${both(nearest)}`,
  'no-compartment': ({ tray, from, to }) => `${tray} has no such compartment: they run from ${from} to ${to}.`,
  'twice-in-file': ({ id }) => `stands twice in this file: “${id}”`,
  missing: () => 'is missing',
  'no-water': () => 'Set a water first: what the table leaves out is taken from it.',
  fault: ({ fault }) => sayFault(fault),
  'not-back': ({ place, problem }) =>
    `would not open again as it is${place ? ` (${place}: ${sayFileProblem(problem)})` : ''}; it was not saved. Mend that, then export again`,
  limits: ({ field }) => LIMITS[field] ?? 'is out of range',
}

const LONGEST = 60
/** What stood in the file is quoted no longer than a line. */
const clipped = (value: unknown): unknown =>
  typeof value === 'string' && value.length > LONGEST ? `${value.slice(0, LONGEST - 1)}…` : value

export const sayFileProblem = (problem: FileProblem): string =>
  read(
    PROBLEMS,
    Object.fromEntries(Object.entries(problem).map(([key, value]) => [key, clipped(value)])) as FileProblem,
  )

/** A problem as it was stored, perhaps by another version, or brought in by a file: what cannot be said of it is said in general. */
export function sayStoredProblem(problem: FileProblem): string {
  if (!Object.hasOwn(PROBLEMS, problem.code)) return NOT_SAID
  try {
    return sayFileProblem(problem)
  } catch {
    // What belongs to its code is missing.
    return NOT_SAID
  }
}
const NOT_SAID = 'is not right'

/** A word that was understood despite a typo. */
export const saySlip = ({ text, readAs }: { readonly text: string; readonly readAs: string }): string =>
  `“${text}” read as ${readAs}`

const NOT_IN_TABLE: Readonly<Record<NotInTable, readonly [string, string]>> = {
  'lost-lure': ['lost lure', 'lost lures'],
  comparison: ['comparison of two lures', 'comparisons of two lures'],
  note: ['note', 'notes'],
  advice: ['piece of advice', 'pieces of advice'],
  aim: ['direction of a cast', 'directions of casts'],
  fish: ['fish’s weight or hook hold', 'weights and hook holds of fish'],
  boat: ['pace or line out of the boat', 'paces and lines out of the boat'],
  altered: ['change of a lure in the hand', 'changes of lures in the hand'],
  'which-lure': ['lure of several that was taken', 'lures of several that were taken'],
  'empty-spot': ['spot that was not fished', 'spots that were not fished'],
}
/** What a table of the log leaves out: “22 lost lures”. */
export const sayNotInTable = (kind: NotInTable, n: number): string => count(n, ...NOT_IN_TABLE[kind])
