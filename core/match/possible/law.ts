import type { Refusal } from '../refusal'
import { familyOf, hookPoints, type Build, type Lure } from '../../tackle'
import type { Place } from '../../water'

type Law = Pick<Place, 'singlesOnly' | 'mostHooks' | 'trebleIsThree' | 'mostLures'>
type Hooked = Pick<Lure, 'hooks'>

/**
 * What the law of a place forbids about a lure with the hooks it carries; null where nothing that is known here.
 *
 * @param added hooks that its rig hangs on besides, all single: a stinger, the hook of a soft body
 */
export const lawBroken = (lure: Hooked, law: Law, added = 0): Refusal | null => lineBroken([lure], law, added)

const isLead = (part: { readonly metal?: string | undefined } | null | undefined): boolean =>
  part != null && (part.metal ?? 'lead') === 'lead'

/** Whether a dressed lure brings lead into the water in its head, its sinker or a jig's own body; what is said to be of no other metal is lead. */
export function bringsLead({ lure, mount, anchor }: Pick<Build, 'lure' | 'mount' | 'anchor'>): boolean {
  if (familyOf(lure.family).body === 'jig' && isLead(lure.make ?? {})) return true
  if (mount.kind === 'head' && isLead(mount.head)) return true
  return isLead(anchor) || ('sinker' in mount && isLead(mount.sinker))
}

/** The same of all lures on one line, counted as the place counts them: a treble is one hook or three. */
export function lineBroken(lures: readonly Hooked[], law: Law, added = 0): Refusal | null {
  const { singlesOnly, mostHooks, mostLures, trebleIsThree } = law
  if (singlesOnly && lures.some(({ hooks }) => hooks && hookPoints(hooks) > hooks.count)) return { code: 'trebles' }
  if (mostLures !== null && lures.length > mostLures)
    return { code: 'too-many-lures', lures: lures.length, allowed: mostLures }
  const counted = ({ hooks }: Hooked) => (hooks ? (trebleIsThree ? hookPoints(hooks) : hooks.count) : 0)
  const count = lures.reduce((sum, lure) => sum + counted(lure), added)
  return mostHooks !== null && count > mostHooks ? { code: 'too-many-hooks', hooks: count, allowed: mostHooks } : null
}
