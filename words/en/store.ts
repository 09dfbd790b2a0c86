import type { ArchiveContent, Conflict, StoreProblem } from '../../core/exchange'
import { read, type Catalogue } from './catalogue'
import { sayFault, fieldName } from './faults'
import { both, capital, count } from './grammar'
import { THINGS } from './things'

const KINDS: Readonly<Record<string, { readonly one: string; readonly many: string }>> = {
  ...THINGS,
  places: { one: 'place', many: 'places' },
  waters: { one: 'water', many: 'waters' },
  photos: { one: 'photo', many: 'photos' },
  bin: { one: 'thing in the bin', many: 'things in the bin' },
  aside: { one: 'sheet set aside', many: 'sheets set aside' },
  unreadable: { one: 'entry that could not be read', many: 'entries that could not be read' },
  outings: { one: 'outing', many: 'outings' },
  plans: { one: 'plan', many: 'plans' },
  entries: { one: 'entry of one outing', many: 'entries of one outing' },
  carried: { one: 'lure or rig carried on one outing', many: 'lures and rigs carried on one outing' },
  practice: { one: 'judgement', many: 'judgements' },
}
const GONE = {
  outing: 'The outing is no longer stored. Go back to the list of outings.',
  backup: 'That backup is gone: the last five are kept.',
  step: 'That step was taken back already, in another tab or before a reload.',
} as const

/** What one thing of a table is called. */
export const tableName = (table: string): string => KINDS[table]?.one ?? table

/** One thing that another tab has changed as well. */
const sayConflict = ({ name, kind, fields }: Conflict): string => {
  const called = name ? `“${name}”` : `a ${KINDS[kind]?.one ?? kind}`
  return fields.length > 0 ? `${called} (${both(fields.map(fieldName))})` : called
}
const MOST_NAMED = 3

/** Why something was not stored, and what to do about it. */
const PROBLEMS: Catalogue<StoreProblem> = {
  full: () =>
    'The browser has no room left. Export your box to a file, free some space on this device or take photos out, then try again.',
  closed: () => 'The database was closed by another tab or by the browser. Reload the page, then try again.',
  denied: () =>
    'This browser does not let the page store anything: a private window or a setting forbids it. Export your box before you leave.',
  'no-answer': () => 'The database does not answer. Close other tabs of Ygrion and reload the page.',
  older: () => 'A newer Ygrion has worked here. Reload this page to get it.',
  'too-old': () =>
    'What lies here is of an Ygrion too old to be read. Nothing of it was changed. Save what can still be read of it to a file.',
  'not-valid': ({ name, field, fault }) =>
    `${name ? `“${name}”: ` : ''}${field ? `the ${field.split('.').map(fieldName).join(', ')} ` : 'it '}${sayFault(fault)}.`,
  gone: ({ what }) => GONE[what],
  'changed-meanwhile': ({ conflicts }) =>
    `Another tab has changed ${both(conflicts.slice(0, MOST_NAMED).map(sayConflict))}${conflicts.length > MOST_NAMED ? ' and more' : ''} since. What is there stays.`,
  'box-changed': () =>
    'Another tab has worked on the box since. What is there stays; the backup lies under Files, should you want it all the same.',
  'too-many': ({ kind, most }) =>
    `There can be at most ${count(most, KINDS[kind]?.one ?? kind, KINDS[kind]?.many)}. Take some out first.`,
  'outing-under-way': ({ place, since }) =>
    `An outing at ${place} has been under way since ${since}. End that one first.`,
  unreadable: ({ rows, table, name, path, fault }) =>
    `${rows === 1 ? 'One entry' : `${rows} entries`} could not be read and ${rows === 1 ? 'was' : 'were'} set aside: ${name ? `“${name}” ` : ''}(${tableName(table)}): ${path.map((step) => (typeof step === 'number' ? step + 1 : fieldName(step))).join(' › ')} ${sayFault(fault)}${rows > 1 ? ', …' : '.'} Nothing of ${rows === 1 ? 'it' : 'them'} is lost: mend ${rows === 1 ? 'it' : 'them'} under Files.`,
  'part-missing': () =>
    'A part of Ygrion could not be loaded: a newer one has taken its place, or there is no network. Reload the page; what you typed is kept.',
  unknown: ({ detail }) =>
    `The browser refused${detail ? ` (${detail})` : ''}. Reload the page; if it happens again, export your box.`,
}

const sayStoreProblem = (problem: StoreProblem): string => read(PROBLEMS, problem)

/** A command that failed: what it was, that it was not stored, why, and what to do. */
export const sayFailure = (what: string, problem: StoreProblem): string =>
  `${what ? `“${what}” was not stored. ` : ''}${sayStoreProblem(problem)}`

/** What a friend shared: “Rig: Tokka on a snap”, “Line: Braid 0.13”. */
export function sharedHere({
  box,
  places,
  outings,
  plans,
  practice,
}: Pick<ArchiveContent, 'box' | 'places' | 'outings' | 'plans' | 'practice'>): string[] {
  const drawers = Object.entries(box).flatMap(([kind, list]) =>
    (list as readonly { name?: string }[]).map(({ name }) => `${capital(KINDS[kind]?.one ?? kind)}: ${name ?? ''}`),
  )
  return [
    ...drawers,
    ...places.map(({ name }) => `${capital('place')}: ${name}`),
    ...practice.techniques.map(({ name, how }) => `${capital('technique')}: ${name}. ${how}`),
    ...plans.map(({ name }) => `${capital('plan')}: ${name}`),
    ...outings.map(({ placeName, startedAt }) => `${capital('outing')}: ${placeName}, ${startedAt.slice(0, 10)}`),
  ]
}
