/** Species of the sea and its estuaries. */
export const SEA = [
  {
    id: 'bass-of-the-sea',
    facts: [40],
    when: { group: ['sea-bass'] },
    effects: [
      {
        favour: { family: ['needle-plug', 'soft-jerkbait', 'jerkbait', 'surface', 'paddle-tail', 'hard-swimbait'] },
        weight: 2,
      },
    ],
  },
  {
    id: 'sea-bass-low-light',
    facts: [40],
    when: { group: ['sea-bass'], light: ['dawn', 'dusk', 'night'], depthM: { below: [3, 5] } },
    effects: [
      { axis: 'tempo', want: 0.25, weight: 2 },
      { axis: 'vibration', want: 0.3, weight: 3 },
      { favour: { family: ['needle-plug', 'surface', 'soft-jerkbait'] }, weight: 3 },
    ],
  },
  {
    id: 'pelagic-fast',
    facts: [36],
    when: { group: ['pelagic'] },
    effects: [
      { favour: { family: ['casting-metal', 'casting-spoon', 'surface', 'long-jig'] }, weight: 3 },
      { axis: 'pace', want: 1.2, weight: 4 },
      { axis: 'reach', want: 45, weight: 2 },
      { axis: 'flash', want: 0.8, weight: 2 },
    ],
  },
  {
    id: 'flatheads-bottom',
    facts: [18],
    when: { group: ['flathead'] },
    effects: [
      { axis: 'bottom', want: 0.6, weight: 5 },
      {
        favour: {
          family: ['paddle-tail', 'grub', 'hair-jig', 'segmented-bait', 'stick-worm'],
          technique: ['hop', 'drag'],
        },
        weight: 3,
      },
    ],
  },
  {
    id: 'bream-small-finesse',
    facts: [36],
    when: { group: ['bream'] },
    effects: [
      { favour: { lengthM: [0.03, 0.08] }, weight: 2.5 },
      {
        favour: { family: ['grub', 'segmented-bait', 'finesse-worm', 'blade-bait', 'crankbait', 'hair-jig'] },
        weight: 2,
      },
      { axis: 'presence', want: 0.2, weight: 2 },
    ],
  },
  {
    id: 'whiting-on-the-flats',
    facts: [40],
    when: { group: ['whiting'], depthM: { below: [1.5, 3] }, waterTempC: { above: [18, 22] } },
    effects: [
      { favour: { family: ['surface'], lengthM: [0.03, 0.08] }, weight: 5 },
      { axis: 'tempo', want: 0.6, weight: 2 },
    ],
  },
  {
    id: 'whiting-bottom',
    facts: [35],
    when: { group: ['whiting'] },
    effects: [
      { favour: { family: ['segmented-bait', 'grub', 'finesse-worm', 'hair-jig'], lengthM: [0.03, 0.095] }, weight: 4 },
    ],
  },
  {
    id: 'inshore-softs',
    facts: [33],
    when: { species: ['red-drum', 'spotted-seatrout', 'snook', 'tarpon', 'cobia'] },
    effects: [{ favour: { family: ['paddle-tail', 'soft-jerkbait', 'jerkbait', 'casting-spoon'] }, weight: 2 }],
  },
  {
    id: 'inshore-gold-spoon',
    facts: [4],
    when: { species: ['red-drum'], cover: ['grass', 'open', 'shell'], depthM: { below: [1.5, 3] } },
    effects: [{ favour: { family: ['casting-spoon'], colour: ['gold'] }, weight: 2 }],
  },
  {
    id: 'drum-bottom',
    facts: [35],
    when: { species: ['red-drum', 'black-drum'], mood: ['neutral', 'lethargic', 'pressured'] },
    effects: [
      { axis: 'bottom', want: 0.5, weight: 3 },
      {
        favour: {
          family: ['grub', 'paddle-tail', 'segmented-bait', 'hair-jig', 'creature'],
          technique: ['hop', 'drag', 'pop-stand', 'dead-stick'],
        },
        weight: 2,
      },
    ],
  },
  {
    id: 'snook-structure',
    facts: [41],
    when: { species: ['snook'], cover: ['docks', 'timber'], light: ['dawn', 'dusk', 'night'] },
    effects: [{ favour: { family: ['paddle-tail', 'jerkbait', 'hard-swimbait', 'surface'] }, weight: 2 }],
  },
  {
    id: 'seatrout-grass',
    facts: [33],
    when: { species: ['spotted-seatrout'], cover: ['grass', 'open'] },
    effects: [{ favour: { family: ['paddle-tail', 'grub', 'soft-jerkbait', 'surface'] }, weight: 5 }],
  },
  {
    id: 'big-inshore',
    facts: [39],
    when: { species: ['tarpon', 'cobia'] },
    effects: [
      { favour: { lengthM: [0.1, 0.3] }, weight: 1.5 },
      { favour: { family: ['paddle-tail', 'hard-swimbait', 'hair-jig', 'jerkbait'] }, weight: 2 },
    ],
  },
  {
    id: 'reef-vertical',
    facts: [38],
    when: { group: ['reef', 'bottom'], depthM: { above: [12, 20] } },
    effects: [
      { favour: { family: ['slow-fall-jig', 'long-jig', 'paddle-tail', 'hair-jig'], massKg: [0.03, 0.5] }, weight: 4 },
    ],
  },
  {
    id: 'offshore-jigging',
    facts: [38],
    when: { group: ['offshore'] },
    effects: [{ favour: { family: ['long-jig', 'slow-fall-jig'] }, weight: 4 }],
  },
  {
    id: 'jigging-line',
    facts: [38],
    when: { depthM: { above: [12, 20] } },
    effects: [{ avoid: { delivery: ['vertical'] }, unless: { material: ['braid'] }, weight: 1 }],
  },
  {
    id: 'drift-heavier',
    facts: [31, 38],
    when: { driftMps: { above: [0.2, 0.6] } },
    effects: [{ axis: 'fall', want: 0.65, weight: 2.5 }],
  },
  {
    id: 'cobia-hair-and-eel',
    facts: [33],
    when: { species: ['cobia'] },
    effects: [{ favour: { family: ['hair-jig', 'soft-jerkbait', 'paddle-tail'], lengthM: [0.09, 0.4] }, weight: 4 }],
  },
  {
    id: 'cod-softs-and-metal',
    facts: [38],
    when: { group: ['bottom'], depthM: { above: [4, 6] } },
    effects: [
      {
        favour: { family: ['paddle-tail', 'hair-jig', 'slow-fall-jig', 'casting-metal'], massKg: [0.015, 0.5] },
        weight: 4,
      },
    ],
  },
  {
    id: 'no-buried-points-for-fast-fish',
    facts: [131],
    when: { group: ['pelagic', 'offshore'] },
    effects: [{ avoid: { mount: ['texas', 'wacky', 'drop-shot'] }, weight: 7 }],
  },
  {
    id: 'teeth-cut-soft-bodies',
    facts: [127],
    when: { species: ['bluefish', 'tailor', 'spanish-mackerel'] },
    effects: [{ avoid: { body: ['soft'] }, weight: 5 }],
  },
  {
    id: 'small-hooks-straighten',
    facts: [127],
    when: {
      species: ['yellowfin-tuna', 'amberjack', 'atlantic-halibut', 'pacific-halibut', 'tarpon', 'yellowtail-kingfish'],
    },
    effects: [{ avoid: { massKg: [0, 0.0195] }, weight: 7 }],
  },
] as const
