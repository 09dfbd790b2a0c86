import { practice } from './basis'

/** What is seen, how fish lie, lamps, drifting weed, builds of prey. */
export const SIGNS = [
  {
    id: 'birds-cast-far',
    side: null,
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
    basis: practice,
  },
  {
    id: 'fish-seen-are-shy',
    side: null,
    facts: [88],
    when: { fishSeen: ['yes'] },
    effects: [
      { axis: 'stealth', weight: 1.5 },
      { axis: 'presence', want: 0.3, weight: 1.5 },
      { axis: 'reach', weight: 1 },
    ],
    basis: practice,
  },
  {
    id: 'mud-along-the-bottom',
    side: null,
    facts: [88],
    when: { mudOfFish: ['yes'] },
    effects: [{ favour: { body: ['jig', 'soft'] }, weight: 1.2 }],
    basis: practice,
  },
  {
    id: 'lamps-swim-it-across',
    side: null,
    facts: [88],
    when: { lamps: ['yes'], light: ['night'] },
    effects: [{ favour: { technique: ['wind', 'swing'] }, weight: 1.2 }],
    basis: practice,
  },
  {
    id: 'drifting-weed-single-points',
    side: null,
    facts: [88],
    when: { weedDrift: ['some', 'much'] },
    effects: [
      { axis: 'snag', weight: 4 },
      { favour: { weedless: true }, weight: 1.2 },
    ],
    basis: practice,
  },
  {
    id: 'gathered-search-and-stay',
    side: null,
    facts: [88],
    when: { schooling: ['yes'], fishSeen: ['yes'] },
    effects: [
      { axis: 'zone', weight: 1.5 },
      { axis: 'passing', want: 0.2, weight: 2 },
      { axis: 'patience', want: 0.65, weight: 1.5 },
    ],
    basis: practice,
  },
  {
    id: 'scent-for-slow-fish',
    side: null,
    facts: [76],
    when: { mood: ['lethargic', 'pressured'] },
    effects: [{ favour: { make: { scented: [true] } }, weight: 0.8 }],
    basis: practice,
  },
  {
    id: 'needles-for-needles',
    side: null,
    facts: [88],
    when: { forageShape: ['needle'] },
    effects: [
      {
        favour: { family: ['needle-plug', 'soft-jerkbait', 'casting-metal', 'long-jig', 'stick-worm', 'streamer'] },
        weight: 0.6,
      },
    ],
    basis: practice,
  },
  {
    id: 'short-jig-for-movers',
    side: null,
    facts: [77],
    when: { mood: ['active'], water: ['salt', 'brackish'], depthM: { above: [8, 15] } },
    effects: [{ favour: { family: ['short-jig'] }, weight: 0.8 }],
    basis: practice,
  },
  {
    id: 'gliding-jig-straight-down',
    side: null,
    facts: [77],
    when: { stand: ['ice', 'boat'], group: ['perch', 'zander', 'salmonid', 'pike'] },
    effects: [{ favour: { family: ['gliding-jig'], delivery: ['vertical', 'drift'] }, weight: 1 }],
    basis: practice,
  },
  {
    id: 'ribbon-worm-warm-grass',
    side: null,
    facts: [77],
    when: { group: ['bass'], waterTempC: { above: [18, 22] }, cover: ['grass', 'brush', 'timber'] },
    effects: [{ favour: { family: ['ribbon-worm'] }, weight: 0.8 }],
    basis: practice,
  },
] as const
