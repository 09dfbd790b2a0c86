/**
 * Forage and its usual length by month in the north, January first, m (young of the year where fish eat those). Common practice.
 */
export const FORAGE = [
  {
    id: 'roach',
    name: 'Roach',
    shade: 'silver',
    lengthM: [0.08, 0.08, 0.08, 0.08, 0.09, 0.09, 0.05, 0.06, 0.07, 0.07, 0.08, 0.08],
  },
  {
    id: 'bleak',
    name: 'Bleak',
    shade: 'silver',
    lengthM: [0.09, 0.09, 0.09, 0.09, 0.1, 0.1, 0.06, 0.07, 0.08, 0.08, 0.09, 0.09],
  },
  {
    id: 'vendace',
    name: 'Vendace',
    shade: 'silver',
    lengthM: [0.11, 0.11, 0.11, 0.11, 0.12, 0.12, 0.07, 0.08, 0.09, 0.1, 0.11, 0.11],
  },
  {
    id: 'smelt',
    name: 'Smelt',
    shade: 'silver',
    lengthM: [0.1, 0.1, 0.1, 0.11, 0.11, 0.06, 0.06, 0.07, 0.08, 0.09, 0.09, 0.1],
  },
  {
    id: 'stickleback',
    name: 'Stickleback',
    shade: 'olive',
    lengthM: [0.05, 0.05, 0.05, 0.05, 0.06, 0.06, 0.03, 0.035, 0.04, 0.045, 0.05, 0.05],
  },
  {
    id: 'herring',
    name: 'Herring',
    shade: 'silver',
    lengthM: [0.14, 0.14, 0.14, 0.15, 0.15, 0.15, 0.07, 0.08, 0.1, 0.11, 0.12, 0.13],
  },
  {
    id: 'perch-fry',
    name: 'Young perch',
    shade: 'olive',
    lengthM: [0.07, 0.07, 0.07, 0.07, 0.08, 0.03, 0.04, 0.05, 0.06, 0.065, 0.07, 0.07],
  },
  {
    id: 'crayfish',
    name: 'Crayfish',
    shade: 'brown',
    lengthM: [0.08, 0.08, 0.08, 0.08, 0.08, 0.08, 0.07, 0.07, 0.08, 0.08, 0.08, 0.08],
  },
  {
    id: 'shad',
    name: 'Shad',
    shade: 'silver',
    lengthM: [0.11, 0.11, 0.11, 0.12, 0.13, 0.06, 0.07, 0.08, 0.09, 0.1, 0.1, 0.11],
  },
  {
    id: 'shrimp',
    name: 'Shrimp',
    shade: 'brown',
    lengthM: [0.05, 0.05, 0.05, 0.05, 0.06, 0.06, 0.06, 0.06, 0.06, 0.05, 0.05, 0.05],
  },
] as const
