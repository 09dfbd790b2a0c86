/** Jigs and their trailers. */
export const JIGS = [
  {
    id: 'jig-in-wood',
    facts: [18],
    when: {
      group: ['bass'],
      cover: ['timber', 'brush', 'docks'],
      mood: ['neutral', 'lethargic', 'pressured'],
      coverDensity: { above: [0.2, 0.5] },
    },
    effects: [{ favour: { family: ['skirted-jig', 'creature'], technique: ['pitch'] }, weight: 6 }],
  },
  {
    id: 'crayfish-on-rock',
    facts: [18],
    when: { forage: ['crayfish'] },
    effects: [
      { axis: 'bottom', want: 0.6, weight: 3 },
      { favour: { family: ['skirted-jig', 'creature', 'tube'] }, weight: 3 },
      { axis: 'colour', groups: { natural: 1, dark: 0.5 }, weight: 3 },
    ],
  },
  {
    id: 'trailer-finishes-it',
    facts: [55],
    when: { mood: ['active', 'neutral', 'lethargic'] },
    effects: [{ avoid: { family: ['skirted-jig', 'spinnerbait', 'bladed-jig'], trailer: ['none'] }, weight: 4 }],
  },
  {
    id: 'flipping-trailer',
    facts: [55],
    when: { mood: ['active', 'neutral'] },
    effects: [
      {
        favour: {
          family: ['skirted-jig'],
          traits: { style: ['flipping'] },
          trailer: ['kicking-craw', 'gliding-creature'],
        },
        weight: 0.8,
      },
    ],
  },
  {
    id: 'heavy-body-heavy-head',
    facts: [70],
    when: {},
    effects: [
      { avoid: { lengthM: [0.14, 0.4], headKg: [0, 0.0125] }, weight: 2 },
      {
        avoid: {
          family: ['paddle-tail'],
          traits: { shape: ['fat-ribbed'] },
          lengthM: [0.09, 0.14],
          headKg: [0, 0.0055],
        },
        weight: 1,
      },
    ],
  },
  {
    id: 'small-body-light-head',
    facts: [70],
    when: { depthM: { below: [7, 10] }, currentMps: { below: [0.2, 0.5] } },
    effects: [{ avoid: { lengthM: [0, 0.085], headKg: [0.016, 0.2] }, weight: 1.5 }],
  },
  {
    id: 'trailer-kick-warm',
    facts: [13],
    when: { waterTempC: { above: [13, 17] }, mood: ['active'] },
    effects: [{ favour: { trailer: ['kicking-craw', 'paddle-tail'] }, weight: 1 }],
  },
  {
    id: 'trailer-still-cold',
    facts: [13],
    when: { waterTempC: { below: [9, 12] } },
    effects: [{ avoid: { trailer: ['kicking-craw', 'paddle-tail'] }, weight: 1.5 }],
  },
  {
    id: 'hair-in-cold',
    facts: [18],
    when: {
      waterTempC: { below: [7, 10] },
      visibilityM: { above: [0.6, 1.2] },
      group: ['bass', 'panfish', 'zander', 'perch', 'salmonid', 'striper'],
    },
    effects: [{ favour: { family: ['hair-jig'] }, weight: 4 }],
  },
  {
    id: 'glide-trailer',
    facts: [13],
    when: { waterTempC: { above: [9, 12], below: [16, 20] }, mood: ['neutral', 'active'] },
    effects: [{ avoid: { family: ['skirted-jig'] }, unless: { trailer: ['gliding-creature'] }, weight: 1 }],
  },
  {
    id: 'stick-trailer-pressured',
    facts: [13],
    when: { mood: ['pressured', 'lethargic'] },
    effects: [
      { avoid: { family: ['skirted-jig'] }, unless: { trailer: ['stick-worm', 'stick-worm crosswise'] }, weight: 1 },
    ],
  },
  {
    id: 'cold-mud-bulk',
    facts: [16, 13],
    when: { group: ['bass'], visibilityM: { below: [0.4, 0.9] }, waterTempC: { below: [10, 13] } },
    effects: [
      { favour: { family: ['skirted-jig', 'creature'] }, weight: 5 },
      { favour: { family: ['spinnerbait'], technique: ['roll-bottom', 'wind'], tempo: [0, 0.5] }, weight: 4 },
    ],
  },
  {
    id: 'kick-trailer-mud',
    facts: [13],
    when: { visibilityM: { below: [0.6, 1.2] }, waterTempC: { above: [12, 15] } },
    effects: [{ avoid: { family: ['skirted-jig'] }, unless: { trailer: ['kicking-craw'] }, weight: 1 }],
  },
  {
    id: 'swim-the-jig',
    facts: [15],
    when: {
      group: ['bass', 'pike'],
      mood: ['active'],
      cover: ['grass', 'reeds', 'pads', 'docks', 'timber'],
      waterTempC: { above: [12, 15] },
    },
    effects: [
      {
        favour: { family: ['skirted-jig'], traits: { style: ['swim'] }, technique: ['wind'], tempo: [0, 0.7] },
        weight: 1.8,
      },
    ],
  },
  {
    id: 'finesse-jig',
    side: 'S8.small',
    facts: [15],
    when: { group: ['bass'], mood: ['pressured', 'lethargic'], visibilityM: { above: [1, 2] } },
    effects: [{ favour: { family: ['skirted-jig'], traits: { style: ['finesse'] } }, weight: 1.5 }],
  },
  {
    id: 'trimmed-skirt',
    facts: [15],
    when: { mood: ['pressured'] },
    effects: [
      {
        avoid: { family: ['skirted-jig', 'bladed-jig', 'spinnerbait'] },
        unless: { traits: { skirt: ['trimmed'] } },
        weight: 0.6,
      },
    ],
  },
  {
    id: 'football-on-rock',
    facts: [18, 19],
    when: {
      cover: ['rock', 'shell', 'clay'],
      mood: ['neutral', 'lethargic'],
      zoneMidM: { above: [2, 4] },
      group: ['bass'],
    },
    effects: [
      {
        favour: { family: ['skirted-jig'], traits: { style: ['football'] }, technique: ['drag', 'hop'] },
        weight: 2,
      },
    ],
  },
  {
    id: 'flip-in-thick-cover',
    facts: [14, 18],
    when: {
      group: ['bass'],
      cover: ['timber', 'brush', 'docks', 'reeds', 'pads', 'grass'],
      coverDensity: { above: [0.5, 0.8] },
      mood: ['neutral', 'pressured', 'lethargic'],
    },
    effects: [
      { favour: { family: ['skirted-jig', 'creature', 'tube', 'stick-worm'], delivery: ['pitch'] }, weight: 5 },
      { favour: { family: ['skirted-jig'], traits: { style: ['flipping'] } }, weight: 1.5 },
    ],
  },
  {
    id: 'guard-in-wood',
    facts: [18],
    when: { cover: ['timber', 'brush', 'docks'], coverDensity: { above: [0.2, 0.5] } },
    effects: [
      { favour: { head: ['weed-guard'] }, weight: 1.2 },
      { avoid: { head: ['darter', 'ball'] }, weight: 1 },
    ],
  },
  {
    id: 'hair-for-bulk-in-current',
    facts: [18],
    when: { currentMps: { above: [0.25, 0.6] } },
    effects: [{ favour: { family: ['hair-jig'] }, weight: 1.2 }],
  },
  {
    id: 'darter-for-erratic',
    facts: [18],
    when: { mood: ['active', 'neutral'], cover: ['open', 'rock', 'shell', 'clay'], forageKind: ['fish', 'shrimp'] },
    effects: [{ favour: { head: ['darter'] }, weight: 0.6 }],
  },
  {
    id: 'long-shank-plastics',
    facts: [18],
    when: { mood: ['neutral', 'lethargic'] },
    effects: [
      {
        avoid: { family: ['paddle-tail', 'grub', 'tube'] },
        unless: { head: ['long-shank', 'swim', 'ball', 'weed-guard'] },
        weight: 0.5,
      },
    ],
  },
  {
    id: 'head-shallow',
    facts: [17],
    when: { depthM: { below: [2.5, 3.5] }, currentMps: { below: [0.2, 0.5] } },
    effects: [
      { avoid: { mount: ['head'], lengthM: [0, 0.1] }, unless: { headKg: [0, 0.0042] }, weight: 1.5 },
      { avoid: { headKg: [0.0068, 0.2], lengthM: [0, 0.1] }, weight: 1.5 },
    ],
  },
  {
    id: 'head-middle',
    facts: [17],
    when: { depthM: { above: [2.5, 3.5], below: [5.5, 7] }, currentMps: { below: [0.2, 0.5] } },
    effects: [
      { avoid: { mount: ['head'], lengthM: [0, 0.1] }, unless: { headKg: [0.0048, 0.0075] }, weight: 1.5 },
      { avoid: { headKg: [0.012, 0.2], lengthM: [0, 0.1] }, weight: 1 },
    ],
  },
  {
    id: 'head-deep',
    facts: [17],
    when: { depthM: { above: [5.5, 7] } },
    effects: [
      { avoid: { mount: ['head'] }, unless: { headKg: [0.0098, 0.25] }, weight: 1.5 },
      { avoid: { headKg: [0, 0.0042] }, weight: 2 },
    ],
  },
  {
    id: 'head-in-current',
    facts: [17],
    when: { currentMps: { above: [0.25, 0.6] } },
    effects: [{ avoid: { mount: ['head'] }, unless: { headKg: [0.0068, 0.04] }, weight: 1.5 }],
  },
  {
    id: 'stroke-the-jig',
    side: 'S5.heavy',
    facts: [13, 16],
    when: { mood: ['active'], zoneMidM: { above: [3, 5] }, waterTempC: { above: [16, 20] }, group: ['bass'] },
    effects: [
      { favour: { family: ['skirted-jig'], technique: ['hop', 'stroke'], massKg: [0.0165, 0.05] }, weight: 1.5 },
    ],
  },
  {
    id: 'take-on-the-fall',
    facts: [18],
    when: { mood: ['neutral', 'lethargic'], cover: ['rock', 'timber', 'brush', 'docks', 'shell', 'clay'] },
    effects: [{ axis: 'passing', want: 0.25, weight: 1 }],
  },
  {
    id: 'crab-and-craw',
    facts: [18],
    when: { forageKind: ['crab'] },
    effects: [
      { axis: 'bottom', want: 0.6, weight: 3 },
      { favour: { family: ['creature', 'skirted-jig', 'tube'] }, weight: 5 },
      { axis: 'colour', groups: { natural: 1, dark: 0.5 }, weight: 2 },
    ],
  },
  {
    id: 'gobies-on-stone',
    facts: [18],
    when: { forage: ['goby'], cover: ['rock', 'shell', 'open', 'clay'] },
    effects: [
      {
        favour: {
          family: ['tube', 'hair-jig', 'finesse-worm'],
          technique: ['drag', 'hop', 'shake-over-lead', 'shake-down', 'drag-over-lead', 'dead-stick'],
        },
        weight: 3,
      },
      { axis: 'bottom', want: 0.5, weight: 2 },
    ],
  },
  {
    id: 'weight-for-deep-water',
    facts: [70, 46],
    when: { depthM: { above: [12, 18] }, offBottomM: { below: [6, 12] } },
    effects: [{ avoid: { massKg: [0, 0.025] }, unless: { delivery: ['downrigger', 'three-way'] }, weight: 12 }],
  },
  {
    id: 'weight-for-very-deep-water',
    facts: [70, 46],
    when: { depthM: { above: [22, 30] }, offBottomM: { below: [10, 20] } },
    effects: [{ avoid: { massKg: [0, 0.05] }, unless: { delivery: ['downrigger', 'three-way'] }, weight: 19 }],
  },
  {
    id: 'tails-are-not-hopped-in-the-cold',
    facts: [97],
    when: { waterTempC: { below: [6, 8] } },
    effects: [{ avoid: { family: ['paddle-tail', 'fork-minnow'], technique: ['hop', 'wind-hop'] }, weight: 2 }],
  },
] as const
