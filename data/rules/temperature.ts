/** Temperature and appetite. */
export const TEMPERATURE = [
  {
    id: 'cold-pause',
    facts: [28],
    when: { waterTempC: { below: [7, 10] }, appetite: { below: [0.7, 0.97] } },
    effects: [
      { axis: 'patience', want: 0.9, weight: 4 },
      { axis: 'passing', want: 0.25, weight: 2 },
    ],
  },
  {
    id: 'cold-slow',
    facts: [21],
    when: { waterTempC: { below: [9, 12] }, appetite: { below: [0.7, 0.97] } },
    effects: [
      { axis: 'tempo', want: 0.15, weight: 5 },
      { axis: 'amplitude', want: 0.3, weight: 2 },
    ],
  },
  {
    id: 'cool-middle',
    facts: [21],
    when: { waterTempC: { above: [8, 11], below: [14, 17] } },
    effects: [
      { axis: 'tempo', want: 0.4, weight: 2 },
      { axis: 'patience', want: 0.45, weight: 1.5 },
    ],
  },
  {
    id: 'warm-fast',
    facts: [21],
    when: { waterTempC: { above: [15, 19] }, mood: ['active', 'neutral'] },
    effects: [
      { axis: 'tempo', want: 0.7, weight: 3 },
      { axis: 'patience', want: 0.15, weight: 2 },
      { axis: 'amplitude', want: 0.6, weight: 1.5 },
    ],
  },
  {
    id: 'hot-slow-down',
    facts: [21],
    when: { appetite: { below: [0.5, 0.9] }, waterTempC: { above: [19, 22] } },
    effects: [
      { axis: 'tempo', want: 0.15, weight: 2 },
      { axis: 'patience', want: 0.65, weight: 2 },
    ],
  },
  {
    id: 'cold-front',
    facts: [21],
    when: { tempChangeC: { below: [-3, -1.5] } },
    effects: [
      { axis: 'patience', want: 0.75, weight: 2 },
      { axis: 'passing', want: 0.3, weight: 1.5 },
      { axis: 'presence', want: 0.3, weight: 1.5 },
    ],
  },
  {
    id: 'warming-spring',
    facts: [18],
    when: { tempChangeC: { above: [0.8, 2] }, season: ['winter', 'pre-spawn', 'spawn'] },
    effects: [
      { axis: 'passing', want: 0.7, weight: 1.5 },
      { axis: 'tempo', want: 0.5, weight: 1 },
    ],
  },
  {
    id: 'ice-cold',
    facts: [28, 33],
    when: { waterTempC: { below: [3, 5] } },
    effects: [
      { axis: 'tempo', want: 0.1, weight: 3 },
      { axis: 'presence', want: 0.35, weight: 1 },
      { avoid: { technique: ['rip-pause', 'walk', 'pop-wait', 'rip-rest', 'top-wind', 'fast-lift'] }, weight: 2.5 },
    ],
  },
  {
    id: 'cold-no-fast-metal',
    facts: [36, 94],
    when: { waterTempC: { below: [11, 14] }, group: ['bass', 'pike', 'panfish', 'zander'], birds: ['no'] },
    effects: [{ avoid: { family: ['casting-metal'], technique: ['skim', 'wind'] }, weight: 3 }],
  },
  {
    id: 'cold-no-bladed-jig',
    facts: [9, 94],
    when: { waterTempC: { below: [7, 10] } },
    effects: [{ avoid: { family: ['bladed-jig'] }, weight: 2.5 }],
  },
  {
    id: 'cold-deep-no-spinnerbait',
    facts: [9],
    when: { waterTempC: { below: [8, 11] }, depthM: { above: [5, 8] } },
    effects: [{ avoid: { family: ['spinnerbait'] }, weight: 3 }],
  },
  {
    id: 'cold-inshore-no-metal',
    facts: [36, 94],
    when: { waterTempC: { below: [13, 16] }, group: ['inshore'] },
    effects: [{ avoid: { family: ['casting-metal'] }, weight: 3 }],
  },
] as const
