import Dexie from 'dexie'
import { STORED_TABLES, UnreadableRow, type ArchiveContent } from '../core/exchange'
import { USUAL_PRACTICE } from '../core/match'
import { EMPTY_BOX } from '../core/box'
import { isBoxKind, schemaOf } from './schemas'
import { unreadable } from './unreadable'

/** All rows of a table, one by one where they cannot be read together; what cannot be read at all is left. */
async function rowsOf(db: Dexie, name: string): Promise<unknown[]> {
  const table = db.tables.find((t) => t.name === name)
  if (!table) return []
  try {
    return await table.toArray()
  } catch {
    const keys = await table
      .toCollection()
      .primaryKeys()
      .catch(() => [])
    const rows = await Promise.all(keys.map((key) => table.get(key).catch(() => undefined)))
    return rows.filter((row) => row !== undefined)
  }
}

/**
 * All that can still be read of a database that does not open as it should: of whatever version, as it lies there. Rows that are not as their schema says come
 * along, set aside.
 *
 * @param at day and hour
 * @throws the database's own error where it cannot be opened at all
 */
export async function rescueContent(name: string, at: string): Promise<ArchiveContent> {
  const db = await new Dexie(name).open()
  try {
    const bad: UnreadableRow[] = []
    const read = async (table: (typeof STORED_TABLES)[number]) => {
      const good: unknown[] = []
      for (const row of await rowsOf(db, table)) {
        const { success, data } = schemaOf(table).safeParse(row)
        const aside = success ? null : unreadable(table, row, at)
        if (aside) bad.push(aside)
        else good.push(data)
      }
      return good
    }
    const tables = Object.fromEntries(
      await Promise.all(STORED_TABLES.map(async (table) => [table, await read(table)] as const)),
    ) as Record<(typeof STORED_TABLES)[number], never[]>
    const kept = (await rowsOf(db, 'unreadable')).flatMap((row) => UnreadableRow.safeParse(row).data ?? [])
    const { places, waters, photos, bin, outings, plans, aside, practice } = tables
    const { id: _, ...judged } = { id: '', ...((practice[0] as typeof USUAL_PRACTICE | undefined) ?? USUAL_PRACTICE) }
    const box = Object.fromEntries(STORED_TABLES.filter(isBoxKind).map((kind) => [kind, tables[kind]]))
    return {
      box: { ...EMPTY_BOX, ...box },
      places,
      waters,
      photos,
      bin,
      outings,
      plans,
      aside,
      practice: judged,
      unreadable: [...kept, ...bad],
      settings: {},
    }
  } finally {
    db.close()
  }
}
