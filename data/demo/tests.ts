/**
 * The demo angler's bench book: which lure was tested how, so many days before the demo is opened, and by how much the lure differs from what its family or
 * packet says (`by`: drag, trim, weight …). The readings are drawn from that with a seeded hand (core/demo/tests). Invented.
 */

type Test = { lure: string; daysAgo: number; by?: number; note?: string } & (
  | { kind: 'weigh' }
  | { kind: 'fall'; depthM: number; withG?: number; /** One reading gone wrong. */ slip?: boolean }
  | { kind: 'depth'; castsM: readonly number[]; lineMm: number; scatter?: number }
  | { kind: 'rest'; addedG: readonly number[] }
  | { kind: 'action'; speedMps: number; swing: string; share: number; beats: number }
  | { kind: 'window'; slow: number; fast: number }
  | { kind: 'tear'; litres: number }
  | { kind: 'cast'; rodId: string; castM: number }
  | { kind: 'revival'; readings: readonly (readonly [grams: number, shimmy: string])[] }
  | { kind: 'damping'; trailerId: string; bare: number; share: number }
  | { kind: 'trolled'; linesOutM: readonly number[]; speedMps: number; lineMm: number }
  | { kind: 'wound'; counts: readonly number[]; castM: number; awayM: number; paceMps: number; lineMm: number }
)

const TERN = 'rod-tern'

export const DEMO_TESTS: readonly Test[] = [
  // Falls in a rain barrel and off the jetty.
  { lure: 'Dollop 12', kind: 'fall', daysAgo: 61, depthM: 2, by: 1.08 },
  { lure: 'Dollop 18', kind: 'fall', daysAgo: 61, depthM: 2, by: 0.95 },
  { lure: 'Slingspat 28', kind: 'fall', daysAgo: 60, depthM: 3.4, by: 0.9 },
  { lure: 'Slingspat 18', kind: 'fall', daysAgo: 60, depthM: 3.4, by: 1.05, slip: true },
  { lure: 'Tremolo 7', kind: 'fall', daysAgo: 60, depthM: 3.4, by: 1.1 },
  { lure: 'Tremolo 12', kind: 'fall', daysAgo: 60, depthM: 3.4, by: 1.04 },
  { lure: 'Langblad 170', kind: 'fall', daysAgo: 58, depthM: 3.4, by: 1.12, note: 'Cradles all the way.' },
  { lure: 'Leafwhisper 40', kind: 'fall', daysAgo: 58, depthM: 3.4, by: 0.96 },
  { lure: 'Broombelly Flip 14', kind: 'fall', daysAgo: 44, depthM: 2, by: 1.06 },
  { lure: 'Broombelly Ball 18', kind: 'fall', daysAgo: 44, depthM: 2, by: 0.93 },
  { lure: 'Broombelly Wee 7', kind: 'fall', daysAgo: 44, depthM: 2, by: 1.02 },
  { lure: 'Moulting 4', kind: 'fall', daysAgo: 43, depthM: 2, by: 1.1 },
  { lure: 'Waglet Slim 75', kind: 'fall', daysAgo: 43, depthM: 2, withG: 7, by: 0.94 },
  { lure: 'Kettledrum 14', kind: 'fall', daysAgo: 43, depthM: 2, by: 1.03 },
  { lure: 'Grumblewing 14', kind: 'fall', daysAgo: 30, depthM: 2, by: 1.05 },
  { lure: 'Darnsel 170', kind: 'fall', daysAgo: 30, depthM: 3.4, by: 0.97, note: 'Loaded with 20 g.' },
  // Running depth over the sill, on 0.30 mono.
  { lure: 'Bumblecrag M', kind: 'depth', daysAgo: 52, castsM: [26, 26, 20], lineMm: 0.3, by: 0.94 },
  { lure: 'Bumblecrag D', kind: 'depth', daysAgo: 52, castsM: [27, 24, 19], lineMm: 0.3, by: 1.05 },
  { lure: 'Bumblecrag D Hush', kind: 'depth', daysAgo: 51, castsM: [25, 25, 25], lineMm: 0.3, by: 0.9 },
  {
    lure: 'Bumblecrag M Hush',
    kind: 'depth',
    daysAgo: 51,
    castsM: [26, 26, 24, 20],
    lineMm: 0.3,
    scatter: 0.22,
    note: 'Chop and drift: hardly two alike. To be done again.',
  },
  { lure: 'Nimbletwig 110', kind: 'depth', daysAgo: 50, castsM: [28, 28, 22], lineMm: 0.23, by: 1.04 },
  // At rest in the bath.
  { lure: 'Nimbletwig 90', kind: 'rest', daysAgo: 74, addedG: [0, 0.1], by: -0.05 },
  { lure: 'Nimbletwig 110', kind: 'rest', daysAgo: 74, addedG: [0, 0.2, 0.4], by: -0.18 },
  { lure: 'Nimbletwig 130', kind: 'rest', daysAgo: 74, addedG: [0, 0.3], by: -0.32 },
  { lure: 'Nimbletwig 75', kind: 'rest', daysAgo: 73, addedG: [0, 0.3, 0.6], by: -0.5 },
  // What it does, and how fast.
  { lure: 'Bumblecrag M', kind: 'action', daysAgo: 49, speedMps: 0.8, swing: 'wobble', share: 0.33, beats: 6.2 },
  { lure: 'Dollop 18', kind: 'action', daysAgo: 49, speedMps: 0.7, swing: 'roll', share: 0.37, beats: 3.1 },
  { lure: 'Waglet Rib 95', kind: 'action', daysAgo: 48, speedMps: 0.6, swing: 'kick', share: 0.33, beats: 4.4 },
  { lure: 'Waglet Slim 75', kind: 'action', daysAgo: 48, speedMps: 0.4, swing: 'kick', share: 0.13, beats: 5.0 },
  { lure: 'Tremolo 7', kind: 'action', daysAgo: 48, speedMps: 0.5, swing: 'shiver', share: 0.1, beats: 32 },
  { lure: 'Dollop 18', kind: 'window', daysAgo: 49, slow: 0.48, fast: 1.02 },
  { lure: 'Dollop 12', kind: 'window', daysAgo: 49, slow: 0.45, fast: 0.95 },
  { lure: 'Pirrip 7', kind: 'window', daysAgo: 49, slow: 0.27, fast: 1.35 },
  // Soft bodies.
  { lure: 'Plainstick 125', kind: 'tear', daysAgo: 33, litres: 0.52 },
  { lure: 'Waglet Rib 95', kind: 'tear', daysAgo: 33, litres: 0.9 },
  { lure: 'Flatling 90', kind: 'tear', daysAgo: 33, litres: 0.42 },
  {
    lure: 'Plainstick 125',
    kind: 'revival',
    daysAgo: 32,
    readings: [
      [0.5, 'dead'],
      [0.9, 'dead'],
      [1.4, 'a little'],
      [2.5, 'shimmies'],
      [2.5, 'shimmies'],
      [3.5, 'strongly'],
    ],
  },
  { lure: 'Shudderkin 10', kind: 'damping', daysAgo: 31, trailerId: 'trailer-craw', bare: 9.5, share: 0.71 },
  { lure: 'Shudderkin 10', kind: 'damping', daysAgo: 31, trailerId: 'trailer-split', bare: 9.5, share: 0.94 },
  // Casts with one rod over the football field.
  { lure: 'Dollop 12', kind: 'cast', daysAgo: 25, rodId: TERN, castM: 33 },
  { lure: 'Slingspat 18', kind: 'cast', daysAgo: 25, rodId: TERN, castM: 38 },
  { lure: 'Pirrip 7', kind: 'cast', daysAgo: 25, rodId: TERN, castM: 24 },
  { lure: 'Bumblecrag M', kind: 'cast', daysAgo: 25, rodId: TERN, castM: 27 },
  // Kitchen scale.
  { lure: 'Dollop 18', kind: 'weigh', daysAgo: 80 },
  { lure: 'Nimbletwig 110', kind: 'weigh', daysAgo: 80 },
  { lure: 'Broombelly Ball 18', kind: 'weigh', daysAgo: 80 },
  // Behind the rowing boat, and wound over the sill.
  { lure: 'Bumblecrag D', kind: 'trolled', daysAgo: 20, linesOutM: [20, 30, 30], speedMps: 0.9, lineMm: 0.3, by: 0.7 },
  {
    lure: 'Broombelly Ball 18',
    kind: 'wound',
    daysAgo: 19,
    counts: [5, 6, 7],
    castM: 24,
    awayM: 10,
    paceMps: 0.7,
    lineMm: 0.2,
    by: 1.2,
  },
]
