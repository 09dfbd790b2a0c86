import type { Refusal } from '../../core/match'
import { read, type Catalogue } from './catalogue'

/** Why a set-up cannot be fished here, as the rest of “it cannot be fished here: …”. */
const REFUSALS: Catalogue<Refusal> = {
  'not-from-here': () => 'it cannot be fished from where you stand',
  'still-water': () => 'it needs water that passes: a current, or the drift of a boat',
  'carried-off': () => 'the water carries its sinker off: more lead, or thinner line',
  'other-way': () => 'it is not fished in the ways you chose for today',
  'idle-here': () => 'it does not work at the pace of this water, or of a boat',
  'part-missing': () => 'a part is missing',
  'reel-off-rod': () => 'its line is on no reel that fits the rod',
  'used-up': () => 'there is none left in the box',
  'rod-cannot-cast': () => 'its weight is outside what the rod casts',
  'lowered-only': () => 'its rod or reel is made to be lowered, not to cast',
  'breaks-on-cast': () => 'its weight would break line or leader on the cast',
  'line-off-rod': () => 'the line is outside what the rod takes',
  'too-weak': () => 'line or leader is too weak for this fish in this cover',
  'not-bite-proof': () => 'teeth would cut the leader',
  'hangs-up': () => 'it would hang up or foul on cast after cast',
  'no-hook-fits': () => 'no hook or head in the box fits it',
  'no-tackle-holds': () => 'no rod, reel and line in the box hold this fish in this cover',
  'no-rod': () => 'there is no rod in the box',
  'no-reel': () => 'there is no reel in the box',
  'no-line': () => 'there is no line in the box',
  'no-line-on-reel': () => 'no line is wound on a reel that fits one of the rods',
  'no-rod-casts': () => 'no rod that holds this fish casts its weight',
  trebles: () => 'it carries trebles, and only single hooks are allowed here',
  lead: () => 'it carries lead, and lead is forbidden here',
  'too-many-lures': ({ lures, allowed }) => `it is ${lures} lures on one line, and ${allowed} are allowed here`,
  'too-many-hooks': ({ hooks, allowed }) => `it carries ${hooks} hooks, and ${allowed} are allowed here`,
}

export const sayRefusal = (refusal: Refusal): string => read(REFUSALS, refusal)
