/**
 * How readily fish take a lure while it sinks after the cast, against how they take it in the pull, 0 … 1. Common practice: jigs, worms and flutter spoons are
 * taken on the fall before all else; blades that hang and plugs that nose down are passed by. The order matters more than the figures.
 */
export const FALL_TAKEN = {
  'skirted-jig': 1,
  'hair-jig': 1,
  'slow-fall-jig': 1,
  'long-jig': 0.8,
  'stick-worm': 1,
  'finesse-worm': 1,
  creature: 1,
  tube: 1,
  grub: 0.9,
  'soft-jerkbait': 0.9,
  'flutter-spoon': 1,
  'thin-spoon': 0.5,
  'casting-spoon': 0.7,
  'casting-metal': 0.5,
  'blade-bait': 0.7,
  'lipless-crankbait': 0.6,
  'paddle-tail': 0.7,
  'bladed-jig': 0.6,
  spinnerbait: 0.6,
  streamer: 0.6,
  'segmented-bait': 0.5,
  'glide-bait': 0.5,
  'hard-swimbait': 0.4,
  'in-line-spinner': 0.3,
  'umbrella-rig': 0.3,
  'needle-plug': 0.1,
} as const
