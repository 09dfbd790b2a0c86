/** Weight and fall. */
export const WEIGHT = [
  {
    id: 'thick-line-small-lure',
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
  },
  {
    id: 'slow-fall',
    side: 'S5.light',
    facts: [16, 31],
    when: { mood: ['lethargic', 'neutral', 'pressured'], depthM: { below: [6, 9] } },
    effects: [{ axis: 'fall', want: 0.22, weight: 2.5 }],
  },
  {
    id: 'heavy-for-active',
    facts: [16, 31],
    when: { mood: ['active'], waterTempC: { above: [13, 17] } },
    effects: [{ axis: 'fall', want: 0.6, weight: 1.5 }],
  },
  {
    id: 'current-weight',
    facts: [17],
    when: { currentMps: { above: [0.3, 0.8] } },
    effects: [{ axis: 'fall', want: 0.7, weight: 3 }],
  },
  {
    id: 'fall-shallow',
    facts: [17],
    when: { depthM: { below: [2.5, 4] }, currentMps: { below: [0.2, 0.4] } },
    effects: [{ axis: 'fall', want: 0.25, weight: 1 }],
  },
  {
    id: 'fall-deep',
    facts: [17],
    when: { depthM: { above: [5.5, 8] } },
    effects: [{ axis: 'fall', want: 0.5, weight: 2 }],
  },
  {
    id: 'fall-very-deep',
    facts: [17, 38],
    when: { depthM: { above: [12, 20] } },
    effects: [{ axis: 'fall', want: 0.9, weight: 3 }],
  },
  {
    id: 'heavy-reaction-any',
    side: 'S5.heavy',
    facts: [16, 31],
    when: { mood: ['active', 'neutral'], waterTempC: { above: [15, 19] } },
    effects: [{ axis: 'fall', want: 0.7, weight: 2.5 }],
  },
] as const
