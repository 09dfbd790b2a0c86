import { practice } from './basis'

/** Weight and fall. */
export const WEIGHT = [
  {
    id: 'thick-line-small-lure',
    side: null,
    facts: [20, 64],
    when: {},
    effects: [
      {
        avoid: {
          lengthM: [0, 0.09],
          lineM: [0.00033, 0.002],
          material: ['mono', 'fluoro'],
          body: ['hard', 'metal', 'wire'],
        },
        weight: 2.5,
      },
    ],
    basis: practice,
  },
  {
    id: 'slow-fall',
    side: 'S5.light',
    facts: [16, 31],
    when: { mood: ['lethargic', 'neutral', 'pressured'], depthM: { below: [6, 9] } },
    effects: [{ axis: 'fall', want: 0.22, weight: 2.5 }],
    basis: practice,
  },
  {
    id: 'heavy-for-active',
    side: null,
    facts: [16, 31],
    when: { mood: ['active'], waterTempC: { above: [13, 17] } },
    effects: [{ axis: 'fall', want: 0.6, weight: 1.5 }],
    basis: practice,
  },
  {
    id: 'current-weight',
    side: null,
    facts: [17],
    when: { currentMps: { above: [0.3, 0.8] } },
    effects: [{ axis: 'fall', want: 0.7, weight: 3 }],
    basis: practice,
  },
  {
    id: 'fall-shallow',
    side: null,
    facts: [17],
    when: { depthM: { below: [2.5, 4] }, currentMps: { below: [0.2, 0.4] } },
    effects: [{ axis: 'fall', want: 0.25, weight: 1 }],
    basis: practice,
  },
  {
    id: 'fall-deep',
    side: null,
    facts: [17],
    when: { depthM: { above: [5.5, 8] } },
    effects: [{ axis: 'fall', want: 0.5, weight: 2 }],
    basis: practice,
  },
  {
    id: 'fall-very-deep',
    side: null,
    facts: [17, 38],
    when: { depthM: { above: [12, 20] } },
    effects: [{ axis: 'fall', want: 0.9, weight: 3 }],
    basis: practice,
  },
  {
    id: 'heavy-reaction-any',
    side: 'S5.heavy',
    facts: [16, 31],
    when: { mood: ['active', 'neutral'], waterTempC: { above: [15, 19] } },
    effects: [{ axis: 'fall', want: 0.7, weight: 2.5 }],
    basis: practice,
  },
] as const
