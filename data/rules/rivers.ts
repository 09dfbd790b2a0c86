/** Rivers, trout and salmon. */
export const RIVERS = [
  {
    id: 'salmon-broken-water',
    facts: [39],
    when: { group: ['salmonid'], currentMps: { above: [0.2, 0.5] } },
    effects: [{ favour: { family: ['jerkbait', 'casting-spoon', 'streamer', 'in-line-spinner'] }, weight: 1.5 }],
  },
  {
    id: 'salmon-silver-and-blue',
    facts: [39],
    when: { group: ['salmonid'], visibilityM: { above: [1.5, 3] }, light: ['day', 'dawn', 'dusk'] },
    effects: [{ axis: 'colour', groups: { silver: 1, hot: 0.55, painted: 0.55, dark: 0.35, gold: 0.35 }, weight: 2 }],
  },
  {
    id: 'singles-where-required',
    facts: [39],
    when: { singlesOnly: ['yes'] },
    effects: [{ avoid: { hooks: ['round treble', 'in-turned treble'] }, weight: 12 }],
  },
  {
    id: 'singles-for-release',
    side: 'S9.singles',
    facts: [39],
    when: { group: ['salmonid'] },
    effects: [
      { avoid: { body: ['hard', 'metal', 'wire'] }, unless: { hooks: ['single', 'assist', 'moulded'] }, weight: 1 },
    ],
  },
  {
    id: 'trebles-for-hookups',
    side: 'S9.trebles',
    facts: [39],
    when: { group: ['salmonid'] },
    effects: [
      {
        avoid: { body: ['hard', 'metal', 'wire'] },
        unless: { hooks: ['round treble', 'in-turned treble'] },
        weight: 1,
      },
    ],
  },
  {
    id: 'small-in-small-water',
    facts: [39],
    when: { currentMps: { above: [0.25, 0.6] }, depthM: { below: [1.6, 2.6] } },
    effects: [
      { favour: { lengthM: [0.03, 0.085] }, weight: 1.5 },
      { avoid: { lengthM: [0.13, 0.4] }, weight: 2.5 },
    ],
  },
  {
    id: 'no-slow-sinkers-in-current',
    facts: [17],
    when: { currentMps: { above: [0.4, 0.8] } },
    effects: [
      { avoid: { mount: ['wacky'] }, weight: 2 },
      { avoid: { technique: ['dead-stick', 'hang'] }, weight: 2 },
    ],
  },
  {
    id: 'cold-river-slow',
    facts: [39],
    when: { currentMps: { above: [0.25, 0.6] }, waterTempC: { below: [5, 8] } },
    effects: [
      {
        favour: {
          family: ['casting-spoon', 'streamer', 'hair-jig', 'in-line-spinner'],
          technique: ['wind', 'lift-wind', 'drag', 'hop'],
        },
        weight: 1.5,
      },
    ],
  },
  {
    id: 'streamer-when-small',
    facts: [39],
    when: { group: ['salmonid'], forageLengthM: { below: [0.045, 0.065] } },
    effects: [{ favour: { family: ['streamer', 'hair-jig', 'in-line-spinner'] }, weight: 1.2 }],
  },
  {
    id: 'salmon-take-hardware',
    facts: [3, 39],
    when: { species: ['coho-salmon', 'chinook-salmon'] },
    effects: [
      { favour: { family: ['casting-spoon', 'in-line-spinner', 'jerkbait', 'crankbait'] }, weight: 3 },
      { avoid: { body: ['soft'] }, weight: 3 },
    ],
  },
] as const
