import type { AlteredInHand, AnswerId } from '../../core/outing'

interface AnswerWords {
  /** On its button. */
  readonly name: string
  /** In a sentence. */
  readonly says: string
  /** Beside its button. */
  readonly hint: string
  /** What it tells the adviser; where there is none, nothing is told. */
  readonly tells?: string
}

/** What a fish may answer. */
const ANSWERS: Readonly<Record<AnswerId, AnswerWords>> = {
  seen: { name: 'Looked at it', says: 'a fish that looked', hint: 'by eye or sounder, no touch' },
  follow: {
    name: 'Followed',
    says: 'a follow',
    hint: 'came along, did not touch',
    tells: 'They follow and turn away: change the pace, or the depth.',
  },
  peck: { name: 'Pecked', says: 'a peck', hint: 'touched, let go', tells: 'Pecks and misses: show them less.' },
  slap: {
    name: 'Slapped',
    says: 'a slap',
    hint: 'hit it, mouth shut',
    tells: 'They slap at it: wrong action or colour.',
  },
  'hard-knock': {
    name: 'Hard knock',
    says: 'a hard knock',
    hint: 'hard knock, then off',
    tells: 'A hard knock: the right lure, and others are near. Slow down and cover the spot thoroughly.',
  },
  'eaten-winding': {
    name: 'Ate, winding in',
    says: 'a take while winding in',
    hint: 'not hooked',
    tells: 'They eat it on the move: keep it moving.',
  },
  'eaten-pause': {
    name: 'Ate on the pause',
    says: 'a take on the pause',
    hint: 'not hooked',
    tells: 'They eat on the pause: keep the pauses.',
  },
  'eaten-fall': {
    name: 'Ate on the fall',
    says: 'a take on the fall',
    hint: 'not hooked',
    tells: 'They eat on the fall: let it drop again.',
  },
  lost: { name: 'Lost it', says: 'a fish lost', hint: 'hooked, came off' },
  landed: { name: 'Landed', says: 'a fish landed', hint: 'in the hand' },
}

export const answerWords = (id: AnswerId): AnswerWords => ANSWERS[id]

/** What is done to a lure in the hand: the button, and the line of the log. */
const ALTERED_WORDS: Readonly<Record<AlteredInHand, { readonly does: string; readonly said: string }>> = {
  trimmed: { does: 'Skirt trimmed', said: 'skirt trimmed' },
  cut: { does: 'Cut shorter', said: 'cut to' },
  hooks: { does: 'Other hooks', said: 'other hooks' },
  trailer: { does: 'Other trailer', said: 'other trailer' },
  blade: { does: 'Other blade', said: 'other blade' },
  heavier: { does: 'Loaded', said: 'loaded' },
  lighter: { does: 'Lightened', said: 'lightened' },
}
export const alteredWords = (what: AlteredInHand) => ALTERED_WORDS[what]
