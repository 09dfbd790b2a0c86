/**
 * Lessons on the practice lake. `muchOf`: one of these matters much that day, all else little; `kit`: what is carried – what the match puts first, one lure in several sizes and colours, one lure in all its
 * ways, or two lures. `shifts` and `shiftOf` as in data/lake. `enough`: what passes, common practice: most changes turn one thing; another size within half an hour; most of the time where there are fish.
 */
export const LESSONS = [
  { id: 'free', minutes: 240, kit: 'match', muchOf: null, shifts: null, shiftOf: 'likings', enough: null },
  {
    id: 'one-thing',
    minutes: 120,
    kit: 'variants',
    muchOf: ['size', 'colour', 'depth', 'speed'],
    shifts: 0,
    shiftOf: 'likings',
    enough: 0.7,
  },
  { id: 'size', minutes: 120, kit: 'variants', muchOf: ['size'], shifts: 0, shiftOf: 'likings', enough: 30 },
  { id: 'stay-or-move', minutes: 180, kit: 'two', muchOf: [], shifts: 2, shiftOf: 'spots', enough: 0.6 },
  { id: 'cadence', minutes: 60, kit: 'one', muchOf: ['cadence'], shifts: 0, shiftOf: 'likings', enough: 15 },
] as const
