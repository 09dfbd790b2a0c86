/** What the demo angler's tackle has been through: fish, wear, cost. Invented. */

/** Cost of one by family, in the angler's own currency. */
export const DEMO_COSTS: Readonly<Record<string, number>> = {
  spinnerbait: 8.5,
  'bladed-jig': 9,
  'in-line-spinner': 4.2,
  'casting-spoon': 5.5,
  'thin-spoon': 4,
  'flutter-spoon': 12,
  'blade-bait': 6,
  'casting-metal': 7.5,
  'long-jig': 13,
  'slow-fall-jig': 11,
  crankbait: 9.5,
  'lipless-crankbait': 9,
  jerkbait: 14,
  'glide-bait': 39,
  'hard-swimbait': 34,
  surface: 12,
  'needle-plug': 19,
  'skirted-jig': 4.8,
  'hair-jig': 3.5,
  streamer: 2.8,
  'umbrella-rig': 22,
}
/** Soft bodies come in bags: cost of one. */
export const DEMO_SOFT_COST = 0.7

/** Fish landed, by name, and the state it is in. */
export const DEMO_USE: Readonly<Record<string, { fish: number; condition?: 'new' | 'good' | 'worn' | 'spent' }>> = {
  'Grumblewing 14': { fish: 31, condition: 'worn' },
  'Grumblewing 21 Thud': { fish: 6 },
  'Shudderkin 10': { fish: 9 },
  'Pirrip 7': { fish: 22 },
  'Pirrip 4': { fish: 14 },
  'Dollop 18': { fish: 8 },
  'Tremolo 7': { fish: 17, condition: 'worn' },
  'Slingspat 28': { fish: 5 },
  'Bumblecrag M': { fish: 11 },
  'Bumblecrag S': { fish: 26 },
  'Kettledrum 14': { fish: 7 },
  'Nimbletwig 90': { fish: 19 },
  'Nimbletwig 110': { fish: 34, condition: 'worn' },
  'Nimbletwig 100 Deep': { fish: 12 },
  'Swaynard 150': { fish: 3 },
  'Plopsworth 70': { fish: 4 },
  'Waglet Rib 95': { fish: 28 },
  'Waglet Slim 100': { fish: 16 },
  'Broombelly Ball 18': { fish: 9 },
  'Moulting 4': { fish: 13 },
  'Hingelmore 130': { fish: 2 },
  'Swaynard 180': { fish: 0, condition: 'new' },
}

/** What was done to them, oldest first; `was` is what stood before. Days before the demo is opened. */
export const DEMO_CHANGES = [
  {
    name: 'Nimbletwig 110',
    kind: 'hooks',
    daysAgo: 130,
    fish: 21,
    note: 'Points gone on rock; same size, heavier wire',
    was: { hooks: { style: 'round treble', size: '#6', wire: 'light', count: 3 } },
  },
  {
    name: 'Nimbletwig 90',
    kind: 'ballast',
    daysAgo: 60,
    fish: 15,
    note: 'Strip of lead under the belly: it rose too fast in cold water',
    was: { alteredKg: 0, 'traits.buoyancy': 'floats' },
    alteredKg: 0.0003,
  },
  {
    name: 'Broombelly Wee 7',
    kind: 'skirt',
    daysAgo: 40,
    fish: 0,
    note: 'Trimmed to the bend for pecking fish',
    was: { 'traits.skirt': 'full' },
    traits: { skirt: 'trimmed' },
  },
] as const
