import type { ArchiveContent } from '../core/exchange'
import type { Edit } from './edits'
import type { LogChange } from './log'

/** A change of what is stored, as data: it can be kept, and done again after a reload. */
export type Command =
  /** `alone`: only where no outing is under way. */
  | { readonly kind: 'edits'; readonly edits: readonly Edit[]; readonly alone?: true }
  | { readonly kind: 'log'; readonly change: LogChange }
  /** All of it replaced by what a backup holds. */
  | { readonly kind: 'restore'; readonly backupId: string }

/** A change that does not come out of the history: all of it replaced by an archive, the demo or nothing. */
export type Replacement = { readonly kind: 'replace'; readonly content: ArchiveContent }

/** What is new in an archive comes in beside what is there. `called`: what it is called, once it is known what came. */
export type TakeIn = {
  readonly kind: 'take-in'
  readonly content: ArchiveContent
  readonly called: (added: number, kept: number) => string
}

/** Who does it, and what it is called. */
export interface DoneBy {
  /** The tab, as long as it is open, reloads included. */
  readonly tab: string
  readonly label: string
  /** Day and hour. */
  readonly at: string
}

/** The number of a step that changed nothing: there is no way back from it. */
export const NOTHING_DONE = 0

/** What was done, with the way back. */
export interface Step {
  readonly nth: number
  readonly label: string
}
