/** What the adviser may turn, one at a time. */
export const VARIABLES = [
  'place',
  'depth',
  'speed',
  'cadence',
  'size',
  'fall',
  'colour',
  'action',
  'sound',
  'direction',
  'family',
] as const
export type Variable = (typeof VARIABLES)[number]
