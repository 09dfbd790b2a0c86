/**
 * What the hand does within the pull of a beat (data/retrieves), as parts of `pullDurationS`; a retrieve that is not named does one thing throughout: it winds where
 * its pace is the lure's own, and pulls with the rod otherwise. Common practice.
 */
export const CADENCES = {
  'rip-pause': [
    { does: 'snap', part: 0.3 },
    { does: 'slack', part: 0.4 },
    { does: 'snap', part: 0.3 },
  ],
  'rip-wait': [
    { does: 'snap', part: 0.3 },
    { does: 'slack', part: 0.4 },
    { does: 'snap', part: 0.3 },
  ],
  hang: [{ does: 'drag', part: 1 }],
  walk: [{ does: 'snap', part: 1 }],
  'pop-wait': [{ does: 'snap', part: 1 }],
  'slow-pitch': [{ does: 'lift', part: 1 }],
  'fast-lift': [{ does: 'lift', part: 1 }],
  'lift-drop': [{ does: 'lift', part: 1 }],
  hop: [{ does: 'lift', part: 1 }],
  'slow-hop': [{ does: 'lift', part: 1 }],
  'blade-hop': [{ does: 'lift', part: 1 }],
  pitch: [{ does: 'lift', part: 1 }],
  'pop-stand': [{ does: 'snap', part: 1 }],
  stand: [{ does: 'drag', part: 1 }],
  drag: [{ does: 'drag', part: 1 }],
  shake: [
    { does: 'shake', part: 0.5 },
    { does: 'shake', part: 0.5 },
  ],
  'rip-free': [{ does: 'snap', part: 1 }],
  'sweep-pause': [
    { does: 'drag', part: 0.75 },
    { does: 'snap', part: 0.25 },
  ],
  'lift-wind': [
    { does: 'lift', part: 0.5 },
    { does: 'wind', part: 0.5 },
  ],
} as const

/** How each thing that the hand does is written, heard and felt: pitch of its note, Hz, and length of a buzz, ms. */
export const DOINGS = {
  sink: { says: 'let it sink', hz: 0, buzzMs: 0 },
  wind: { says: 'wind', hz: 330, buzzMs: 25 },
  snap: { says: 'snap', hz: 660, buzzMs: 80 },
  lift: { says: 'lift', hz: 495, buzzMs: 60 },
  drag: { says: 'drag', hz: 247, buzzMs: 40 },
  shake: { says: 'shake', hz: 392, buzzMs: 30 },
  slack: { says: 'give slack', hz: 0, buzzMs: 0 },
  pause: { says: 'pause', hz: 0, buzzMs: 0 },
} as const
