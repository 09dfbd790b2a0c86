import type { Member } from '../../core/match'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import type { Further } from '../../core/tackle'

const FURTHER_WORDS: Readonly<Record<Further['at'], string>> = {
  behind: 'Behind it',
  above: 'On a dropper above it',
  arm: 'On an arm',
}
export const sayFurtherAt = (at: Further['at']): string => FURTHER_WORDS[at]

/** A further lure of a rig in the list: its name, where it hangs, and what it would earn there by itself. */
export function sayMember({ name, at, metres, dummy, score }: Member, system: UnitSystem): string {
  const far = showMeasure(metres, 'depth', system)
  const where = at === 'behind' ? `${far} behind` : at === 'above' ? `${far} above` : 'on an arm'
  return `${name}, ${where}${dummy ? ', a dummy' : `: ${Math.round(score)}`}`
}
