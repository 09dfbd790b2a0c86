/**
 * Where fish usually hold when nobody has seen them on the sounder. Common practice. The first entry that holds by half or more is taken; where its temperature holds in part, as far as it does, and the next for the rest.
 * Each edge is measured from the surface, the top of the cover or the bottom, m, positive down.
 */
export const HOLDING = [
  {
    id: 'flat-on-the-bottom',
    when: { species: ['flounder', 'summer-flounder', 'dusky-flathead', 'atlantic-halibut', 'pacific-halibut'] },
    top: { from: 'bottom', m: -0.8 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'under-the-birds',
    when: { birds: ['yes'], light: ['dawn', 'day', 'dusk'] },
    top: { from: 'surface', m: 0 },
    bottom: { from: 'surface', m: 2 },
  },
  {
    id: 'where-they-are-seen',
    when: {
      fishSeen: ['yes'],
      mood: ['active'],
      forageShade: ['silver'],
      depthM: { above: [2.5, 4] },
      light: ['dawn', 'day', 'dusk'],
    },
    top: { from: 'surface', m: 0 },
    bottom: { from: 'surface', m: 1.8 },
  },
  {
    id: 'edge-of-the-lamps',
    when: { lamps: ['yes'], light: ['night'] },
    top: { from: 'surface', m: 0.2 },
    bottom: { from: 'surface', m: 1.8 },
  },
  {
    id: 'over-the-mud',
    when: { mudOfFish: ['yes'] },
    top: { from: 'bottom', m: -0.8 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'feeding-on-top',
    when: {
      light: ['dawn', 'dusk'],
      mood: ['active'],
      waterTempC: { above: [7, 9] },
      forageShade: ['silver'],
      cover: ['open', 'rock', 'shell'],
    },
    top: { from: 'surface', m: 0 },
    bottom: { from: 'surface', m: 1.5 },
  },
  {
    id: 'up-in-the-shallows',
    when: {
      light: ['dawn', 'dusk'],
      mood: ['active'],
      waterTempC: { above: [14, 17] },
      depthM: { below: [2.2, 3] },
      cover: ['open', 'rock', 'shell', 'clay'],
      group: ['bass', 'pike', 'asp', 'perch', 'sea-bass', 'inshore', 'panfish'],
    },
    top: { from: 'surface', m: 0 },
    bottom: { from: 'surface', m: 1.5 },
  },
  {
    id: 'above-the-wreck',
    when: { cover: ['rock', 'shell'], depthM: { above: [20, 30] }, group: ['offshore', 'pelagic'] },
    top: { from: 'cover', m: -8 },
    bottom: { from: 'cover', m: 2 },
  },
  {
    id: 'deep-edge-in-the-cold',
    when: { cover: ['grass'], waterTempC: { below: [7, 9] } },
    top: { from: 'bottom', m: -1.2 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'over-the-grass',
    when: { cover: ['grass'], mood: ['active', 'neutral', 'pressured'] },
    top: { from: 'cover', m: -0.7 },
    bottom: { from: 'cover', m: 0.2 },
  },
  {
    id: 'off-the-dead-pads',
    when: {
      cover: ['pads', 'reeds'],
      waterTempC: { below: [5, 7] },
      season: ['winter', 'autumn', 'summer', 'post-spawn'],
    },
    top: { from: 'bottom', m: -1.2 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'in-the-reeds',
    when: { cover: ['reeds', 'pads'] },
    top: { from: 'surface', m: 0.2 },
    bottom: { from: 'surface', m: 1.4 },
  },
  {
    id: 'cold-off-timber',
    when: { cover: ['timber'], waterTempC: { below: [8, 11] }, depthM: { above: [3, 5] } },
    top: { from: 'cover', m: -0.4 },
    bottom: { from: 'cover', m: 1.4 },
  },
  {
    id: 'deep-in-the-wood',
    when: {
      cover: ['timber', 'brush', 'docks'],
      coverDensity: { above: [0.3, 0.6] },
      mood: ['neutral', 'lethargic', 'pressured'],
      depthM: { below: [4, 6] },
    },
    top: { from: 'cover', m: 0.3 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'foot-of-the-piles-in-the-cold',
    when: { cover: ['docks'], waterTempC: { below: [9, 12] }, group: ['perch', 'zander', 'bass', 'pike'] },
    top: { from: 'bottom', m: -1.5 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'under-the-docks',
    when: { cover: ['docks'], mood: ['lethargic', 'pressured'], depthM: { below: [4, 6] } },
    top: { from: 'bottom', m: -1.5 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'foot-of-the-rock-in-the-cold',
    when: {
      cover: ['rock', 'shell'],
      waterTempC: { below: [5, 7] },
      group: ['bass', 'perch', 'zander', 'pike', 'panfish'],
    },
    top: { from: 'bottom', m: -1.2 },
    bottom: { from: 'bottom', m: 0 },
  },
  {
    id: 'on-the-cover',
    when: { cover: ['timber', 'brush', 'docks', 'rock', 'shell'], coverTopM: { above: [0.2, 0.6] } },
    top: { from: 'cover', m: -0.3 },
    bottom: { from: 'cover', m: 0.8 },
  },
  {
    id: 'near-the-bottom',
    when: {},
    top: { from: 'bottom', m: -1.2 },
    bottom: { from: 'bottom', m: 0 },
  },
] as const
