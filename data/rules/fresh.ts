/** Species of fresh water. */
export const FRESH = [
  {
    id: 'pike-big',
    facts: [39],
    when: { species: ['pike'], season: ['pre-spawn', 'autumn', 'post-spawn'] },
    effects: [
      { favour: { family: ['glide-bait', 'jerkbait', 'paddle-tail'] }, weight: 1.5 },
      { axis: 'presence', want: 0.7, weight: 2 },
    ],
  },
  {
    id: 'perch-small',
    facts: [36],
    when: { species: ['perch'] },
    effects: [
      { axis: 'length', times: 0.85, weight: 2 },
      { favour: { family: ['in-line-spinner', 'finesse-worm', 'blade-bait', 'grub'] }, weight: 1.5 },
    ],
  },
  {
    id: 'zander-bottom',
    facts: [18],
    when: { species: ['zander'], light: ['day', 'dusk', 'night'] },
    effects: [
      { axis: 'bottom', want: 0.5, weight: 2.5 },
      { favour: { family: ['paddle-tail'], mount: ['head'] }, weight: 2 },
    ],
  },
  {
    id: 'asp-fast',
    facts: [1],
    when: { species: ['asp'], waterTempC: { above: [10, 14] } },
    effects: [
      { axis: 'pace', want: 1.3, weight: 7 },
      { favour: { family: ['casting-metal', 'casting-spoon', 'in-line-spinner', 'surface'] }, weight: 3 },
      { favour: { family: ['casting-metal'], technique: ['wind', 'skim'] }, weight: 4 },
    ],
  },
  {
    id: 'salmonid-metal',
    facts: [39],
    when: { group: ['salmonid'] },
    effects: [
      { favour: { family: ['casting-spoon', 'in-line-spinner', 'jerkbait', 'hair-jig'] }, weight: 2 },
      { axis: 'colour', groups: { silver: 1, hot: 0.6, painted: 0.5 }, weight: 2 },
    ],
  },
  {
    id: 'broken-water',
    facts: [39],
    when: { currentMps: { above: [0.25, 0.6] }, depthM: { below: [2.5, 4] } },
    effects: [{ favour: { family: ['in-line-spinner', 'casting-spoon', 'jerkbait'] }, weight: 2 }],
  },
  {
    id: 'pike-not-tiny',
    facts: [39],
    when: { group: ['pike'] },
    effects: [{ avoid: { lengthM: [0.01, 0.07] }, weight: 2 }],
  },
  {
    id: 'pike-cold-slow-big',
    facts: [28],
    when: { group: ['pike'], waterTempC: { below: [6, 9] } },
    effects: [
      {
        favour: {
          family: ['glide-bait', 'jerkbait', 'paddle-tail', 'hard-swimbait'],
          technique: ['wind', 'rip-pause', 'hang', 'hop'],
        },
        weight: 2,
      },
    ],
  },
  {
    id: 'pike-grass-summer',
    facts: [33],
    when: { group: ['pike'], cover: ['grass', 'reeds', 'pads'], waterTempC: { above: [14, 18] } },
    effects: [{ favour: { family: ['spinnerbait', 'bladed-jig', 'paddle-tail', 'soft-jerkbait'] }, weight: 1.5 }],
  },
  {
    id: 'zander-cold-vertical',
    facts: [38],
    when: { group: ['zander'], waterTempC: { below: [8, 11] }, depthM: { above: [4, 6] } },
    effects: [
      {
        favour: {
          family: ['paddle-tail', 'grub', 'finesse-worm', 'blade-bait'],
          technique: ['hop', 'dead-stick', 'blade-hop', 'shake-over-lead', 'shake-down', 'drag-over-lead', 'drag'],
        },
        weight: 2,
      },
    ],
  },
  {
    id: 'zander-night-plug',
    facts: [40],
    when: { group: ['zander'], light: ['night', 'dusk'], depthM: { below: [2.5, 4] } },
    effects: [
      {
        favour: { family: ['jerkbait', 'hard-swimbait', 'paddle-tail'], technique: ['wind'], tempo: [0, 0.7] },
        weight: 2,
      },
    ],
  },
  {
    id: 'panfish-tiny',
    facts: [36],
    when: { group: ['panfish'] },
    effects: [
      { favour: { lengthM: [0.02, 0.065] }, weight: 3 },
      { avoid: { lengthM: [0.08, 0.5] }, weight: 4 },
      { favour: { family: ['hair-jig', 'grub', 'finesse-worm'] }, weight: 2.5 },
      { axis: 'tempo', want: 0.1, weight: 2 },
      { axis: 'fall', want: 0.15, weight: 2 },
    ],
  },
  {
    id: 'striper-shad',
    facts: [37],
    when: { group: ['striper'], forageKind: ['fish'], mood: ['active'] },
    effects: [
      { favour: { family: ['casting-metal', 'hair-jig', 'paddle-tail', 'surface', 'casting-spoon'] }, weight: 2 },
    ],
  },
  {
    id: 'lake-trout-deep',
    facts: [38],
    when: { species: ['lake-trout', 'char'], depthM: { above: [10, 15] } },
    effects: [
      { favour: { family: ['slow-fall-jig', 'hair-jig', 'paddle-tail', 'casting-spoon', 'blade-bait'] }, weight: 1.5 },
    ],
  },
  {
    id: 'char-cold-hot-colours',
    facts: [4],
    when: { species: ['char'] },
    effects: [{ axis: 'colour', groups: { hot: 1, silver: 0.8, painted: 0.5 }, weight: 2 }],
  },
  {
    id: 'perch-school-active',
    facts: [1],
    when: { group: ['perch'], mood: ['active'], waterTempC: { above: [12, 15] } },
    effects: [
      { favour: { family: ['in-line-spinner', 'crankbait', 'jerkbait', 'grub', 'casting-metal'] }, weight: 1.2 },
    ],
  },
  {
    id: 'bass-spawn-soft',
    facts: [30],
    when: { group: ['bass'], season: ['spawn'], depthM: { below: [2.2, 3.4] } },
    effects: [
      {
        favour: {
          family: ['stick-worm', 'creature', 'soft-jerkbait', 'tube', 'finesse-worm'],
          // Laid where the fish guards its bed, and left there: the same bait ripped past it is not this.
          technique: [
            'hop',
            'drag',
            'dead-stick',
            'dead-fall',
            'twitch',
            'shiver',
            'pitch',
            'shake-over-lead',
            'shake-down',
            'drag-over-lead',
          ],
        },
        weight: 4,
      },
      { avoid: { family: ['jerkbait', 'paddle-tail', 'casting-metal', 'flutter-spoon'] }, weight: 1 },
      { axis: 'passing', want: 0.2, weight: 1.5 },
    ],
  },
  {
    id: 'bass-summer-offshore',
    facts: [24, 37],
    when: { group: ['bass'], season: ['summer'], zoneMidM: { above: [3.5, 5.5] }, waterTempC: { above: [22, 25] } },
    effects: [{ favour: { family: ['crankbait', 'flutter-spoon', 'skirted-jig', 'finesse-worm'] }, weight: 1 }],
  },
  {
    id: 'big-forage-big-bait',
    facts: [22, 33],
    when: {
      group: ['bass', 'pike', 'striper'],
      forageKind: ['fish'],
      forageLengthM: { above: [0.11, 0.15] },
      visibilityM: { above: [1.5, 2.5] },
      mood: ['active', 'neutral'],
      zoneTopM: { below: [2, 4] },
      waterTempC: { above: [7, 10] },
    },
    effects: [
      { favour: { family: ['glide-bait', 'hard-swimbait'], lengthM: [0.11, 0.4] }, weight: 5 },
      { favour: { family: ['paddle-tail'], lengthM: [0.11, 0.4] }, weight: 2 },
      { axis: 'presence', want: 0.85, weight: 3 },
    ],
  },
  {
    id: 'walleye-wind-reef',
    facts: [17, 22],
    when: {
      group: ['zander'],
      windMps: { above: [3, 6] },
      depthM: { below: [4, 6] },
      mood: ['active', 'neutral'],
      waterTempC: { above: [10, 14] },
    },
    effects: [{ favour: { family: ['crankbait', 'jerkbait', 'paddle-tail'] }, weight: 3 }],
  },
  {
    id: 'zander-softs-and-plugs',
    facts: [17, 47],
    when: { group: ['zander'] },
    effects: [
      { avoid: { family: ['in-line-spinner', 'spinnerbait', 'glide-bait', 'creature', 'surface'] }, weight: 3 },
    ],
  },
  {
    id: 'perch-small-softs',
    facts: [17, 36],
    when: { group: ['perch'], mood: ['neutral', 'lethargic', 'pressured'] },
    effects: [
      {
        favour: {
          family: ['grub', 'paddle-tail', 'finesse-worm', 'creature', 'segmented-bait'],
          lengthM: [0.03, 0.095],
        },
        weight: 4,
      },
    ],
  },
  {
    id: 'crappie-hair-and-grub',
    facts: [78],
    when: { species: ['crappie'], waterTempC: { below: [18, 23] }, cover: ['brush', 'timber', 'docks', 'open'] },
    effects: [
      { favour: { family: ['hair-jig', 'grub'], lengthM: [0.02, 0.065] }, weight: 4 },
      { avoid: { body: ['hard', 'metal', 'wire'] }, weight: 3 },
      { axis: 'passing', want: 0.2, weight: 2 },
    ],
  },
  {
    id: 'trout-in-a-spate',
    facts: [1, 4],
    when: { group: ['salmonid'], visibilityM: { below: [0.8, 1.4] } },
    effects: [{ favour: { family: ['in-line-spinner', 'casting-spoon'] }, weight: 3 }],
  },
  {
    id: 'pike-a-mouthful',
    facts: [39],
    when: { group: ['pike'] },
    effects: [{ axis: 'length', want: 0.14, weight: 8 }],
  },
] as const
