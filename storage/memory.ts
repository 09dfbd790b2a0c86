import Dexie from 'dexie'
import { YgrionDb } from './db'

/** Where the page may not even ask for the browser's own, there is none: the library asks again, and would fall over the answer. */
function withoutAsking(): void {
  try {
    void globalThis.indexedDB
  } catch {
    Object.defineProperty(globalThis, 'indexedDB', { value: undefined, configurable: true })
  }
}

/** A database that lives as long as the page: for a browser that has none, or lets the page have none. */
export async function databaseInMemory(): Promise<YgrionDb> {
  withoutAsking()
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb')
  const indexedDB = new IDBFactory()
  // A live query stays silent where the library found no database of the browser's own.
  Dexie.dependencies.indexedDB ??= indexedDB
  const db = new YgrionDb('ygrion-in-memory', { indexedDB, IDBKeyRange })
  await db.open()
  return db
}
