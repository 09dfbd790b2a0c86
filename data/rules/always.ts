import { practice } from './basis'

/** What always counts. */
export const ALWAYS = [
  {
    id: 'zone-first',
    side: null,
    facts: [26, 36],
    when: {},
    effects: [{ axis: 'zone', weight: 18 }],
    basis: practice,
  },
  {
    id: 'forage-length',
    side: null,
    facts: [39],
    when: {},
    effects: [{ axis: 'length', times: 1, weight: 4 }],
    basis: practice,
  },
  {
    id: 'balanced-tackle',
    side: null,
    facts: [8, 21, 31],
    when: {},
    effects: [{ axis: 'tackle', weight: 6 }],
    basis: practice,
  },
  {
    id: 'come-through-cover',
    side: null,
    facts: [18, 30],
    when: {
      coverDensity: { above: [0, 0.7] },
      cover: ['timber', 'brush', 'docks', 'grass', 'pads', 'reeds', 'rock', 'shell'],
    },
    effects: [{ axis: 'snag', weight: 11 }],
    basis: practice,
  },
  {
    id: 'unseen-line',
    side: null,
    facts: [30],
    when: { visibilityM: { above: [1.5, 5] } },
    effects: [{ axis: 'stealth', weight: 3 }],
    basis: practice,
  },
  {
    id: 'point-buried-in-thick',
    side: null,
    facts: [18, 30],
    when: { coverDensity: { above: [0.55, 0.85] }, cover: ['timber', 'brush', 'grass', 'pads', 'reeds', 'docks'] },
    effects: [{ favour: { weedless: true }, weight: 1.5 }],
    basis: practice,
  },
] as const
