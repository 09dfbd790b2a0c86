/**
 * Ways of fishing: how a lure is brought to the fish. Common practice.
 *
 * `from`: where it can be done. `usual`: from where it is looked at unless the angler says otherwise; with `null`, where nobody says from where he fishes.
 * `thrown`: what rod and line must bear: a full cast, an underhand pitch, nothing. `pace`: who sets the speed: the hand, the boat, the water that passes.
 * `moving`: only where water passes. `effort`: what is counted of it.
 */
export const DELIVERIES = [
  {
    id: 'cast',
    from: ['boat', 'kayak', 'shore', 'wading', 'held'],
    usual: [null, 'boat', 'kayak', 'shore', 'wading', 'held'],
    thrown: 'cast',
    pace: 'hand',
    moving: false,
    effort: 'cast',
  },
  {
    id: 'pitch',
    from: ['boat', 'kayak', 'shore', 'wading', 'held'],
    usual: [null, 'boat', 'kayak', 'shore', 'wading', 'held'],
    thrown: 'pitch',
    pace: 'hand',
    moving: false,
    effort: 'cast',
  },
  {
    id: 'vertical',
    from: ['boat', 'kayak', 'ice', 'shore', 'held'],
    usual: [null, 'boat', 'kayak', 'ice'],
    thrown: 'none',
    pace: 'hand',
    moving: false,
    effort: 'drop',
  },
  {
    id: 'drift',
    from: ['boat', 'kayak'],
    usual: [],
    thrown: 'none',
    pace: 'water',
    moving: true,
    effort: 'drift',
  },
  {
    id: 'swing',
    from: ['boat', 'kayak', 'shore', 'wading', 'held'],
    usual: ['shore', 'wading'],
    thrown: 'cast',
    pace: 'water',
    moving: true,
    effort: 'cast',
  },
  {
    id: 'troll',
    from: ['boat', 'kayak'],
    usual: [],
    thrown: 'none',
    pace: 'boat',
    moving: false,
    effort: 'pass',
  },
  {
    id: 'downrigger',
    from: ['boat'],
    usual: [],
    thrown: 'none',
    pace: 'boat',
    moving: false,
    effort: 'pass',
  },
  {
    id: 'three-way',
    from: ['boat', 'kayak', 'shore', 'wading', 'held'],
    usual: [],
    thrown: 'cast',
    pace: 'water',
    moving: true,
    effort: 'wait',
  },
  {
    id: 'still',
    from: ['boat', 'kayak', 'shore', 'wading', 'held', 'ice'],
    usual: ['ice'],
    thrown: 'cast',
    pace: 'hand',
    moving: false,
    effort: 'wait',
  },
] as const

/** From where one fishes; held: in place by neighbours, on a crowded bank or jetty. */
export const STANDS = ['boat', 'kayak', 'shore', 'wading', 'held', 'ice'] as const

/**
 * Figures of the ways. Line let out behind a boat, m; the lead behind a downrigger's ball, m, and its usual weight, kg; how near to the bottom it is trusted, m; the paces
 * a boat holds, m/s; a pass or drift as it is judged, s; droppers of a three-way, m, in steps of 2 ft, and the leader behind it, m; the angle of a swung cast,
 * degrees downstream of straight across, and how long the lure is left hanging after it, s; how often what is left lying is lifted before it is reeled in. Common practice.
 */
export const LET_OUT = {
  trolledM: [10, 80],
  atSurfaceM: 25,
  driftedM: 80,
  leadM: 8,
  ballKg: 4.5,
  clearM: 0.7,
  boatMps: [0.3, 3.2],
  passS: 120,
  dropperM: [0.3, 2.7],
  dropperStepM: 0.6,
  leaderM: 1,
  swingDeg: 25,
  hangS: 12,
  waits: 12,
} as const
