/** Jerkbaits. */
export const JERKBAITS = [
  {
    id: 'cold-hanging-jerkbait',
    side: 'S11.long',
    facts: [28],
    when: {
      group: ['bass', 'pike', 'perch'],
      waterTempC: { below: [8, 11] },
      appetite: { below: [0.7, 0.97] },
      visibilityM: { above: [0.7, 1.2] },
      cover: ['timber', 'brush', 'docks', 'rock', 'open', 'grass'],
      mood: ['lethargic', 'neutral', 'pressured'],
    },
    effects: [
      {
        favour: {
          family: ['jerkbait'],
          traits: { buoyancy: ['suspends'] },
          technique: ['hang', 'shake-still', 'kick-up'],
        },
        weight: 8,
      },
    ],
  },
  {
    id: 'jerkbait-cadence',
    side: 'S11.short',
    facts: [27],
    when: {
      waterTempC: { above: [9, 13], below: [20, 24] },
      visibilityM: { above: [1.2, 2.2] },
      mood: ['active', 'neutral'],
    },
    effects: [
      { favour: { family: ['jerkbait'], technique: ['rip-pause'] }, weight: 1 },
      {
        avoid: { family: ['jerkbait'] },
        unless: { technique: ['rip-pause', 'hang', 'shake-still', 'kick-up', 'glide-aside', 'troll', 'troll-ball'] },
        weight: 2,
      },
    ],
  },
  {
    id: 'smallmouth-hard',
    facts: [27],
    when: { species: ['smallmouth-bass', 'spotted-bass'], waterTempC: { above: [9, 12] }, mood: ['active', 'neutral'] },
    effects: [{ favour: { family: ['jerkbait'], technique: ['rip-pause'], restS: [0.5, 5] }, weight: 6 }],
  },
  {
    id: 'largemouth-soft',
    facts: [27],
    when: { species: ['largemouth-bass'], waterTempC: { above: [9, 12] } },
    effects: [{ favour: { family: ['jerkbait'], technique: ['rip-pause'] }, weight: 0.6 }],
  },
  {
    id: 'sinking-to-deep-fish',
    facts: [26],
    when: { visibilityM: { above: [2, 3.5] }, zoneTopM: { above: [1.5, 2.5] }, mood: ['neutral', 'lethargic'] },
    effects: [
      { favour: { family: ['jerkbait'], traits: { buoyancy: ['sinks', 'suspends'] } }, weight: 1 },
      { avoid: { family: ['jerkbait'], traits: { buoyancy: ['floats'] } }, weight: 1.5 },
    ],
  },
  {
    id: 'cold-no-floaters',
    facts: [28],
    when: { waterTempC: { below: [9, 12] } },
    effects: [{ avoid: { family: ['jerkbait'], traits: { buoyancy: ['floats'] } }, weight: 2 }],
  },
  {
    id: 'jerkbait-not-in-mud',
    facts: [28],
    when: { visibilityM: { below: [0.5, 0.9] } },
    effects: [{ avoid: { family: ['jerkbait', 'soft-jerkbait', 'glide-bait'] }, weight: 3 }],
  },
  {
    id: 'long-wait-prespawn',
    side: 'S11.long',
    facts: [27],
    when: {
      group: ['bass'],
      season: ['pre-spawn'],
      waterTempC: { below: [9, 12] },
      visibilityM: { above: [1.2, 2] },
    },
    effects: [{ favour: { family: ['jerkbait'], restS: [6, 60] }, weight: 1.5 }],
  },
  {
    id: 'deep-lip-jerkbait',
    facts: [26],
    when: { zoneMidM: { above: [1.8, 2.6] }, visibilityM: { above: [2, 3] } },
    effects: [{ avoid: { family: ['jerkbait'] }, unless: { traits: { lip: ['long'] } }, weight: 1 }],
  },
  {
    id: 'soft-jerkbait-in-grass',
    facts: [30],
    when: {
      group: ['bass', 'pike', 'inshore', 'sea-bass'],
      cover: ['grass', 'pads', 'reeds'],
      mood: ['neutral', 'pressured'],
      waterTempC: { above: [14, 18] },
      visibilityM: { above: [1, 2] },
    },
    effects: [{ favour: { family: ['soft-jerkbait', 'stick-worm'], weedless: true }, weight: 1.8 }],
  },
] as const
