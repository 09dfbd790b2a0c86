import { practice } from './basis'

/** Surf and tide. */
export const SURF = [
  {
    id: 'needle-in-swell',
    side: null,
    facts: [40],
    when: { water: ['salt', 'brackish'], swellM: { above: [0.3, 0.8] } },
    effects: [{ favour: { family: ['needle-plug', 'casting-metal'] }, weight: 4 }],
    basis: practice,
  },
  {
    id: 'needle-loaded-deep',
    side: null,
    facts: [40],
    when: { swellM: { above: [0.3, 0.8] }, cover: ['rock'], depthM: { above: [2, 3.5] } },
    effects: [{ avoid: { family: ['needle-plug'] }, unless: { massKg: [0.026, 0.12] }, weight: 1.5 }],
    basis: practice,
  },
  {
    id: 'needle-light-on-sand',
    side: null,
    facts: [40],
    when: { swellM: { above: [0.2, 0.5] }, cover: ['open', 'clay', 'shell'], depthM: { below: [2, 3.5] } },
    effects: [{ avoid: { family: ['needle-plug'] }, unless: { massKg: [0.02, 0.05] }, weight: 1 }],
    basis: practice,
  },
  {
    id: 'surf-slow-above-bottom',
    side: null,
    facts: [40],
    when: { swellM: { above: [0.3, 0.8] } },
    effects: [
      { axis: 'reach', want: 45, weight: 2 },
      { favour: { family: ['needle-plug'], technique: ['wind'], tempo: [0, 0.3] }, weight: 1.5 },
    ],
    basis: practice,
  },
  {
    id: 'needle-dark-night',
    side: null,
    facts: [40],
    when: { light: ['night'], water: ['salt', 'brackish'] },
    effects: [
      { avoid: { family: ['needle-plug', 'hard-swimbait', 'jerkbait'] }, unless: { colour: ['dark'] }, weight: 2 },
    ],
    basis: practice,
  },
  {
    id: 'needle-light-day',
    side: null,
    facts: [40],
    when: { light: ['day', 'dusk', 'dawn'], swellM: { above: [0.2, 0.5] } },
    effects: [{ avoid: { family: ['needle-plug'] }, unless: { colour: ['light', 'silver'] }, weight: 1.5 }],
    basis: practice,
  },
  {
    id: 'tide-runs',
    side: null,
    facts: [40],
    when: { tide: ['flood', 'ebb'], tideRangeM: { above: [0.5, 1.5] } },
    effects: [
      { axis: 'passing', want: 0.75, weight: 1.5 },
      { axis: 'tempo', want: 0.6, weight: 1 },
    ],
    basis: practice,
  },
  {
    id: 'slack-water',
    side: null,
    facts: [40],
    when: { tide: ['high', 'low'] },
    effects: [
      { axis: 'passing', want: 0.35, weight: 1.5 },
      { axis: 'patience', want: 0.45, weight: 1 },
    ],
    basis: practice,
  },
  {
    id: 'spring-tide-heavier',
    side: null,
    facts: [40],
    when: { tide: ['flood', 'ebb'], tideRangeM: { above: [2.5, 4.5] } },
    effects: [{ axis: 'fall', want: 0.7, weight: 2 }],
    basis: practice,
  },
  {
    id: 'clean-salt-metal',
    side: null,
    facts: [36],
    when: {
      water: ['salt'],
      mood: ['active'],
      forageKind: ['fish'],
      forageShade: ['silver'],
      cover: ['open', 'rock'],
      zoneTopM: { below: [1, 2] },
    },
    effects: [{ favour: { family: ['casting-metal', 'surface'] }, weight: 2 }],
    basis: practice,
  },
] as const
