/**
 * Rules of thumb that a record can be held against: effort to which the rule speaks (`where`), and of it what the rule calls better (`better`).
 * Common practice; `facts` by number. `where` and `better` name a fact of the stretch and the values or band that count.
 */
export const THUMB_RULES = [
  {
    id: 'silver-in-clear',
    facts: [6, 7],
    where: { visibilityM: [3, null] },
    better: { colour: ['silver', 'natural'] },
  },
  {
    id: 'hot-in-murk',
    facts: [4, 7],
    where: { visibilityM: [0, 1.5] },
    better: { colour: ['hot', 'dark', 'gold'] },
  },
  {
    id: 'cloud',
    facts: [9],
    where: {},
    better: { sky: ['cloud', 'rain'] },
  },
  {
    id: 'low-sun',
    facts: [36],
    where: {},
    better: {
      hour: [
        [3, 8],
        [18, 23],
      ],
    },
  },
  { id: 'wind', facts: [9], where: {}, better: { windMps: [3, null] } },
  {
    id: 'slow-in-cold',
    facts: [28],
    where: { waterTempC: [null, 9] },
    better: { restS: [2.5, null] },
  },
  {
    id: 'small-for-perch',
    facts: [15, 36],
    where: { species: ['perch', 'char', 'asp'] },
    better: { lengthM: [0, 0.07] },
  },
  {
    id: 'big-lure',
    facts: [16],
    where: { species: ['pike'] },
    better: { lengthM: [0.1, null] },
  },
  {
    id: 'tip',
    facts: [41],
    where: {},
    better: { spot: ['tip', 'last-post', 'outer', 'foot'] },
  },
  {
    id: 'near-bottom',
    facts: [21],
    where: { waterTempC: [null, 12] },
    better: { depthShare: [0.6, null] },
  },
] as const
