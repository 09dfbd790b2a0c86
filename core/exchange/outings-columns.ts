import { ANSWERS } from '../outing'

/** Columns of the outing log as a table, units in their headings. */
export const HEADINGS = [
  'outing',
  'place',
  'species',
  'from',
  'minutes',
  'casts',
  'lure',
  'family',
  'length (mm)',
  'colour',
  'sound',
  'technique',
  'tempo',
  'patience',
  'depth fished (m)',
  'fit',
  'stop',
  'cover',
  'spot',
  'water (°C)',
  'visibility (m)',
  'depth (m)',
  'wind (m/s)',
  'sky',
  ...ANSWERS.map((a) => a.id),
  'lengths landed (cm)',
] as const
export type Heading = (typeof HEADINGS)[number]
