/** Spoons. */
export const SPOONS = [
  {
    id: 'trout-slow-spoon',
    side: 'S17.spoon',
    facts: [80],
    when: { group: ['salmonid'], waterTempC: { below: [7, 11] } },
    effects: [
      {
        favour: {
          family: ['casting-spoon', 'thin-spoon'],
          technique: ['wind', 'lift-wind', 'stop-go', 'drag', 'hop'],
        },
        weight: 2,
      },
    ],
  },
  {
    id: 'trout-slow-spinner',
    side: 'S17.spinner',
    facts: [80],
    when: { group: ['salmonid'], waterTempC: { below: [7, 11] } },
    effects: [{ favour: { family: ['in-line-spinner'], technique: ['wind', 'stop-go'] }, weight: 2 }],
  },
  {
    id: 'spoon-lift',
    facts: [3],
    when: {
      mood: ['active', 'neutral'],
      zoneMidM: { above: [0.8, 1.5] },
      group: ['salmonid', 'pike', 'panfish', 'perch', 'striper', 'pelagic', 'asp'],
    },
    effects: [{ favour: { family: ['casting-spoon'], technique: ['lift-wind'] }, weight: 1.2 }],
  },
  {
    id: 'thin-spoon-steady',
    facts: [3],
    when: {},
    effects: [{ avoid: { family: ['thin-spoon'], technique: ['lift-drop', 'stop-go'] }, weight: 1 }],
  },
  {
    id: 'spoon-light-rod',
    facts: [3],
    when: {},
    effects: [
      {
        avoid: { family: ['casting-spoon', 'thin-spoon'], massKg: [0, 0.014] },
        unless: { rodPower: ['ultra-light', 'light', 'medium-light'] },
        weight: 0.6,
      },
    ],
  },
  {
    id: 'spoon-thin-braid',
    facts: [3],
    when: {},
    effects: [
      { avoid: { family: ['casting-spoon'] }, unless: { material: ['braid'], lineM: [0, 0.00016] }, weight: 0.6 },
    ],
  },
  {
    id: 'spoon-range-narrow',
    facts: [1],
    when: { mood: ['lethargic', 'pressured'] },
    effects: [
      {
        avoid: { family: ['casting-spoon', 'thin-spoon', 'flutter-spoon'], technique: ['wind'], tempo: [0.25, 1] },
        weight: 0.8,
      },
    ],
  },
  {
    id: 'hold-pace',
    side: 'S3.hold',
    facts: [3],
    when: { group: ['salmonid', 'pelagic'] },
    effects: [
      {
        favour: { family: ['casting-spoon', 'thin-spoon', 'in-line-spinner'], technique: ['wind'], tempo: [0, 0.7] },
        weight: 1,
      },
    ],
  },
  {
    id: 'change-pace',
    side: 'S3.change',
    facts: [3, 23],
    when: { mood: ['neutral', 'active'] },
    effects: [
      {
        favour: {
          family: ['crankbait', 'lipless-crankbait', 'casting-spoon', 'jerkbait'],
          technique: ['stop-go', 'grind', 'sweep-pause', 'rip-free', 'lift-wind', 'rip-pause'],
        },
        weight: 0.5,
      },
    ],
  },
  {
    id: 'silver-spoon',
    facts: [4],
    when: { forageShade: ['silver'], visibilityM: { above: [1, 2] }, light: ['day', 'dawn', 'dusk'] },
    effects: [
      {
        avoid: { family: ['casting-spoon', 'thin-spoon', 'flutter-spoon'] },
        unless: { colour: ['silver'] },
        weight: 0.8,
      },
    ],
  },
  {
    id: 'chartreuse-spoon',
    facts: [4],
    when: { visibilityM: { above: [0.4, 0.8], below: [1.6, 2.4] } },
    effects: [{ avoid: { family: ['casting-spoon', 'thin-spoon'] }, unless: { colour: ['hot', 'gold'] }, weight: 0.8 }],
  },
  {
    id: 'red-and-white',
    facts: [4],
    when: { group: ['pike'] },
    effects: [{ avoid: { family: ['casting-spoon'] }, unless: { colour: ['light', 'hot'] }, weight: 0.6 }],
  },
  {
    id: 'flutter-after-spawn',
    facts: [37],
    when: {
      group: ['bass', 'striper', 'pike'],
      season: ['post-spawn'],
      forageKind: ['fish'],
      forageLengthM: { above: [0.08, 0.11] },
      zoneMidM: { above: [2.5, 4] },
      cover: ['open', 'rock', 'shell', 'clay', 'timber'],
      waterTempC: { above: [16, 20] },
    },
    effects: [{ favour: { family: ['flutter-spoon'] }, weight: 3 }],
  },
  {
    id: 'cupped-cradles',
    facts: [37],
    when: { zoneMidM: { above: [3, 5] }, mood: ['neutral', 'lethargic', 'pressured'] },
    effects: [{ avoid: { family: ['flutter-spoon'] }, unless: { traits: { cup: ['cupped'] } }, weight: 0.8 }],
  },
  {
    id: 'flat-shoots',
    facts: [37],
    when: { zoneMidM: { above: [3, 5] }, mood: ['active'] },
    effects: [{ avoid: { family: ['flutter-spoon'] }, unless: { traits: { cup: ['flat'] } }, weight: 0.8 }],
  },
  {
    id: 'flutter-long-soft-rod',
    facts: [37],
    when: {},
    effects: [
      {
        avoid: { family: ['flutter-spoon'] },
        unless: { rodM: [2.15, 4], rodPower: ['medium', 'medium-heavy', 'heavy'] },
        weight: 0.6,
      },
    ],
  },
  {
    id: 'flutter-big-shad-only',
    facts: [37],
    when: { forageLengthM: { below: [0.07, 0.1] } },
    effects: [{ avoid: { family: ['flutter-spoon'] }, weight: 2 }],
  },
] as const
