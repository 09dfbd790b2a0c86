const lb = (pounds: number) => pounds * 4.448

/**
 * Tackle by the strength of a fish: rod powers, and strengths of what breaks first and of the leader that are usual for it, N. Common practice.
 *
 * `leader`: without one on braid, so much of the agreement is left.
 */
export const FISH_TACKLE = {
  panfish: { power: ['ultra-light', 'medium-light'], lineN: [lb(2), lb(8)], leaderN: [lb(2), lb(8)], leader: 0.95 },
  light: { power: ['light', 'medium'], lineN: [lb(4), lb(15)], leaderN: [lb(5), lb(16)], leader: 0.95 },
  medium: { power: ['medium-light', 'medium-heavy'], lineN: [lb(7), lb(20)], leaderN: [lb(8), lb(24)], leader: 0.95 },
  strong: { power: ['medium', 'heavy'], lineN: [lb(12), lb(40)], leaderN: [lb(24), lb(48)], leader: 0.7 },
  heavy: { power: ['heavy', 'extra-heavy'], lineN: [lb(38), lb(90)], leaderN: [lb(45), lb(110)], leader: 0.5 },
  giant: { power: ['heavy', 'extra-heavy'], lineN: [lb(45), lb(110)], leaderN: [lb(58), lb(130)], leader: 0.4 },
} as const

/** How many times stronger line is wanted in the thickest cover of a kind than in the open. */
export const COVER_ASKS = {
  open: 1,
  clay: 1,
  shell: 1.2,
  rock: 1.3,
  reeds: 2.4,
  grass: 2.2,
  docks: 2.6,
  brush: 3.4,
  timber: 3.4,
  pads: 4,
} as const

/**
 * The weight that is thrown asks, too: at least what a hard cast asks (`least` times), a leader a little more, and no line that kills its swim: at most so many times that,
 * by what it is; under `lightestN` nobody counts. Of braid anglers tie on `braid` times as strong as of nylon: it is thin, and its knots slip.
 */
export const LINE_BY_WEIGHT = {
  least: 1.2,
  leader: 1.2,
  plugs: 3.6,
  others: 4.2,
  lightestN: lb(6),
  braid: 1.25,
} as const

/** How far outside its band a strength may be, in natural logarithms, before little is left of the agreement: too weak, and too strong. */
export const STRENGTH_WIDTH = { weak: 0.22, strong: 0.45 } as const

/** Lengths of rods by how a lure is brought out and where one stands, m; how far outside them costs most of the agreement, m. */
export const ROD_LENGTHS = {
  down: [1.55, 2.15],
  pitched: [1.95, 2.45],
  boat: [1.9, 2.5],
  bank: [1.95, 2.9],
  farBank: [2.5, 3.3],
  surf: [2.65, 3.5],
  stream: [1.6, 2.45],
  behindBoat: [1.8, 2.7],
  width: 0.35,
} as const
/** From so comfortable a cast on, m, a bank asks for reach; under it a water is a stream. From so much swell or wind on it is surf. */
export const BANKS = { farM: 38, streamM: 20, swellM: 0.7, windMps: 9 } as const

/** A reel that a technique is not made with; and a spinning reel that winds a heavy jig from below. */
export const WRONG_REEL = { other: 0.8, underLoad: 0.75, loadKg: 0.06 } as const
