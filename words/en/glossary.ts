/** The words that stay special: what an angler of another water may not know. */
export const GLOSSARY = [
  {
    word: 'Zone',
    says: 'The depths in which the fish hold today, from top to bottom. Drag it in the picture when your sounder knows better.',
  },
  {
    word: 'In the zone',
    says: 'The share of a cast, by time, in which the lure runs where the fish hold, or near enough for them to come for it.',
  },
  {
    word: 'Score',
    says: 'Of 100: a set-up against the best that could be tied on in this water by anybody. How willing the fish are stands beside it, as a word on the day.',
  },
  {
    word: 'Forage',
    says: 'What the fish are eating now: its kind, and its length this month.',
  },
  {
    word: 'Visibility',
    says: 'The depth at which a white lure, let down in the shade of the boat, goes out of sight.',
  },
  {
    word: 'Fetch',
    says: 'Open water upwind of your spot. The longer it is, the higher the waves and the deeper they stir the bottom.',
  },
  {
    word: 'Count-down',
    says: 'Seconds you let a sinking lure fall before you wind. Time its fall once on the bench, and the count is its own.',
  },
  {
    word: 'Cadence',
    says: 'The rhythm of the hand: how long the pull, how long the rest.',
  },
  {
    word: 'Technique',
    says: 'What the hand does with a kind of lure on a kind of rig: it winds, hops, shakes, pitches, trolls. Each has a pace and a rest of its own.',
  },
  {
    word: 'Tempo',
    says: 'How far a technique is worked toward its own fast end. Cold or shy fish ask for its slow end, whatever it is.',
  },
  {
    word: 'Patience',
    says: 'How far the rest of a technique goes toward its longest.',
  },
  {
    word: 'Vibration',
    says: 'The thump of a lure that fish feel along their side; what counts in muddy water and at night.',
  },
  {
    word: 'Bulk',
    says: 'How big a lure seems and how much water it moves, whatever its length.',
  },
  {
    word: 'Snag risk',
    says: 'The share of casts on which a lure would hang up or foul in this cover.',
  },
  {
    word: 'Running depth',
    says: 'How deep a plug dives. The packet gives one figure; on thinner line and longer casts it runs deeper.',
  },
  {
    word: 'Suspends',
    says: 'Neither rises nor sinks where it is stopped. It changes with the temperature of the water and the weight of the hooks.',
  },
  {
    word: '95 % range',
    says: 'Where the true figure lies 19 times in 20, from the readings there are. More readings make it narrower.',
  },
  {
    word: 'Open question',
    says: 'A point on which good anglers disagree. Take a side, or let both count.',
  },
] as const
