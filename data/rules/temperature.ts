import { practice } from './basis'

/** Temperature and appetite. */
export const TEMPERATURE = [
  {
    id: 'cold-pause',
    side: null,
    facts: [28],
    when: { waterTempC: { below: [7, 10] }, appetite: { below: [0.7, 0.97] } },
    effects: [
      { axis: 'dwell', want: 25, weight: 4 },
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
      { axis: 'speed', want: 0.4, weight: 3 },
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
      { axis: 'speed', want: 0.55, weight: 2 },
      { axis: 'dwell', want: 2.5, weight: 1.5 },
    ],
    basis: practice,
  },
  {
    id: 'warm-fast',
    side: null,
    facts: [21],
    when: { waterTempC: { above: [15, 19] }, mood: ['active', 'neutral'] },
    effects: [
      { axis: 'speed', want: 0.85, weight: 3 },
      { axis: 'dwell', want: 0.8, weight: 2 },
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
      { axis: 'speed', want: 0.4, weight: 2 },
      { axis: 'dwell', want: 6, weight: 2 },
    ],
    basis: practice,
  },
  {
    id: 'cold-front',
    side: null,
    facts: [21],
    when: { tempChangeC: { below: [-3, -1.5] } },
    effects: [
      { axis: 'dwell', want: 8, weight: 2 },
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
      { axis: 'speed', want: 0.6, weight: 1 },
    ],
    basis: practice,
  },
  {
    id: 'ice-cold',
    side: null,
    facts: [28, 33],
    when: { waterTempC: { below: [3, 5] } },
    effects: [
      { axis: 'speed', want: 0.3, weight: 2 },
      { axis: 'presence', want: 0.35, weight: 1 },
      { avoid: { retrieve: ['burn', 'rip-pause', 'walk', 'pop-wait', 'fast-lift'] }, weight: 2.5 },
    ],
    basis: practice,
  },
] as const
