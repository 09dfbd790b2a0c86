/**
 * Tide stations that ship with the app: all invented, at places that lie on no map's shore. Amplitudes, m, and phases, degrees (Greenwich), of harmonic
 * constituents by their usual names.
 */
export const TIDE_STATIONS = [
  {
    id: 'quillskar-sill',
    name: 'Quillskar sill',
    latDeg: 59.9,
    lonDeg: 18.4,
    constituents: [
      { name: 'M2', amplitude: 0.018, phase: 112 },
      { name: 'S2', amplitude: 0.006, phase: 141 },
      { name: 'K1', amplitude: 0.014, phase: 203 },
      { name: 'O1', amplitude: 0.011, phase: 176 },
    ],
  },
  {
    id: 'marrowstrand',
    name: 'Marrowstrand pier',
    latDeg: 50.2,
    lonDeg: -14.8,
    constituents: [
      { name: 'M2', amplitude: 1.42, phase: 128 },
      { name: 'S2', amplitude: 0.49, phase: 171 },
      { name: 'N2', amplitude: 0.28, phase: 109 },
      { name: 'K2', amplitude: 0.14, phase: 168 },
      { name: 'K1', amplitude: 0.06, phase: 95 },
      { name: 'O1', amplitude: 0.05, phase: 340 },
      { name: 'M4', amplitude: 0.07, phase: 210 },
    ],
  },
] as const

/** A station is taken for a place no farther away than this, km. */
export const TIDE_REACH_KM = 120

/** This near to high or low water the water stands, hours; and a range under this is almost no tide, m. */
export const SLACK_H = 0.6
export const LEAST_RANGE_M = 0.1
