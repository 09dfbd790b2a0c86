/**
 * Rules of thumb that a record can be held against: effort to which the rule speaks (`where`), and of it what the rule calls better (`better`).
 * Common practice; `facts` by number. `where` and `better` name a fact of the stretch and the values or band that count.
 */
export const THUMB_RULES = [
  {
    id: 'silver-in-clear',
    says: 'Silver in clear water',
    facts: [6, 7],
    where: { visibilityM: [3, null] },
    better: { colour: ['silver', 'natural'] },
  },
  {
    id: 'hot-in-murk',
    says: 'Hot or dark colours in murk',
    facts: [4, 7],
    where: { visibilityM: [0, 1.5] },
    better: { colour: ['hot', 'dark', 'gold'] },
  },
  {
    id: 'cloud',
    says: 'Cloud and rain fish better than sun',
    facts: [9],
    where: {},
    better: { sky: ['cloud', 'rain'] },
  },
  {
    id: 'low-sun',
    says: 'Early and late beat the middle of the day',
    facts: [36],
    where: {},
    better: {
      hour: [
        [3, 8],
        [18, 23],
      ],
    },
  },
  { id: 'wind', says: 'A little wind helps', facts: [9], where: {}, better: { windMps: [3, null] } },
  {
    id: 'slow-in-cold',
    says: 'Long pauses in cold water',
    facts: [28],
    where: { waterTempC: [null, 9] },
    better: { pauseS: [2.5, null] },
  },
  {
    id: 'small-for-perch',
    says: 'Small lures when fish are small-mouthed',
    facts: [15, 36],
    where: { species: ['perch', 'char', 'asp'] },
    better: { lengthM: [0, 0.07] },
  },
  {
    id: 'big-lure',
    says: 'Big lures for pike',
    facts: [16],
    where: { species: ['pike'] },
    better: { lengthM: [0.1, null] },
  },
  {
    id: 'tip',
    says: 'The outermost point of the cover is best',
    facts: [41],
    where: {},
    better: { spot: ['tip', 'last-post', 'outer', 'foot'] },
  },
  {
    id: 'near-bottom',
    says: 'Deeper is safer',
    facts: [21],
    where: { waterTempC: [null, 12] },
    better: { depthShare: [0.6, null] },
  },
] as const
