/** What is seen, how fish lie, lamps, drifting weed, builds of prey. */
export const SIGNS = [
  {
    id: 'birds-cast-far',
    facts: [88],
    when: { birds: ['yes'] },
    effects: [
      { axis: 'reach', weight: 1.5 },
      { axis: 'passing', want: 0.95, weight: 2 },
      {
        favour: { family: ['casting-metal', 'casting-spoon', 'lipless-crankbait', 'surface', 'soft-jerkbait'] },
        weight: 1,
      },
    ],
  },
  {
    id: 'fish-seen-are-shy',
    facts: [88],
    when: { fishSeen: ['yes'] },
    effects: [
      { axis: 'stealth', weight: 1.5 },
      { axis: 'presence', want: 0.3, weight: 1.5 },
      { axis: 'reach', weight: 1 },
    ],
  },
  {
    id: 'mud-along-the-bottom',
    facts: [88],
    when: { mudOfFish: ['yes'] },
    effects: [{ favour: { body: ['jig', 'soft'] }, weight: 1.2 }],
  },
  {
    id: 'lamps-swim-it-across',
    facts: [88],
    when: { lamps: ['yes'], light: ['night'] },
    effects: [{ favour: { technique: ['wind', 'swing'] }, weight: 1.2 }],
  },
  {
    id: 'drifting-weed-single-points',
    facts: [88],
    when: { weedDrift: ['some', 'much'] },
    effects: [
      { axis: 'snag', weight: 4 },
      { favour: { weedless: true }, weight: 1.2 },
    ],
  },
  {
    id: 'gathered-search-and-stay',
    facts: [88],
    when: { schooling: ['yes'], fishSeen: ['yes'] },
    effects: [
      { axis: 'zone', weight: 1.5 },
      { axis: 'passing', want: 0.2, weight: 2 },
      { axis: 'patience', want: 0.65, weight: 1.5 },
    ],
  },
  {
    id: 'scent-for-slow-fish',
    facts: [76],
    when: { mood: ['lethargic', 'pressured'] },
    effects: [{ favour: { make: { scented: [true] } }, weight: 0.8 }],
  },
  {
    id: 'needles-for-needles',
    facts: [88],
    when: { forageShape: ['needle'] },
    effects: [
      {
        favour: { family: ['needle-plug', 'soft-jerkbait', 'casting-metal', 'long-jig', 'stick-worm', 'streamer'] },
        weight: 0.6,
      },
    ],
  },
  {
    id: 'short-jig-for-movers',
    facts: [77],
    when: { mood: ['active'], water: ['salt', 'brackish'], depthM: { above: [8, 15] } },
    effects: [{ favour: { family: ['short-jig'] }, weight: 0.8 }],
  },
  {
    id: 'gliding-jig-straight-down',
    facts: [77],
    when: { stand: ['ice', 'boat'], group: ['perch', 'zander', 'salmonid', 'pike'] },
    effects: [{ favour: { family: ['gliding-jig'], delivery: ['vertical', 'drift'] }, weight: 1 }],
  },
  {
    id: 'ribbon-worm-warm-grass',
    facts: [77],
    when: { group: ['bass'], waterTempC: { above: [18, 22] }, cover: ['grass', 'brush', 'timber'] },
    effects: [{ favour: { family: ['ribbon-worm'] }, weight: 0.8 }],
  },
] as const
