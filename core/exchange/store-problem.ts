import type { SchemaFault } from '../fault'
import type { StoredTable } from './stored-schemas'

/** Why something was not stored, by code and what fills its sentence; words/ says it and what to do about it. */
export type StoreProblem =
  /** No room left, or the browser gives none. */
  | { readonly code: 'full' }
  /** The database was shut: by another tab that brought a newer version, or by the browser. */
  | { readonly code: 'closed' }
  /** The browser has no database, or denies it (a private window, a setting). */
  | { readonly code: 'denied' }
  /** It does not answer. */
  | { readonly code: 'no-answer' }
  /** This page is older than the database. */
  | { readonly code: 'older' }
  /** The database is older than any that this page reads. */
  | { readonly code: 'too-old' }
  /** A thing that is not what its schema says: the field, and what is wrong with it. */
  | { readonly code: 'not-valid'; readonly name: string; readonly field: string; readonly fault: SchemaFault }
  /** What was to be changed is no longer there. */
  | { readonly code: 'gone'; readonly what: 'outing' | 'backup' | 'step' }
  /** Another tab has changed the same fields since. */
  | { readonly code: 'changed-meanwhile'; readonly conflicts: readonly Conflict[] }
  /** The whole box was changed since by another tab. */
  | { readonly code: 'box-changed' }
  | {
      readonly code: 'too-many'
      readonly kind: StoredTable | 'unreadable' | 'entries' | 'carried'
      readonly most: number
    }
  | { readonly code: 'outing-under-way'; readonly place: string; readonly since: string }
  /** Rows that are not what their schema says, found when the box was opened, and set aside. */
  | {
      readonly code: 'unreadable'
      readonly rows: number
      readonly table: StoredTable
      readonly name: string
      readonly path: readonly (string | number)[]
      readonly fault: SchemaFault
    }
  /** A part of the page could not be loaded: a newer version has taken its place, or there is no network. */
  | { readonly code: 'part-missing' }
  | { readonly code: 'unknown'; readonly detail: string }

/** One thing that two hands have changed. */
export interface Conflict {
  readonly kind: StoredTable | 'unreadable'
  readonly id: string
  /** Its name, where it has one. */
  readonly name: string
  /** Fields that both changed; empty where one of the two took the thing away. */
  readonly fields: readonly string[]
  readonly mine: unknown
  readonly theirs: unknown
}
