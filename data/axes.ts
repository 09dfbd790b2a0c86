/**
 * The axes on which demand and offer meet. Tunable; sensible ranges in brackets.
 *
 * `kind`: `near` — the offer should be near the wanted value, agreement falls as a bell of width `width` (of the value itself);
 *         `ratio` — the same on proportions, `width` in natural-log units;
 *         `enough` — all is well once the wanted value is reached; `share` — the offer is itself an agreement 0 … 1;
 *         `met` — the offer is a share of the time near the fish: the first of it counts most (data/chances).
 * `by`: what answers it — the dressed lure (`build`), the `hand`, the `outfit`, or only the `path` in the water.
 * `link`: the link of the chain it belongs to: the fish is met, notices, wants it, is held, and all comes back.
 * `most`: the most weight that all rules together may put on it [2 … 25].
 * `least`: what is left of the chance where the offer is as wrong as can be, at the weight of one unit [0.02 … 0.5].
 */
export const AXES = [
  { id: 'zone', name: 'In the zone', by: 'path', link: 'meets', kind: 'met', width: 1, most: 24, least: 0.03 },
  { id: 'tempo', name: 'Tempo', by: 'hand', link: 'wanted', kind: 'near', width: 0.27, most: 10, least: 0.1 },
  { id: 'patience', name: 'Patience', by: 'hand', link: 'wanted', kind: 'near', width: 0.35, most: 7, least: 0.2 },
  { id: 'pace', name: 'Pace', by: 'hand', link: 'wanted', kind: 'ratio', width: 0.5, most: 8, least: 0.15 },
  {
    id: 'passing',
    name: 'Covering water or staying put',
    by: 'hand',
    link: 'wanted',
    kind: 'near',
    width: 0.35,
    most: 7,
    least: 0.15,
  },
  { id: 'fall', name: 'Fall', by: 'hand', link: 'wanted', kind: 'ratio', width: 0.7, most: 4, least: 0.2 },
  { id: 'bottom', name: 'On the bottom', by: 'path', link: 'wanted', kind: 'enough', width: 1, most: 6, least: 0.2 },
  { id: 'touch', name: 'Touching cover', by: 'path', link: 'wanted', kind: 'near', width: 0.3, most: 6, least: 0.2 },
  { id: 'reach', name: 'Distance', by: 'outfit', link: 'meets', kind: 'enough', width: 1, most: 5, least: 0.3 },
  { id: 'length', name: 'Length', by: 'build', link: 'wanted', kind: 'ratio', width: 0.33, most: 12, least: 0.04 },
  { id: 'presence', name: 'Presence', by: 'build', link: 'noticed', kind: 'near', width: 0.3, most: 6, least: 0.25 },
  {
    id: 'amplitude',
    name: 'Width of action',
    by: 'build',
    link: 'wanted',
    kind: 'near',
    width: 0.35,
    most: 4,
    least: 0.3,
  },
  { id: 'vibration', name: 'Vibration', by: 'hand', link: 'noticed', kind: 'near', width: 0.32, most: 7, least: 0.25 },
  { id: 'flash', name: 'Flash', by: 'hand', link: 'noticed', kind: 'near', width: 0.35, most: 4, least: 0.3 },
  { id: 'sound', name: 'Sound', by: 'build', link: 'noticed', kind: 'near', width: 0.45, most: 5, least: 0.3 },
  { id: 'colour', name: 'Colour', by: 'build', link: 'wanted', kind: 'share', width: 1, most: 9, least: 0.45 },
  { id: 'contrast', name: 'Contrast', by: 'build', link: 'noticed', kind: 'enough', width: 1, most: 5, least: 0.35 },
  { id: 'record', name: 'Your own record', by: 'build', link: 'wanted', kind: 'enough', width: 1, most: 8, least: 0.2 },
  { id: 'snag', name: 'Snag risk', by: 'path', link: 'returns', kind: 'share', width: 1, most: 12, least: 0.05 },
  {
    id: 'tackle',
    name: 'Rod, reel and line',
    by: 'outfit',
    link: 'holds',
    kind: 'share',
    width: 1,
    most: 12,
    least: 0.15,
  },
  {
    id: 'stealth',
    name: 'Line visibility',
    by: 'outfit',
    link: 'noticed',
    kind: 'share',
    width: 1,
    most: 4,
    least: 0.3,
  },
] as const
