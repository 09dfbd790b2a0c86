/** Reservoirs in which colours are seen from afar. */
const DEEP_AND_CLEAR = {
  visibilityM: { above: [3, 5] },
  depthM: { above: [6, 9] },
  water: ['fresh'],
  group: ['bass', 'striper'],
  light: ['day', 'dawn', 'dusk'],
} as const

/** Clarity, sky and light: colour, thump, flash and sound. */
export const CLARITY = [
  {
    id: 'mud-thump',
    facts: [5, 9, 16],
    when: { visibilityM: { below: [0.4, 0.9] } },
    effects: [
      { axis: 'vibration', want: 0.95, weight: 6 },
      { axis: 'presence', want: 0.8, weight: 5 },
      { axis: 'tempo', want: 0.1, weight: 6 },
    ],
  },
  {
    id: 'stain-some-thump',
    facts: [5],
    when: { visibilityM: { above: [0.5, 0.9], below: [1.8, 2.8] } },
    effects: [
      { axis: 'vibration', want: 0.6, weight: 3 },
      { axis: 'presence', want: 0.6, weight: 2.5 },
    ],
  },
  {
    id: 'clear-subtle',
    facts: [6],
    when: { visibilityM: { above: [2.2, 4] } },
    effects: [
      { axis: 'presence', want: 0.4, weight: 2.5 },
      { axis: 'vibration', want: 0.3, weight: 2 },
    ],
  },
  {
    id: 'clear-colours',
    side: 'S4.clarity',
    facts: [6, 7],
    when: { visibilityM: { above: [1.8, 3.5] }, light: ['day', 'dawn', 'dusk'] },
    effects: [{ axis: 'colour', groups: { natural: 1, silver: 0.9, light: 0.5 }, weight: 8 }],
  },
  {
    id: 'stain-colours',
    side: 'S4.clarity',
    facts: [4, 7],
    when: { visibilityM: { above: [0.5, 0.9], below: [1.8, 2.8] }, light: ['day', 'dawn', 'dusk'] },
    effects: [{ axis: 'colour', groups: { hot: 1, gold: 0.9, light: 0.85, painted: 0.5 }, weight: 8 }],
  },
  {
    id: 'mud-colours',
    side: 'S4.clarity',
    facts: [6, 7],
    when: { visibilityM: { below: [0.4, 0.9] } },
    effects: [{ axis: 'colour', groups: { dark: 1, gold: 0.8, hot: 0.75 }, weight: 8 }],
  },
  {
    id: 'rattles-before-the-spawn',
    facts: [65],
    when: { season: ['pre-spawn'], mood: ['active'], group: ['bass'] },
    effects: [{ favour: { body: ['hard'], sound: ['rattles'] }, weight: 1.5 }],
  },
  {
    id: 'deep-clear-paint',
    side: 'S14.paint',
    facts: [58],
    when: DEEP_AND_CLEAR,
    effects: [{ axis: 'colour', groups: { light: 1, hot: 0.95, painted: 0.9 }, weight: 8 }],
  },
  {
    id: 'deep-clear-natural',
    side: 'S14.natural',
    facts: [58],
    when: DEEP_AND_CLEAR,
    effects: [{ axis: 'colour', groups: { silver: 1, natural: 0.95 }, weight: 4 }],
  },
  {
    id: 'sun-silver',
    side: 'S4.sky',
    facts: [29],
    when: { sky: ['sun'], light: ['day'], visibilityM: { above: [0.8, 1.5] } },
    effects: [{ axis: 'colour', groups: { silver: 1, natural: 0.6 }, weight: 4 }],
  },
  {
    id: 'cloud-gold',
    side: 'S4.sky',
    facts: [29],
    when: { sky: ['cloud', 'rain'], light: ['day', 'dawn', 'dusk'] },
    effects: [{ axis: 'colour', groups: { gold: 1, dark: 0.6, painted: 0.5 }, weight: 4 }],
  },
  {
    id: 'night-dark',
    facts: [40],
    when: { light: ['night'] },
    effects: [
      { axis: 'colour', groups: { dark: 1 }, weight: 8 },
      { axis: 'vibration', want: 0.7, weight: 3 },
      { axis: 'tempo', want: 0.15, weight: 2 },
    ],
  },
  {
    id: 'dull-deep-painted',
    facts: [6],
    when: { sky: ['cloud', 'rain'], light: ['day'], visibilityM: { above: [2.5, 4] }, zoneMidM: { above: [4, 7] } },
    effects: [{ axis: 'colour', groups: { painted: 1 }, weight: 2 }],
  },
  {
    id: 'prespawn-warm-colours',
    facts: [6],
    when: { season: ['pre-spawn'], visibilityM: { below: [2.5, 4] } },
    effects: [{ axis: 'colour', groups: { hot: 1 }, weight: 2 }],
  },
  {
    id: 'bright-flash',
    facts: [1, 4],
    when: {
      sky: ['sun', 'broken'],
      light: ['day'],
      visibilityM: { above: [1, 2] },
      mood: ['active', 'neutral'],
      forageShade: ['silver'],
    },
    effects: [{ axis: 'flash', want: 0.75, weight: 2.5 }],
  },
  {
    id: 'silent-first',
    side: 'S10.silent',
    facts: [23],
    when: { visibilityM: { above: [0.9, 1.8] } },
    effects: [{ axis: 'sound', want: 0, weight: 2.5 }],
  },
  {
    id: 'rattle-first',
    side: 'S10.rattles',
    facts: [23],
    when: { mood: ['active'] },
    effects: [{ axis: 'sound', want: 1, weight: 2.5 }],
  },
  {
    id: 'rattle-in-mud',
    facts: [23],
    when: {
      group: ['bass', 'pike', 'zander', 'perch', 'panfish', 'striper', 'inshore'],
      visibilityM: { below: [0.5, 1] },
    },
    effects: [{ axis: 'sound', want: 1, weight: 3 }],
  },
  {
    id: 'stirred-edge',
    facts: [9, 16],
    when: { stirredM: { above: [0.5, 1.5] }, depthM: { below: [3, 5] } },
    effects: [
      { axis: 'vibration', want: 0.75, weight: 1.5 },
      { axis: 'presence', want: 0.65, weight: 1 },
    ],
  },
  {
    id: 'low-light-contrast',
    facts: [40, 29],
    when: { light: ['dawn', 'dusk'] },
    effects: [{ axis: 'contrast', want: 0.12, weight: 2 }],
  },
  {
    id: 'contrast-in-stain',
    facts: [16],
    when: { visibilityM: { below: [1.4, 2.6] } },
    effects: [{ axis: 'contrast', want: 0.12, weight: 4 }],
  },
  {
    id: 'contrast-by-night',
    facts: [40],
    when: { light: ['night'] },
    effects: [{ axis: 'contrast', want: 0.12, weight: 3 }],
  },
  {
    id: 'seen-at-all',
    facts: [6],
    when: { visibilityM: { above: [1.4, 2.6] }, light: ['day'], mood: ['active', 'neutral'] },
    effects: [{ axis: 'contrast', want: 0.08, weight: 1.5 }],
  },
  {
    id: 'moonlit-night',
    facts: [40],
    when: { light: ['night'], moonIlluminatedFraction: { above: [0.6, 0.9] }, sky: ['sun', 'broken'] },
    effects: [{ axis: 'vibration', want: 0.5, weight: 1 }],
  },
  {
    id: 'no-thin-bodies-in-mud',
    facts: [16],
    when: { visibilityM: { below: [0.35, 0.6] } },
    effects: [{ avoid: { family: ['finesse-worm', 'fork-minnow'] }, weight: 2.5 }],
  },
] as const
