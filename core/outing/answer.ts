/**
 * What a fish may answer. `bite` counts as a take when rates are worked out; `worth` is what an answer tells an adviser about being on the right
 * track, a take being 1. Common practice.
 */
export const ANSWERS = [
  { id: 'follow', name: 'Followed', says: 'a follow', bite: false, worth: 0.25 },
  { id: 'peck', name: 'Pecked', says: 'a peck', bite: false, worth: 0.35 },
  { id: 'slap', name: 'Slapped', says: 'a slap', bite: false, worth: 0.35 },
  { id: 'hard-knock', name: 'Hard knock', says: 'a hard knock', bite: true, worth: 1 },
  { id: 'eaten-winding', name: 'Ate, winding in', says: 'a take while winding in', bite: true, worth: 1 },
  { id: 'eaten-pause', name: 'Ate on the pause', says: 'a take on the pause', bite: true, worth: 1 },
  { id: 'eaten-fall', name: 'Ate on the fall', says: 'a take on the fall', bite: true, worth: 1 },
  { id: 'lost', name: 'Lost it', says: 'a fish lost', bite: true, worth: 1 },
  { id: 'landed', name: 'Landed', says: 'a fish landed', bite: true, worth: 1 },
] as const

export type AnswerId = (typeof ANSWERS)[number]['id']
export const ANSWER_IDS = ANSWERS.map((a) => a.id) as [AnswerId, ...AnswerId[]]

const BY_ID = new Map<string, (typeof ANSWERS)[number]>(ANSWERS.map((a) => [a.id, a]))

/** @throws Error on an id that is no answer */
export function answerOf(id: string): (typeof ANSWERS)[number] {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`${id} is not an answer that a fish gives`)
  return found
}
