import type { Page } from '@playwright/test'

/** What lies in the browser's database, as plain data. */
export interface Stored {
  readonly version: number
  readonly stores: readonly {
    readonly name: string
    readonly keyPath: string
    readonly autoIncrement: boolean
    /** Indexes on one field, named like it. */
    readonly indexes: readonly string[]
    readonly rows: readonly unknown[]
  }[]
}

const DATABASE = 'ygrion'

/** A file of the origin in which the application does not run: its database can be written from there. */
export const QUIET_PATH = '/icon.svg'

/** Everything the page's database holds. */
export const readStored = (page: Page): Promise<Stored> =>
  page.evaluate(
    (name) =>
      new Promise<Stored>((resolve, reject) => {
        const asked = indexedDB.open(name)
        asked.onerror = () => reject(new Error('no database'))
        asked.onsuccess = () => {
          const db = asked.result
          const names = [...db.objectStoreNames]
          const work = db.transaction(names)
          const stores = names.map((store) => {
            const table = work.objectStore(store)
            const { keyPath, autoIncrement } = table
            return {
              name: store,
              keyPath: String(keyPath),
              autoIncrement,
              indexes: [...table.indexNames],
              read: table.getAll(),
            }
          })
          work.onerror = () => reject(new Error('the database could not be read'))
          work.oncomplete = () => {
            db.close()
            resolve({
              version: db.version,
              stores: stores.map(({ read, ...store }) => ({ ...store, rows: read.result as unknown[] })),
            })
          }
        }
      }),
    DATABASE,
  )

/** The database of a page's origin made to hold just this; `empty`: nothing at all, as before the first visit. */
export const writeStored = (page: Page, stored: Stored, empty: boolean): Promise<void> =>
  page.evaluate(
    ({ name, stored: { version, stores }, nothing }) =>
      new Promise<void>((resolve, reject) => {
        localStorage.clear()
        const asked = indexedDB.open(name, version)
        asked.onupgradeneeded = () => {
          for (const { name: store, keyPath, autoIncrement, indexes } of stores) {
            const made = asked.result.createObjectStore(store, { keyPath, autoIncrement })
            for (const index of indexes) made.createIndex(index, index)
          }
        }
        asked.onblocked = () => reject(new Error('the database is held by another page'))
        asked.onerror = () => reject(new Error('no database'))
        asked.onsuccess = () => {
          const db = asked.result
          const work = db.transaction(
            stores.map((store) => store.name),
            'readwrite',
          )
          for (const { name: store, rows } of stores) {
            const table = work.objectStore(store)
            table.clear()
            if (!nothing) for (const row of rows) table.put(row)
          }
          work.onerror = () => reject(new Error('the database could not be written'))
          work.oncomplete = () => {
            db.close()
            resolve()
          }
        }
      }),
    { name: DATABASE, stored, nothing: empty },
  )
