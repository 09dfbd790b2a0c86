/** Crankbaits. */
export const CRANKBAITS = [
  {
    id: 'hard-bottom-knock',
    facts: [19],
    when: {
      group: ['bass', 'zander', 'pike'],
      cover: ['rock', 'shell', 'clay'],
      mood: ['active', 'neutral'],
      waterTempC: { above: [8, 12] },
    },
    effects: [
      { axis: 'touch', want: 0.3, weight: 3 },
      { favour: { family: ['crankbait'], technique: ['grind', 'ease'] }, weight: 3.2 },
    ],
  },
  {
    id: 'wood-feather',
    facts: [19],
    when: { group: ['bass'], cover: ['timber', 'brush'], mood: ['active', 'neutral'], waterTempC: { above: [9, 13] } },
    effects: [
      { axis: 'touch', want: 0.25, weight: 2 },
      { favour: { family: ['crankbait'], traits: { lip: ['square'] } }, weight: 2 },
    ],
  },
  {
    id: 'grass-tips',
    facts: [19, 20],
    when: { cover: ['grass'] },
    effects: [{ axis: 'touch', want: 0.35, weight: 6 }],
  },
  {
    id: 'grass-ease',
    side: 'S1.ease',
    facts: [19],
    when: { group: ['bass', 'pike'], cover: ['grass'], mood: ['lethargic', 'neutral', 'pressured'] },
    effects: [
      {
        favour: { family: ['crankbait', 'lipless-crankbait'], technique: ['wind', 'grind'] },
        weight: 2.5,
      },
    ],
  },
  {
    id: 'grass-rip',
    side: 'S1.rip',
    facts: [19],
    when: { group: ['bass', 'pike'], cover: ['grass'], mood: ['active'] },
    effects: [
      { favour: { family: ['lipless-crankbait', 'crankbait'], technique: ['stop-go', 'rip-free'] }, weight: 1.5 },
    ],
  },
  {
    id: 'crank-soft-tip',
    facts: [21],
    when: {},
    effects: [
      {
        avoid: { family: ['crankbait', 'lipless-crankbait'] },
        unless: { rodPower: ['medium-light', 'medium'], rodAction: ['slow', 'moderate', 'moderate-fast'] },
        weight: 0.8,
      },
    ],
  },
  {
    id: 'crank-reel-six',
    side: 'S2.six',
    facts: [21],
    when: {},
    effects: [{ avoid: { family: ['crankbait'] }, unless: { gearRatio: [5.7, 6.8] }, weight: 0.6 }],
  },
  {
    id: 'crank-reel-five',
    side: 'S2.five',
    facts: [21],
    when: {},
    effects: [{ avoid: { family: ['crankbait'] }, unless: { gearRatio: [4, 5.4] }, weight: 0.6 }],
  },
  {
    id: 'crank-never-just-wind',
    facts: [23],
    when: {},
    effects: [
      { avoid: { family: ['crankbait', 'lipless-crankbait'], technique: ['wind'], tempo: [0.25, 1] }, weight: 1.2 },
    ],
  },
  {
    id: 'crank-cold-slow',
    facts: [21],
    when: { waterTempC: { below: [10, 13] } },
    effects: [
      {
        avoid: { family: ['crankbait', 'lipless-crankbait'], technique: ['rip-free', 'sweep-pause'] },
        weight: 1.5,
      },
    ],
  },
  {
    id: 'rattles-before-spawn',
    facts: [23],
    when: { season: ['pre-spawn'], visibilityM: { below: [1.8, 3] } },
    effects: [
      { avoid: { family: ['crankbait', 'lipless-crankbait'] }, unless: { sound: ['rattles', 'knock'] }, weight: 1.5 },
    ],
  },
  {
    id: 'red-craw-prespawn',
    facts: [6],
    when: {
      season: ['pre-spawn'],
      cover: ['rock', 'grass', 'timber', 'clay', 'shell'],
      group: ['bass'],
      waterTempC: { above: [7, 10] },
    },
    effects: [{ favour: { family: ['lipless-crankbait', 'crankbait'], colour: ['hot', 'natural'] }, weight: 1.5 }],
  },
  {
    id: 'in-turned-for-hard-hits',
    facts: [24],
    when: { mood: ['active'] },
    effects: [{ avoid: { body: ['hard'] }, unless: { hooks: ['in-turned treble'] }, weight: 0.3 }],
  },
  {
    id: 'round-for-light-takes',
    facts: [24],
    when: { mood: ['neutral', 'lethargic', 'pressured'] },
    effects: [{ avoid: { body: ['hard'] }, unless: { hooks: ['round treble'] }, weight: 0.3 }],
  },
  {
    id: 'lipless-over-spring-grass',
    facts: [19],
    when: {
      group: ['bass', 'pike'],
      cover: ['grass'],
      season: ['pre-spawn', 'spawn', 'autumn'],
      mood: ['active', 'neutral'],
      waterTempC: { above: [6, 9] },
    },
    effects: [{ favour: { family: ['lipless-crankbait'], technique: ['rip-free', 'stop-go'] }, weight: 2 }],
  },
  {
    id: 'deeper-edge-late',
    facts: [21],
    when: { season: ['autumn', 'winter'], depthM: { above: [3, 5] }, offBottomM: { below: [0.5, 1.5] } },
    effects: [{ axis: 'bottom', want: 0.4, weight: 1 }],
  },
  {
    id: 'square-lip-shallow-cover',
    facts: [15, 19],
    when: {
      group: ['bass'],
      depthM: { below: [2, 3] },
      cover: ['timber', 'brush', 'docks', 'rock'],
      mood: ['active', 'neutral'],
      visibilityM: { below: [1.8, 2.8] },
      waterTempC: { above: [10, 13] },
    },
    effects: [{ favour: { family: ['crankbait'], traits: { lip: ['square'] } }, weight: 2 }],
  },
  {
    id: 'deep-lip-offshore',
    facts: [19, 24],
    when: {
      zoneMidM: { above: [2.4, 3.4] },
      cover: ['rock', 'shell', 'clay', 'open'],
      mood: ['active', 'neutral'],
      group: ['bass', 'zander', 'perch', 'pike'],
      waterTempC: { above: [12, 16] },
    },
    effects: [{ favour: { family: ['crankbait'], traits: { lip: ['long'] } }, weight: 1.5 }],
  },
  {
    id: 'no-trebles-in-pads',
    facts: [19, 30],
    when: { cover: ['pads', 'reeds'], coverDensity: { above: [0.3, 0.6] } },
    effects: [{ avoid: { hooks: ['round treble', 'in-turned treble'] }, weight: 3 }],
  },
  {
    id: 'rip-free-of-grass-only',
    facts: [62],
    when: { cover: ['open', 'rock', 'shell', 'clay', 'timber', 'brush', 'docks', 'pads', 'reeds'] },
    effects: [{ avoid: { technique: ['rip-free'] }, weight: 4 }],
  },
  {
    id: 'touch-not-plough',
    facts: [19, 61],
    when: {},
    effects: [{ axis: 'touch', want: 0.12, weight: 3 }],
  },
] as const
