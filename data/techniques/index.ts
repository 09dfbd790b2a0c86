import { BOTTOM } from './bottom'
import { CARRIED } from './carried'
import { DOWN } from './down'
import { TWITCHED } from './twitched'
import { WOUND } from './wound'

/**
 * Techniques: what the hand does with a kind of lure on a kind of rig, delivered in one way. Common practice; `facts` are the facts of the trade by number (docs/facts.md).
 *
 * `works`: families, and of them only these mounts and traits; without mounts every rig but a drop-shot. `delivery`: the way of fishing (data/deliveries).
 * `pace`: of the pull, from the slow end to the fast: as a place in the lure's own window of speeds (`window`, 0 … 1), in m/s (`mps`: slow, usual, fast), or null where
 * water or boat sets it. `pullS`: length of one pull, s. `restS`: of the rest after it (short, usual, long), s, or null where there is none; `rest`: what the lure does in it.
 * `slack`: the line goes slack in the rest. `passing`: 1 goes past the fish … 0 drops to it or stays. `sinkTo`: how deep it is let sink first. `at`: where it is worked.
 * `takes`: when fish take it. `beat`: what the hand does within the pull, as parts of it; without one it winds or draws throughout.
 * `when`: rules of practice that reach for it: in what water, of which lures, how strongly.
 */
export const TECHNIQUE_GROUPS = [
  { id: 'wound', name: 'Wound', techniques: WOUND },
  { id: 'twitched', name: 'Twitched, and on top', techniques: TWITCHED },
  { id: 'bottom', name: 'Along the bottom and into cover', techniques: BOTTOM },
  { id: 'down', name: 'Straight down', techniques: DOWN },
  { id: 'carried', name: 'Swung, drifted, trolled, left lying', techniques: CARRIED },
] as const

/** What an angler’s own technique is called where only its id is known. */
export const UNNAMED = 'A technique of one’s own'
