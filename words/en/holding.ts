/** Why fish are taken to hold where they do. */
export const HOLDING_SENTENCES = {
  'under-the-birds': 'Birds and bait at the surface: the fish that drive them are just below.',
  'edge-of-the-lamps': 'Lamps gather bait: fish wait in the upper water along the edge of the light.',
  'over-the-mud': 'Mud in clear water: fish root or follow close over the bottom.',
  'feeding-on-top': 'At first and last light active fish hunt bait against the surface.',
  'up-in-the-shallows': 'At first and last light in warm water they hunt right up in the shallows.',
  'above-the-wreck': 'Over deep rock and wrecks hunters hang above the top.',
  'deep-edge-in-the-cold': 'In cold water fish leave the grass and lie at the foot of its deep edge.',
  'over-the-grass': 'In grass fish look up from the tips.',
  'in-the-reeds': 'In reeds and pads fish hang in the upper metre and a half.',
  'cold-off-timber': 'In cold water fish hang off standing timber, about its top.',
  'deep-in-the-wood': 'In thick wood fish that do not hunt lie down inside it.',
  'under-the-docks': 'Fish that do not hunt lie low under the boards, in the shade.',
  'foot-of-the-rock-in-the-cold': 'In the cold they lie at the foot of the rock.',
  'on-the-cover': 'Fish lie on and just above the cover.',
  'near-the-bottom': 'With nothing better known, look near the bottom.',
} as const
