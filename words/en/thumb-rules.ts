/** Rules of thumb that a record is held against. */
export const THUMB_RULE_NAMES = {
  'silver-in-clear': 'Silver in clear water',
  'hot-in-murk': 'Hot or dark colours in murk',
  cloud: 'Cloud and rain fish better than sun',
  'low-sun': 'Early and late beat the middle of the day',
  wind: 'A little wind helps',
  'slow-in-cold': 'Long pauses in cold water',
  'small-for-perch': 'Small lures when fish are small-mouthed',
  'big-lure': 'Big lures for pike',
  tip: 'The outermost point of the cover is best',
  'near-bottom': 'Deeper is safer',
} as const
