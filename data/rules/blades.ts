/** Spinners, spinnerbaits and bladed jigs. */
export const BLADES = [
  {
    id: 'blades-near-cover',
    facts: [9],
    when: { cover: ['open'], zoneMidM: { above: [2.5, 4] }, offBottomM: { above: [0.5, 1.5] } },
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'] }, weight: 5 }],
  },
  {
    id: 'wind-blades',
    facts: [9],
    when: {
      group: ['bass', 'pike'],
      windMps: { above: [3, 7] },
      waterTempC: { above: [7, 10] },
      visibilityM: { below: [3, 5] },
    },
    effects: [{ favour: { family: ['spinnerbait'] }, weight: 3 }],
  },
  {
    id: 'dull-blades',
    facts: [9],
    when: {
      group: ['bass', 'pike'],
      sky: ['cloud', 'rain'],
      season: ['pre-spawn', 'spawn', 'post-spawn', 'autumn'],
      mood: ['active', 'neutral'],
      visibilityM: { below: [2.5, 4] },
      waterTempC: { above: [7, 10] },
    },
    effects: [{ favour: { family: ['spinnerbait'] }, weight: 2 }],
  },
  {
    id: 'muddy-spring-wood',
    facts: [9],
    when: {
      group: ['bass'],
      visibilityM: { below: [0.5, 1] },
      season: ['winter', 'pre-spawn', 'spawn', 'post-spawn'],
      cover: ['timber', 'brush', 'docks'],
      mood: ['active', 'neutral'],
    },
    effects: [
      {
        favour: {
          family: ['spinnerbait'],
          traits: { blade: ['colorado'] },
          technique: ['roll-bottom', 'wind'],
          tempo: [0, 0.5],
        },
        weight: 4,
      },
      { favour: { family: ['crankbait'], traits: { lip: ['square'] }, sound: ['rattles'] }, weight: 3 },
    ],
  },
  {
    id: 'willow-in-clear',
    facts: [5, 6],
    when: { visibilityM: { above: [2, 3.5] } },
    effects: [{ avoid: { traits: { blade: ['colorado'] } }, weight: 1.5 }],
  },
  {
    id: 'gold-blades-dirty',
    facts: [6],
    when: { visibilityM: { below: [1, 2] } },
    effects: [{ avoid: { traits: { bladeFinish: ['silver'] } }, weight: 1.5 }],
  },
  {
    id: 'bladed-jig-grass',
    facts: [14],
    when: {
      group: ['bass', 'pike'],
      cover: ['grass', 'reeds'],
      mood: ['active', 'neutral'],
      waterTempC: { above: [8, 12] },
      visibilityM: { below: [2.5, 4] },
    },
    effects: [{ favour: { family: ['bladed-jig'] }, weight: 4 }],
  },
  {
    id: 'bladed-jig-slim-trailer',
    facts: [11],
    when: {},
    effects: [{ avoid: { family: ['bladed-jig'], trailer: ['kicking-craw', 'gliding-creature'] }, weight: 1.5 }],
  },
  {
    id: 'bladed-jig-ribbed',
    facts: [55],
    when: { mood: ['active', 'neutral'] },
    effects: [{ favour: { family: ['bladed-jig'], trailer: ['paddle-tail', 'split-tail'] }, weight: 0.8 }],
  },
  {
    id: 'thump-trailer',
    facts: [9, 11],
    when: { visibilityM: { below: [0.6, 1.2] } },
    effects: [
      {
        avoid: { family: ['spinnerbait'], trailer: ['grub', 'split-tail', 'stick-worm', 'stick-worm crosswise'] },
        weight: 1,
      },
    ],
  },
  {
    id: 'stinger-off',
    side: 'S6.off',
    facts: [10],
    when: { cover: ['timber', 'brush', 'docks', 'rock', 'reeds', 'pads', 'grass'] },
    effects: [{ avoid: { traits: { stinger: [true] } }, weight: 2 }],
  },
  {
    id: 'shy-smaller-blade',
    facts: [1],
    when: { mood: ['pressured', 'lethargic'] },
    effects: [{ avoid: { family: ['in-line-spinner', 'spinnerbait'], sized: { bladeSize: [4, 8] } }, weight: 1.5 }],
  },
  {
    id: 'spinner-when-unsure',
    facts: [1],
    when: {
      mood: ['neutral', 'active'],
      group: ['salmonid', 'perch'],
      waterTempC: { above: [6, 9] },
      cover: ['open', 'rock', 'shell', 'clay'],
    },
    effects: [{ favour: { family: ['in-line-spinner'] }, weight: 1.5 }],
  },
  {
    id: 'blades-in-autumn',
    facts: [9],
    when: {
      group: ['bass', 'pike'],
      season: ['autumn'],
      windMps: { above: [2, 5] },
      mood: ['active', 'neutral'],
      visibilityM: { below: [2.5, 4] },
    },
    effects: [{ favour: { family: ['spinnerbait', 'bladed-jig'] }, weight: 1.5 }],
  },
  {
    id: 'deep-willow',
    facts: [5],
    when: { coverTopM: { above: [2.5, 4] }, cover: ['timber', 'brush', 'docks'], mood: ['active', 'neutral'] },
    effects: [
      {
        avoid: { family: ['spinnerbait'] },
        unless: { traits: { blade: ['willow'] }, massKg: [0.016, 0.05] },
        weight: 3,
      },
    ],
  },
  {
    id: 'big-blades-run-high',
    facts: [5],
    when: { coverTopM: { below: [0.7, 1.3] }, cover: ['timber', 'brush', 'docks', 'grass', 'pads', 'reeds'] },
    effects: [
      {
        avoid: { family: ['spinnerbait'], traits: { blade: ['willow'], blades: ['one'] }, massKg: [0.016, 0.06] },
        weight: 1,
      },
    ],
  },
  {
    id: 'hammered-in-stain',
    facts: [5],
    when: { visibilityM: { below: [0.8, 1.5] } },
    effects: [
      { avoid: { family: ['spinnerbait', 'in-line-spinner'] }, unless: { traits: { hammered: [true] } }, weight: 0.8 },
    ],
  },
  {
    id: 'silver-blades-clear',
    facts: [6],
    when: { visibilityM: { above: [2, 3.5] }, sky: ['sun', 'broken'], light: ['day'] },
    effects: [{ avoid: { traits: { bladeFinish: ['gold', 'brass', 'copper', 'painted'] } }, weight: 1 }],
  },
  {
    id: 'painted-blades-dull',
    facts: [6],
    when: { sky: ['cloud', 'rain'], light: ['day'], visibilityM: { above: [2.5, 4] } },
    effects: [
      {
        avoid: { family: ['spinnerbait', 'in-line-spinner', 'bladed-jig'] },
        unless: { traits: { bladeFinish: ['painted'] } },
        weight: 0.8,
      },
    ],
  },
  {
    id: 'skirt-bait-clear',
    facts: [7],
    when: { visibilityM: { above: [1.8, 3] } },
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'], colour: ['hot', 'dark', 'painted'] }, weight: 1.5 }],
  },
  {
    id: 'skirt-white-between',
    facts: [7],
    when: { visibilityM: { above: [0.5, 0.9], below: [1.8, 2.6] } },
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'] }, unless: { colour: ['light', 'hot'] }, weight: 1 }],
  },
  {
    id: 'skirt-black-dirtiest',
    facts: [7],
    when: { visibilityM: { below: [0.25, 0.5] } },
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'] }, unless: { colour: ['dark'] }, weight: 1.5 }],
  },
  {
    id: 'light-blades-rod',
    facts: [8],
    when: {},
    effects: [
      {
        avoid: { family: ['spinnerbait', 'bladed-jig'], massKg: [0, 0.012] },
        unless: { rodPower: ['medium', 'medium-heavy'], rodAction: ['moderate', 'moderate-fast', 'fast'] },
        weight: 0.5,
      },
    ],
  },
  {
    id: 'heavy-blades-rod',
    facts: [8],
    when: {},
    effects: [
      {
        avoid: {
          family: ['spinnerbait', 'bladed-jig'],
          massKg: [0.0135, 0.05],
          rodPower: ['ultra-light', 'light', 'medium-light'],
        },
        weight: 1,
      },
    ],
  },
  {
    id: 'blades-reel',
    facts: [8],
    when: {},
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'], gearRatio: [2, 5.1] }, weight: 0.5 }],
  },
  {
    id: 'blades-line',
    facts: [8],
    when: {},
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'], lineN: [0, 44] }, weight: 0.8 }],
  },
  {
    id: 'stinger-short-strikes',
    side: 'S6.on',
    facts: [10],
    when: { cover: ['open', 'clay'], mood: ['pressured', 'neutral'] },
    effects: [{ avoid: { family: ['spinnerbait'] }, unless: { traits: { stinger: [true] } }, weight: 1 }],
  },
  {
    id: 'thump-trailer-stain',
    facts: [11],
    when: { visibilityM: { above: [0.8, 1.4] }, mood: ['active', 'neutral'] },
    effects: [{ avoid: { family: ['spinnerbait'], trailer: ['kicking-craw', 'gliding-creature'] }, weight: 0.6 }],
  },
  {
    id: 'thin-wire',
    facts: [12],
    when: { mood: ['active', 'neutral'], cover: ['open', 'grass', 'rock', 'clay', 'shell'] },
    effects: [{ avoid: { family: ['spinnerbait'] }, unless: { traits: { wire: ['thin'] } }, weight: 0.5 }],
  },
  {
    id: 'clip-blade-for-chasers',
    facts: [14],
    when: {
      group: ['bass', 'pike'],
      mood: ['active'],
      cover: ['grass', 'timber', 'brush', 'reeds', 'docks'],
      waterTempC: { above: [10, 14] },
      visibilityM: { below: [2, 3.5] },
    },
    effects: [{ favour: { family: ['bladed-jig'] }, weight: 1.2 }],
  },
  {
    id: 'burn-under-surface',
    facts: [5],
    when: {
      group: ['bass', 'pike'],
      mood: ['active'],
      waterTempC: { above: [17, 21] },
      windMps: { above: [3, 6] },
      zoneTopM: { below: [0.4, 1] },
    },
    effects: [
      {
        favour: { family: ['spinnerbait'], technique: ['wind'], tempo: [0.75, 1], massKg: [0.013, 0.04] },
        weight: 1.5,
      },
    ],
  },
  {
    id: 'vibration-felt-in-wind',
    facts: [9],
    when: { windMps: { above: [4, 9] }, mood: ['active', 'neutral'], waterTempC: { above: [7, 10] } },
    effects: [{ axis: 'vibration', want: 0.65, weight: 1.5 }],
  },
  {
    id: 'no-spinner-in-the-cold',
    facts: [1, 47],
    when: { group: ['panfish', 'perch', 'bass', 'zander'], waterTempC: { below: [8, 11] } },
    effects: [{ avoid: { family: ['in-line-spinner'] }, weight: 4 }],
  },
  {
    id: 'no-spinner-for-deep-bass',
    facts: [42, 47],
    when: { group: ['bass'], zoneTopM: { above: [1, 2] } },
    effects: [{ avoid: { family: ['in-line-spinner'] }, weight: 4 }],
  },
  {
    id: 'no-blades-for-cold-bass',
    facts: [47],
    when: { group: ['bass', 'zander', 'perch'], waterTempC: { below: [6, 9] } },
    effects: [{ avoid: { family: ['spinnerbait', 'bladed-jig'] }, weight: 4 }],
  },
] as const
