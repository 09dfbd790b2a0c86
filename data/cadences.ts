/** How each thing that the hand does is written, heard and felt: pitch of its note, Hz, and length of a buzz, ms. */
export const DOINGS = {
  sink: { says: 'let it sink', hz: 0, buzzMs: 0 },
  wind: { says: 'wind', hz: 330, buzzMs: 25 },
  snap: { says: 'snap', hz: 660, buzzMs: 80 },
  lift: { says: 'lift', hz: 495, buzzMs: 60 },
  drag: { says: 'drag', hz: 247, buzzMs: 40 },
  shake: { says: 'shake', hz: 392, buzzMs: 30 },
  slack: { says: 'give slack', hz: 0, buzzMs: 0 },
  pause: { says: 'rest', hz: 0, buzzMs: 0 },
} as const
