/**
 * Where on a piece of cover a lure can be put: what is drawn, and the places on it that can be tapped. Common practice (facts 39 and 41).
 *
 * `covers`: kinds of cover for which it is offered first. `at`: where the spot lies in a drawing 100 wide and 60 high, bank at the top.
 * `says`: the spot in words that follow “at”.
 */
export const FEATURES = [
  {
    id: 'fallen-tree',
    name: 'Fallen tree',
    covers: ['timber', 'brush'],
    spots: [
      { id: 'root', name: 'Root end', says: 'the root end', at: [18, 14] },
      { id: 'trunk', name: 'Trunk', says: 'the trunk', at: [44, 31] },
      { id: 'limbs', name: 'Limbs', says: 'the limbs', at: [72, 16] },
      { id: 'tip', name: 'Tip', says: 'the tip', at: [84, 48] },
    ],
  },
  {
    id: 'dock',
    name: 'Dock',
    covers: ['docks'],
    spots: [
      { id: 'walkway', name: 'Walkway', says: 'the walkway', at: [50, 12] },
      { id: 'near-side', name: 'Sunny side', says: 'the sunny side', at: [24, 36] },
      { id: 'shade', name: 'Shaded side', says: 'the shaded side', at: [76, 36] },
      { id: 'last-post', name: 'Last post', says: 'the last post', at: [50, 52] },
    ],
  },
  {
    id: 'grass',
    name: 'Grass bed',
    covers: ['grass', 'pads', 'reeds'],
    spots: [
      { id: 'inner', name: 'Inner edge', says: 'the inner edge', at: [24, 11] },
      { id: 'over', name: 'Over the top', says: 'the tops', at: [28, 33] },
      { id: 'pocket', name: 'Pocket', says: 'the pocket', at: [70, 27] },
      { id: 'outer', name: 'Outer edge', says: 'the outer edge', at: [56, 52] },
    ],
  },
  {
    id: 'pool',
    name: 'Pool in a current',
    covers: [],
    spots: [
      { id: 'head', name: 'Head', says: 'the head of the pool', at: [16, 30] },
      { id: 'seam', name: 'Seam', says: 'the seam', at: [44, 13] },
      { id: 'deep', name: 'Deepest part', says: 'the deepest part', at: [52, 46] },
      { id: 'tail', name: 'Tail', says: 'the tail of the pool', at: [84, 30] },
    ],
  },
  {
    id: 'rocks',
    name: 'Rocks and drop',
    covers: ['rock', 'shell', 'clay'],
    spots: [
      { id: 'top', name: 'Top', says: 'the top of the rocks', at: [22, 16] },
      { id: 'sunny', name: 'Wind side', says: 'the windward side', at: [76, 16] },
      { id: 'slope', name: 'Slope', says: 'the slope', at: [48, 31] },
      { id: 'foot', name: 'Foot', says: 'the foot of the drop', at: [52, 53] },
    ],
  },
  {
    id: 'open',
    name: 'Open water',
    covers: ['open'],
    spots: [
      { id: 'bank', name: 'Along the bank', says: 'the bank', at: [28, 12] },
      { id: 'over-fish', name: 'Over the school', says: 'the school', at: [66, 34] },
      { id: 'edge', name: 'Edge of the deep', says: 'the edge of the deep', at: [28, 47] },
      { id: 'surface', name: 'Where they break', says: 'the place where they break', at: [78, 11] },
    ],
  },
] as const
