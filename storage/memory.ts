import Dexie from 'dexie'
import { YgrionDb } from './db'

/** A database that lives as long as the page: for a browser that has none, or lets the page have none. */
export async function databaseInMemory(): Promise<YgrionDb> {
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb')
  const indexedDB = new IDBFactory()
  // A live query stays silent where the library found no database of the browser's own.
  Dexie.dependencies.indexedDB ??= indexedDB
  const db = new YgrionDb('ygrion-in-memory', { indexedDB, IDBKeyRange })
  await db.open()
  return db
}
