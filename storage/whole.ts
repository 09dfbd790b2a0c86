import { ARCHIVE_VERSION, BOX_KINDS, KeptSettings, readContent, type ArchiveContent } from '../core/exchange'
import { USUAL_PRACTICE } from '../core/match'
import { EMPTY_BOX, type Box } from '../core/box'
import { SINGLETON_ID, type Backup, type YgrionDb } from './db'
import { inPieces } from './pieces'
import { StoreError } from './problem'
import { newId } from '../core/new-id'

/** The key under which the angler's choices lie among the settings. */
export const SETTINGS_KEY = 'settings'
/** Backups that are kept; the oldest goes first. */
const MOST_BACKUPS = 5

/** What stands of a backup in a list. */
export type BackupHead = Omit<Backup, 'content' | 'version'>

/** Everything on show, read in one piece. Photos and outings are many and heavy: they are read by themselves. */
export type Stored = Omit<ArchiveContent, 'photos' | 'outings' | 'plans' | 'settings'>

/** The tables that {@link readShown} reads. */
export const shownTables = (db: YgrionDb) => [
  ...BOX_KINDS.map((kind) => db.table(kind)),
  db.places,
  db.waters,
  db.bin,
  db.aside,
  db.practice,
  db.unreadable,
]

/** Everything on show. Inside a transaction over {@link shownTables}, or on its own. */
export async function readShown(db: YgrionDb): Promise<Stored> {
  const box: Box = { ...EMPTY_BOX }
  for (const kind of BOX_KINDS) Object.assign(box, { [kind]: await db.table(kind).orderBy('id').toArray() })
  const { id: _, ...practice } = (await db.practice.get(SINGLETON_ID)) ?? { id: SINGLETON_ID, ...USUAL_PRACTICE }
  return {
    box,
    places: await db.places.toArray(),
    waters: await db.waters.toArray(),
    bin: await db.bin.toArray(),
    practice,
    aside: await db.aside.toArray(),
    unreadable: await db.unreadable.toArray(),
  }
}

/** Everything for an archive, photos too. Inside a transaction over all tables, or on its own. */
export async function readWhole(db: YgrionDb): Promise<ArchiveContent> {
  return {
    ...(await readShown(db)),
    photos: await db.photos.toArray(),
    outings: await db.outings.toArray(),
    plans: await db.plans.toArray(),
    settings: choicesOf((await db.settings.get(SETTINGS_KEY))?.value),
  }
}

/** Of what lies among the settings, that which belongs to the angler; the rest is of this browser, or not understood. */
export function choicesOf(value: unknown): KeptSettings {
  const known = Object.entries((value ?? {}) as Record<string, unknown>).filter(([key, one]) => {
    if (!Object.hasOwn(KeptSettings.shape, key) || one === undefined) return false
    return KeptSettings.shape[key as keyof KeptSettings].safeParse(one).success
  })
  return Object.fromEntries(known)
}

/** Clears all tables and fills them with the content of an archive, inside a transaction over all of them. */
export async function fillWhole(db: YgrionDb, content: ArchiveContent): Promise<void> {
  const fill = async (name: string, things: readonly unknown[]) => {
    await db.table(name).clear()
    await inPieces(things, (piece) => db.table(name).bulkAdd(piece))
  }
  for (const kind of BOX_KINDS) await fill(kind, content.box[kind])
  for (const name of ['places', 'waters', 'photos', 'bin', 'outings', 'plans', 'aside', 'unreadable'] as const)
    await fill(name, content[name])
  await fill('practice', [{ id: SINGLETON_ID, ...content.practice }])
  const value = (await db.settings.get(SETTINGS_KEY))?.value
  await db.settings.put({ key: SETTINGS_KEY, value: { ...(value as object | undefined), ...content.settings } })
}

/**
 * Keys of backups only grow, whatever the clock says: it is set back in autumn and on a journey west. They sort behind those of before, which began with the year.
 * Example: `n000000012 …` after `n000000011 …`.
 */
function nextKey(keys: readonly string[]): string {
  const last = keys.reduce((most, key) => Math.max(most, Number(/^n(\d{9}) /.exec(key)?.[1] ?? 0)), 0)
  return `n${String(last + 1).padStart(9, '0')} ${newId()}`
}

/** Lays the whole of what is stored aside, inside a transaction over all tables, and answers with its key; those made first go. */
export async function backUp(db: YgrionDb, content: ArchiveContent, made: Pick<Backup, 'at' | 'why'>): Promise<string> {
  const id = nextKey(await db.backups.orderBy('id').primaryKeys())
  const { box, outings, places } = content
  const counts = { lures: box.lures.length, outings: outings.length, places: places.length }
  await db.backups.put({ id, ...made, ...counts, version: ARCHIVE_VERSION, content })
  const all = await db.backups.orderBy('id').primaryKeys()
  await db.backups.bulkDelete(all.slice(0, Math.max(0, all.length - MOST_BACKUPS)))
  return id
}

/** The content of a backup, as archives of today are. @throws StoreError where it is gone or cannot be read */
export async function contentOf(db: YgrionDb, backupId: string): Promise<ArchiveContent> {
  const backup = await db.backups.get(backupId)
  if (!backup) throw new StoreError({ code: 'gone', what: 'backup' })
  const read = readContent({ format: 'ygrion-archive', version: backup.version, ...(backup.content as object) })
  if (!read.ok) throw new StoreError({ code: 'unknown', detail: read.problems[0]?.place ?? '' })
  const { format: _, version: __, ...content } = read.archive
  return content
}
