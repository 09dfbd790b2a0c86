/**
 * The axes on which demand and offer meet. Tunable; sensible ranges in brackets.
 *
 * `kind`: `near` — the offer should be near the wanted value, agreement falls as a bell of width `width` (of the value itself);
 *         `ratio` — the same on proportions, `width` in natural-log units; `plus-ratio` — as ratio on 1 + value (seconds of pause);
 *         `enough` — all is well once the wanted value is reached; `share` — the offer is itself an agreement 0 … 1.
 * `by`: what answers it — the dressed lure (`build`), the `hand`, the `outfit`, or only the `path` in the water.
 * `most`: the most weight that all rules together may put on it [2 … 25].
 */
export const AXES = [
  { id: 'zone', name: 'In the zone', by: 'path', kind: 'share', width: 1, most: 24 },
  { id: 'dwell', name: 'Pause', by: 'hand', kind: 'plus-ratio', width: 0.9, most: 9 },
  { id: 'speed', name: 'Speed', by: 'hand', kind: 'ratio', width: 0.5, most: 8 },
  { id: 'passing', name: 'Covering water or staying put', by: 'hand', kind: 'near', width: 0.35, most: 7 },
  { id: 'fall', name: 'Fall', by: 'build', kind: 'ratio', width: 0.7, most: 4 },
  { id: 'bottom', name: 'On the bottom', by: 'path', kind: 'enough', width: 1, most: 6 },
  { id: 'touch', name: 'Touching cover', by: 'path', kind: 'enough', width: 1, most: 6 },
  { id: 'reach', name: 'Distance', by: 'outfit', kind: 'enough', width: 1, most: 5 },
  { id: 'length', name: 'Length', by: 'build', kind: 'ratio', width: 0.42, most: 8 },
  { id: 'presence', name: 'Presence', by: 'build', kind: 'near', width: 0.3, most: 6 },
  { id: 'amplitude', name: 'Width of action', by: 'build', kind: 'near', width: 0.35, most: 4 },
  { id: 'vibration', name: 'Vibration', by: 'build', kind: 'near', width: 0.32, most: 7 },
  { id: 'flash', name: 'Flash', by: 'build', kind: 'near', width: 0.35, most: 4 },
  { id: 'sound', name: 'Sound', by: 'build', kind: 'near', width: 0.45, most: 5 },
  { id: 'colour', name: 'Colour', by: 'build', kind: 'share', width: 1, most: 9 },
  { id: 'contrast', name: 'Contrast', by: 'build', kind: 'enough', width: 1, most: 5 },
  { id: 'record', name: 'Your own record', by: 'build', kind: 'share', width: 1, most: 8 },
  { id: 'snag', name: 'Snag risk', by: 'path', kind: 'share', width: 1, most: 12 },
  { id: 'tackle', name: 'Rod, reel and line', by: 'outfit', kind: 'share', width: 1, most: 8 },
  { id: 'stealth', name: 'Line visibility', by: 'outfit', kind: 'share', width: 1, most: 4 },
] as const
