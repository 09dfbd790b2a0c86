import { practice } from './basis'

/** Temperature and appetite. */
export const TEMPERATURE = [
  {
    id: 'cold-pause',
    side: null,
    facts: [28],
    when: { waterTempC: { below: [7, 10] }, appetite: { below: [0.7, 0.97] } },
    effects: [
      { axis: 'patience', want: 0.9, weight: 4 },
      { axis: 'passing', want: 0.25, weight: 2 },
    ],
    basis: practice,
  },
  {
    id: 'cold-slow',
    side: null,
    facts: [21],
    when: { waterTempC: { below: [9, 12] }, appetite: { below: [0.7, 0.97] } },
    effects: [
      { axis: 'tempo', want: 0.15, weight: 5 },
      { axis: 'amplitude', want: 0.3, weight: 2 },
    ],
    basis: practice,
  },
  {
    id: 'cool-middle',
    side: null,
    facts: [21],
    when: { waterTempC: { above: [8, 11], below: [14, 17] } },
    effects: [
      { axis: 'tempo', want: 0.4, weight: 2 },
      { axis: 'patience', want: 0.45, weight: 1.5 },
    ],
    basis: practice,
  },
  {
    id: 'warm-fast',
    side: null,
    facts: [21],
    when: { waterTempC: { above: [15, 19] }, mood: ['active', 'neutral'] },
    effects: [
      { axis: 'tempo', want: 0.7, weight: 3 },
      { axis: 'patience', want: 0.15, weight: 2 },
      { axis: 'amplitude', want: 0.6, weight: 1.5 },
    ],
    basis: practice,
  },
  {
    id: 'hot-slow-down',
    side: null,
    facts: [21],
    when: { appetite: { below: [0.5, 0.9] }, waterTempC: { above: [19, 22] } },
    effects: [
      { axis: 'tempo', want: 0.15, weight: 2 },
      { axis: 'patience', want: 0.65, weight: 2 },
    ],
    basis: practice,
  },
  {
    id: 'cold-front',
    side: null,
    facts: [21],
    when: { tempChangeC: { below: [-3, -1.5] } },
    effects: [
      { axis: 'patience', want: 0.75, weight: 2 },
      { axis: 'passing', want: 0.3, weight: 1.5 },
      { axis: 'presence', want: 0.3, weight: 1.5 },
    ],
    basis: practice,
  },
  {
    id: 'warming-spring',
    side: null,
    facts: [18],
    when: { tempChangeC: { above: [0.8, 2] }, season: ['winter', 'pre-spawn', 'spawn'] },
    effects: [
      { axis: 'passing', want: 0.7, weight: 1.5 },
      { axis: 'tempo', want: 0.5, weight: 1 },
    ],
    basis: practice,
  },
  {
    id: 'ice-cold',
    side: null,
    facts: [28, 33],
    when: { waterTempC: { below: [3, 5] } },
    effects: [
      { axis: 'tempo', want: 0.1, weight: 3 },
      { axis: 'presence', want: 0.35, weight: 1 },
      { avoid: { technique: ['rip-pause', 'walk', 'pop-wait', 'rip-rest', 'top-wind', 'fast-lift'] }, weight: 2.5 },
    ],
    basis: practice,
  },
  {
    id: 'cold-no-fast-metal',
    side: null,
    facts: [36, 94],
    when: { waterTempC: { below: [11, 14] }, group: ['bass', 'pike', 'panfish', 'zander'], birds: ['no'] },
    effects: [{ avoid: { family: ['casting-metal'], technique: ['skim', 'wind'] }, weight: 3 }],
    basis: practice,
  },
  {
    id: 'cold-no-bladed-jig',
    side: null,
    facts: [9, 94],
    when: { waterTempC: { below: [7, 10] } },
    effects: [{ avoid: { family: ['bladed-jig'] }, weight: 2.5 }],
    basis: practice,
  },
  {
    id: 'cold-deep-no-spinnerbait',
    side: null,
    facts: [9],
    when: { waterTempC: { below: [8, 11] }, depthM: { above: [5, 8] } },
    effects: [{ avoid: { family: ['spinnerbait'] }, weight: 3 }],
    basis: practice,
  },
  {
    id: 'cold-inshore-no-metal',
    side: null,
    facts: [36, 94],
    when: { waterTempC: { below: [13, 16] }, group: ['inshore'] },
    effects: [{ avoid: { family: ['casting-metal'] }, weight: 3 }],
    basis: practice,
  },
] as const
