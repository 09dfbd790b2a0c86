/** Soft baits. */
export const SOFTS = [
  {
    id: 'slim-smooth-cold',
    facts: [33],
    when: { waterTempC: { above: [1, 2], below: [5.5, 7] } },
    effects: [{ favour: { family: ['paddle-tail'], traits: { shape: ['slim-smooth'] } }, weight: 2 }],
  },
  {
    id: 'no-hard-kick-in-the-cold',
    facts: [33],
    when: { waterTempC: { below: [5.5, 7] } },
    effects: [{ avoid: { family: ['paddle-tail'], traits: { shape: ['slim-ribbed'] } }, weight: 6 }],
  },
  {
    id: 'slim-ribbed-warm',
    facts: [33],
    when: {
      group: ['bass', 'perch', 'zander', 'pike', 'inshore', 'striper', 'sea-bass', 'flathead'],
      waterTempC: { above: [10, 13] },
      mood: ['active', 'neutral'],
    },
    effects: [{ favour: { family: ['paddle-tail'], traits: { shape: ['slim-ribbed'] } }, weight: 1.5 }],
  },
  {
    id: 'finesse-for-pressured',
    facts: [30],
    when: { group: ['bass', 'perch', 'zander', 'panfish', 'bream', 'whiting'], mood: ['pressured'] },
    effects: [{ favour: { mount: ['drop-shot', 'wacky'] }, weight: 4 }],
  },
  {
    id: 'belly-weight-over-grass',
    facts: [33],
    when: { cover: ['grass', 'pads', 'reeds'] },
    effects: [{ favour: { mount: ['belly'] }, weight: 2.5 }],
  },
  {
    id: 'drop-shot-open-nose',
    facts: [30],
    when: {
      mood: ['pressured', 'neutral'],
      cover: ['open', 'rock', 'clay', 'shell'],
      visibilityM: { above: [1.2, 2.5] },
      group: ['bass', 'perch', 'zander', 'panfish'],
      zoneMidM: { above: [2, 4] },
    },
    effects: [
      { favour: { mount: ['drop-shot'], weedless: false }, weight: 1.5 },
      { favour: { family: ['finesse-worm'], mount: ['drop-shot'] }, weight: 1 },
    ],
  },
  {
    id: 'drop-shot-weedless',
    facts: [30],
    when: { cover: ['timber', 'brush', 'docks', 'grass'] },
    effects: [{ avoid: { mount: ['drop-shot'], weedless: false }, weight: 1.5 }],
  },
  {
    id: 'mushroom-finesse',
    facts: [30],
    when: {
      group: ['bass', 'perch', 'zander', 'panfish'],
      mood: ['pressured', 'neutral', 'lethargic'],
      visibilityM: { above: [1.5, 3] },
      cover: ['open', 'rock', 'shell', 'clay'],
    },
    effects: [
      { favour: { family: ['finesse-worm', 'stick-worm'], head: ['mushroom'], headKg: [0, 0.0054] }, weight: 1.2 },
    ],
  },
  {
    id: 'texas-slips-through',
    facts: [30],
    when: { cover: ['brush', 'timber', 'reeds', 'pads', 'grass', 'docks'], coverDensity: { above: [0.3, 0.6] } },
    effects: [{ favour: { mount: ['texas'] }, weight: 1.5 }],
  },
  {
    id: 'stick-worm-weighted',
    facts: [32],
    when: {
      group: ['bass'],
      mood: ['neutral', 'pressured', 'lethargic'],
      visibilityM: { above: [1, 2] },
      depthM: { below: [4, 7] },
      waterTempC: { above: [10, 14] },
    },
    effects: [{ favour: { family: ['stick-worm'], mount: ['wacky'], hookKg: [0.0015, 0.006] }, weight: 1.2 }],
  },
  {
    id: 'drop-shot-rod-moderate',
    side: 'S12.moderate',
    facts: [31],
    when: {},
    effects: [
      {
        avoid: { mount: ['drop-shot'] },
        unless: { rodPower: ['light', 'medium-light', 'medium'], rodAction: ['moderate', 'moderate-fast', 'fast'] },
        weight: 0.6,
      },
    ],
  },
  {
    id: 'drop-shot-rod-fast',
    side: 'S12.fast',
    facts: [31],
    when: {},
    effects: [
      {
        avoid: { mount: ['drop-shot'] },
        unless: { rodPower: ['light', 'medium-light', 'medium'], rodAction: ['fast', 'extra-fast'] },
        weight: 0.6,
      },
    ],
  },
  {
    id: 'drop-shot-light',
    side: 'S5.light',
    facts: [31],
    when: { currentMps: { below: [0.3, 0.6] }, mood: ['neutral', 'pressured', 'lethargic'] },
    effects: [{ avoid: { mount: ['drop-shot'], massKg: [0.0175, 0.1] }, weight: 1 }],
  },
  {
    id: 'drop-shot-heavy',
    side: 'S5.heavy',
    facts: [31],
    when: { mood: ['active'] },
    effects: [{ avoid: { mount: ['drop-shot'] }, unless: { massKg: [0.013, 0.05] }, weight: 1 }],
  },
  {
    id: 'fat-ribbed-all-year',
    facts: [33],
    when: { forageLengthM: { above: [0.08, 0.12] } },
    effects: [{ favour: { family: ['paddle-tail'], traits: { shape: ['fat-ribbed'] } }, weight: 0.8 }],
  },
  {
    id: 'slim-smooth-small-coldest',
    facts: [33],
    when: { waterTempC: { below: [3.5, 5] } },
    effects: [
      { favour: { family: ['paddle-tail'], traits: { shape: ['slim-smooth'] }, lengthM: [0.06, 0.085] }, weight: 1 },
    ],
  },
  {
    id: 'underspin-in-cloudy-water',
    facts: [33, 72],
    when: {
      visibilityM: { above: [0.4, 0.8], below: [1.8, 3] },
      mood: ['neutral', 'active'],
      waterTempC: { above: [5, 9] },
      forageKind: ['fish'],
    },
    effects: [{ favour: { family: ['paddle-tail'], head: ['underspin'] }, weight: 1.5 }],
  },
  {
    id: 'swimmer-suspended',
    facts: [33],
    when: {
      cover: ['open', 'clay', 'shell', 'rock'],
      mood: ['neutral', 'active'],
      forageKind: ['fish'],
      zoneMidM: { above: [1.5, 3] },
      offBottomM: { above: [1, 2] },
    },
    effects: [
      {
        favour: { family: ['paddle-tail', 'hard-swimbait', 'grub'], technique: ['wind'], tempo: [0, 0.7] },
        weight: 1.5,
      },
    ],
  },
  {
    id: 'umbrella-open-shoal',
    facts: [34],
    when: {
      group: ['bass', 'striper', 'panfish'],
      cover: ['open', 'clay', 'shell'],
      schooling: ['yes'],
      visibilityM: { above: [1.8, 3] },
      waterTempC: { above: [6, 9], below: [16, 20] },
      forageKind: ['fish'],
      mood: ['active', 'neutral'],
      offBottomM: { above: [1, 2.5] },
      depthM: { above: [4, 6] },
    },
    effects: [{ favour: { family: ['umbrella-rig'] }, weight: 5 }],
  },
  {
    id: 'umbrella-not-in-cover',
    facts: [34],
    when: {
      coverDensity: { above: [0.1, 0.4] },
      cover: ['timber', 'brush', 'docks', 'grass', 'pads', 'reeds', 'rock'],
    },
    effects: [{ avoid: { family: ['umbrella-rig'] }, weight: 5 }],
  },
  {
    id: 'umbrella-is-a-shoal',
    facts: [34],
    when: { forageKind: ['shrimp', 'crayfish', 'crab', 'worm', 'frog'] },
    effects: [{ avoid: { family: ['umbrella-rig'] }, weight: 4 }],
  },
  {
    id: 'segmented-as-shrimp',
    facts: [35],
    when: { forageKind: ['shrimp'] },
    effects: [
      {
        favour: {
          family: ['segmented-bait', 'grub', 'hair-jig'],
          lengthM: [0.03, 0.11],
          technique: ['pop-stand', 'hop', 'dead-stick'],
        },
        weight: 4,
      },
      { axis: 'bottom', want: 0.5, weight: 2 },
    ],
  },
  {
    id: 'segmented-whole-fast',
    facts: [35, 75],
    when: {
      group: ['bass', 'inshore', 'pike'],
      mood: ['active'],
      zoneTopM: { below: [0.4, 0.8] },
      waterTempC: { above: [15, 19] },
      cover: ['grass', 'open', 'reeds', 'pads', 'docks', 'timber', 'rock'],
    },
    effects: [
      {
        favour: { family: ['segmented-bait'], lengthM: [0.12, 0.2], technique: ['wind'], tempo: [0.25, 1] },
        weight: 1,
      },
    ],
  },
  {
    id: 'small-mouths-small-baits',
    facts: [36],
    when: { mouth: ['small'] },
    effects: [{ avoid: { lengthM: [0.125, 0.5] }, weight: 4 }],
  },
  {
    id: 'minnow-to-the-bank',
    facts: [18],
    when: { season: ['spawn', 'post-spawn'], depthM: { below: [2, 3.5] }, forageKind: ['fish'] },
    effects: [{ axis: 'length', times: 0.9, weight: 1 }],
  },
  {
    id: 'autumn-frogs-and-perch',
    facts: [18],
    when: {
      season: ['autumn'],
      cover: ['reeds', 'pads', 'grass'],
      forageKind: ['frog', 'fish'],
      forageShade: ['olive'],
    },
    effects: [{ axis: 'colour', groups: { natural: 1, painted: 0.6 }, weight: 2 }],
  },
  {
    id: 'frogs-on-top',
    facts: [18],
    when: { forageKind: ['frog'], waterTempC: { above: [14, 17] } },
    effects: [
      { favour: { family: ['surface', 'soft-jerkbait', 'creature'] }, weight: 4 },
      { axis: 'colour', groups: { natural: 1, dark: 0.7 }, weight: 2 },
    ],
  },
  {
    id: 'worm-eaters',
    facts: [30],
    when: { forageKind: ['worm'] },
    effects: [
      { favour: { family: ['stick-worm', 'finesse-worm', 'grub', 'hair-jig', 'segmented-bait'] }, weight: 2 },
      { axis: 'bottom', want: 0.5, weight: 2 },
    ],
  },
] as const
