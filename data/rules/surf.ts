/** Surf and tide. */
export const SURF = [
  {
    id: 'needle-in-swell',
    facts: [40],
    when: { water: ['salt', 'brackish'], swellM: { above: [0.3, 0.8] } },
    effects: [{ favour: { family: ['needle-plug', 'casting-metal'] }, weight: 4 }],
  },
  {
    id: 'needle-loaded-deep',
    facts: [40],
    when: { swellM: { above: [0.3, 0.8] }, cover: ['rock'], depthM: { above: [2, 3.5] } },
    effects: [{ avoid: { family: ['needle-plug'] }, unless: { massKg: [0.026, 0.12] }, weight: 1.5 }],
  },
  {
    id: 'needle-light-on-sand',
    facts: [40],
    when: { swellM: { above: [0.2, 0.5] }, cover: ['open', 'clay', 'shell'], depthM: { below: [2, 3.5] } },
    effects: [{ avoid: { family: ['needle-plug'] }, unless: { massKg: [0.02, 0.05] }, weight: 1 }],
  },
  {
    id: 'surf-slow-above-bottom',
    facts: [40],
    when: { swellM: { above: [0.3, 0.8] } },
    effects: [
      { axis: 'reach', want: 45, weight: 2 },
      { favour: { family: ['needle-plug'], technique: ['wind'], tempo: [0, 0.3] }, weight: 1.5 },
    ],
  },
  {
    id: 'needle-dark-night',
    facts: [40],
    when: { light: ['night'], water: ['salt', 'brackish'] },
    effects: [
      { avoid: { family: ['needle-plug', 'hard-swimbait', 'jerkbait'] }, unless: { colour: ['dark'] }, weight: 2 },
    ],
  },
  {
    id: 'needle-light-day',
    facts: [40],
    when: { light: ['day', 'dusk', 'dawn'], swellM: { above: [0.2, 0.5] } },
    effects: [{ avoid: { family: ['needle-plug'] }, unless: { colour: ['light', 'silver'] }, weight: 1.5 }],
  },
  {
    id: 'tide-runs',
    facts: [40],
    when: { tide: ['flood', 'ebb'], tideRangeM: { above: [0.5, 1.5] } },
    effects: [
      { axis: 'passing', want: 0.75, weight: 1.5 },
      { axis: 'tempo', want: 0.6, weight: 1 },
    ],
  },
  {
    id: 'slack-water',
    facts: [40],
    when: { tide: ['high', 'low'] },
    effects: [
      { axis: 'passing', want: 0.35, weight: 1.5 },
      { axis: 'patience', want: 0.45, weight: 1 },
    ],
  },
  {
    id: 'spring-tide-heavier',
    facts: [40],
    when: { tide: ['flood', 'ebb'], tideRangeM: { above: [2.5, 4.5] } },
    effects: [{ axis: 'fall', want: 0.7, weight: 2 }],
  },
  {
    id: 'clean-salt-metal',
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
  },
  {
    id: 'surf-asks-weight',
    facts: [128],
    when: { swellM: { above: [0.5, 1.2] } },
    effects: [{ avoid: { massKg: [0, 0.0195] }, weight: 4 }],
  },
] as const
