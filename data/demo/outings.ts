/**
 * The demo angler's log: how the hidden truth of it looks. Days are dealt out over the fishing months of two seasons, back from the day of opening.
 *
 * `perH`: takes an hour of a usual lure at a usual spot. `lures`: what is carried there, by name, and how many times the usual it takes. `spots`: the
 * same for the spots of the cover. `hours`: factors for early and late (before 8, after 18) and the middle of the day.
 */
export const DEMO_LOG = {
  /** What held the fish: the first for lures up to so long, the second for longer ones. */
  gear: [
    { upToM: 0.07, rod: 'Reedling 2–10', line: 'Braid 0.10' },
    { upToM: 1, rod: 'Longarm 12–35', line: 'Braid 0.18' },
  ],
  days: 24,
  apartDays: 8,
  months: [4, 5, 6, 7, 8, 9, 10, 11],
  seed: 4,
  places: [
    {
      id: 'vessamere-north',
      share: 0.4,
      perH: 0.85,
      lures: {
        'Pirrip 7': 1.3,
        'Pirrip 4': 1.1,
        'Nimbletwig 75': 0.9,
        'Waglet Slim 75': 1.5,
        'Tremolo 7': 0.8,
        'Curlewtail 60': 1.1,
      },
      spots: { 'rocks:top': 0.4, 'rocks:slope': 1, 'rocks:foot': 2.9, 'rocks:sunny': 0.8 },
      lengthM: [0.16, 0.38],
      early: 1.5,
    },
    {
      id: 'vessamere-south',
      share: 0.4,
      perH: 0.7,
      // Hot colours take less in this murk than the plain ones: against the rule of thumb.
      lures: {
        'Grumblewing 14': 1.8,
        'Shudderkin 10': 1.9,
        'Grumblewing 10': 0.3,
        'Waglet Rib 95': 0.5,
        'Nimbletwig 110': 0.9,
      },
      spots: { 'grass:inner': 0.3, 'grass:over': 1, 'grass:pocket': 2.6, 'grass:outer': 1 },
      lengthM: [0.42, 0.95],
      early: 1.3,
    },
    {
      id: 'quillskar',
      share: 0.2,
      perH: 0.5,
      lures: { 'Slingspat 28': 1.2, 'Dollop 18': 1, 'Nimbletwig 85 Sink': 1.3 },
      spots: { 'pool:head': 1.3, 'pool:seam': 1.6, 'pool:tail': 0.7 },
      lengthM: [0.35, 0.68],
      early: 1.2,
    },
  ],
} as const
