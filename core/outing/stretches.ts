import type { Account, Stretch } from './account'
import { answerOf } from './answer'
import { effectOf } from './entry-kinds'
import { Ledger } from './ledger'
import type { Outing } from './outing'

export const bitesOf = ({ answers }: Pick<Stretch, 'answers'>): number =>
  answers.filter((a) => answerOf(a.answer).bite).length
export const landedOf = ({ answers }: Pick<Stretch, 'answers'>): number =>
  answers.filter((a) => a.answer === 'landed').length

/** Folds the entries into stretches, up to `now` where the outing is still under way. Entries count in the order in which they were made. */
export function accountOf(outing: Outing, now: string): Account {
  const ledger = new Ledger(outing)
  for (const entry of outing.entries) effectOf(entry)(ledger)
  return ledger.account(now)
}
