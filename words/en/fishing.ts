import type { Note, PlaceLaw } from '../../core/match'
import { count } from './grammar'
import { NOTES } from './how-to'
import { sayRefusal } from './refusals'

interface NoteWords {
  readonly says: string
  /** What the fish did, where the note tells what that means. */
  readonly heard?: string
}

/** What is said beside a set-up. */
export const noteWords = ({ id }: Pick<Note, 'id'>): NoteWords => NOTES[id]

/** The law of a place for a set-up, sentence by sentence. */
export function sayLaw({
  broken,
  singlesOnly,
  mostHooks,
  trebleIsThree,
  mostLures,
  noLead,
  rules,
}: PlaceLaw): string[] {
  return [
    ...(broken ? [`Not here: ${sayRefusal(broken)}.`] : []),
    ...(singlesOnly ? ['Single hooks only on this water.'] : []),
    ...(mostHooks === null
      ? []
      : [`No more than ${mostHooks} hooks on a line here${trebleIsThree ? ', a treble counted as three' : ''}.`]),
    ...(noLead ? ['No lead in the water here.'] : []),
    ...(mostLures === null ? [] : [`No more than ${count(mostLures, 'lure')} on a line here.`]),
    ...(rules ? [rules] : []),
  ]
}
