import type { Variable } from './variables'

/** Which way an answer speaks for a change: to the next step lower or higher, to any other step, or for this step as it is. */
type Toward = 'down' | 'up' | 'other' | 'stay'

interface AnswerRow {
  /** Counts as a take when rates are worked out. */
  readonly bite: boolean
  /** It stands for itself alone: a fish that is watched is no sign of others that nobody saw. */
  readonly watched?: true
  /** What it tells an adviser about being on the right track, a take being 1. */
  readonly worth: number
  /** On which variables it speaks for a change, and which way; facts of the trade by number. */
  readonly tells?: { readonly facts: readonly number[]; readonly toward: Readonly<Partial<Record<Variable, Toward>>> }
}

/** What a fish may answer: one row each, common practice. Their names, and what they tell in words, stand in words/. */
const ROWS = {
  seen: { bite: false, worth: 0, watched: true },
  follow: {
    bite: false,
    worth: 0.25,
    tells: { facts: [37], toward: { speed: 'other', cadence: 'other', depth: 'other' } },
  },
  peck: { bite: false, worth: 0.35, tells: { facts: [15], toward: { size: 'down', action: 'down' } } },
  slap: { bite: false, worth: 0.35, tells: { facts: [22], toward: { colour: 'other', action: 'other' } } },
  'hard-knock': {
    bite: true,
    worth: 1,
    tells: { facts: [15], toward: { size: 'stay', colour: 'stay', place: 'stay', speed: 'down' } },
  },
  'eaten-winding': { bite: true, worth: 1, tells: { facts: [15], toward: { cadence: 'down', action: 'stay' } } },
  'eaten-pause': { bite: true, worth: 1, tells: { facts: [18, 28], toward: { cadence: 'stay' } } },
  'eaten-fall': { bite: true, worth: 1, tells: { facts: [18, 37], toward: { cadence: 'up', speed: 'down' } } },
  lost: { bite: true, worth: 1 },
  landed: { bite: true, worth: 1 },
} as const satisfies Readonly<Record<string, AnswerRow>>

export type AnswerId = keyof typeof ROWS
export interface Answer extends AnswerRow {
  readonly id: AnswerId
}
export const ANSWERS: readonly Answer[] = Object.entries(ROWS).map(([id, row]) => ({ id: id as AnswerId, ...row }))
export const ANSWER_IDS = ANSWERS.map((a) => a.id) as [AnswerId, ...AnswerId[]]

const BY_ID = new Map<string, Answer>(ANSWERS.map((a) => [a.id, a]))

/** @throws Error on an id that is no answer */
export function answerOf(id: string): Answer {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`${id} is not an answer that a fish gives`)
  return found
}
