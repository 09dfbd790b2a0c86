/** Mood. */
export const MOOD = [
  {
    id: 'active-passing',
    facts: [15],
    when: { mood: ['active'] },
    effects: [
      { axis: 'passing', want: 0.95, weight: 4 },
      { axis: 'patience', want: 0.1, weight: 2 },
      { axis: 'tempo', want: 0.75, weight: 1.2 },
    ],
  },
  {
    id: 'neutral-middle',
    facts: [15],
    when: { mood: ['neutral'] },
    effects: [
      { axis: 'passing', want: 0.55, weight: 2 },
      { axis: 'patience', want: 0.45, weight: 1.5 },
    ],
  },
  {
    id: 'lethargic-in-the-face',
    side: 'S16.wait',
    facts: [28, 79],
    when: { mood: ['lethargic'] },
    effects: [
      { axis: 'zone', weight: 4 },
      { axis: 'patience', want: 0.95, weight: 4 },
      { axis: 'passing', want: 0.25, weight: 2 },
      { axis: 'tempo', want: 0.05, weight: 4 },
      { axis: 'vibration', want: 0.25, weight: 1.5 },
    ],
  },
  {
    id: 'pressured-small',
    facts: [15],
    when: { mood: ['pressured'] },
    effects: [
      { axis: 'presence', want: 0.2, weight: 4 },
      { axis: 'sound', want: 0, weight: 2 },
      { axis: 'amplitude', want: 0.2, weight: 2 },
      { axis: 'passing', want: 0.25, weight: 2 },
      { axis: 'patience', want: 0.75, weight: 2.5 },
      { axis: 'tempo', want: 0.2, weight: 2 },
      { axis: 'flash', want: 0.15, weight: 1.5 },
    ],
  },
  {
    id: 'pressured-shorter',
    side: 'S8.small',
    facts: [39],
    when: { mood: ['pressured', 'lethargic'] },
    effects: [{ axis: 'length', times: 0.75, weight: 4 }],
  },
  {
    id: 'big-for-big',
    side: 'S8.big',
    facts: [39],
    when: { species: ['pike', 'striped-bass'], mood: ['active', 'neutral'] },
    effects: [{ axis: 'length', times: 1.5, weight: 4 }],
  },
  {
    id: 'active-bigger-bite',
    facts: [16],
    when: { mood: ['active'], waterTempC: { above: [12, 16] } },
    effects: [{ axis: 'presence', want: 0.6, weight: 1 }],
  },
  {
    id: 'lethargic-no-speed',
    side: 'S16.wait',
    facts: [28, 79],
    when: { mood: ['lethargic'] },
    effects: [
      {
        avoid: { technique: ['rip-pause', 'walk', 'rip-rest', 'top-wind', 'fast-lift', 'sweep-pause', 'rip-free'] },
        weight: 2.5,
      },
    ],
  },
  {
    id: 'lethargic-provoked',
    side: 'S16.provoke',
    facts: [79],
    when: { mood: ['lethargic'] },
    effects: [
      { axis: 'zone', weight: 4 },
      { axis: 'patience', want: 0.45, weight: 3 },
      { axis: 'fall', want: 0.8, weight: 2 },
      {
        favour: {
          technique: ['rip-pause', 'lift-drop', 'long-lift', 'rip-free', 'pitch', 'fast-lift', 'stroke'],
        },
        weight: 3,
      },
    ],
  },
  {
    id: 'pressured-off-beat',
    facts: [15],
    when: { mood: ['pressured'] },
    effects: [
      { avoid: { family: ['spinnerbait', 'umbrella-rig', 'lipless-crankbait', 'casting-metal'] }, weight: 2.5 },
    ],
  },
] as const
