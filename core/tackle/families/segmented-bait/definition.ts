import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const segmentedBait = family({
  id: 'segmented-bait',
  name: 'Segmented soft bait',
  about: 'Rings held by a thread of plastic: quivers at rest, and is cut to length for a shrimp.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['head', 'belly', 'texas'],
  lengthM: [0.05, 0.2],
  massKg: [0.002, 0.03],
  traits,
  action: { amplitude: 0.3, vibration: 0.2, flash: 0.15, presence: 0.4, snag: 0 },
  motion: { pullDrag: 0.075, fallDrag: 0.08, densityKgM3: 1090, diveAngleTan: 0 },
  speedMps: [0.1, 1.6],
  rod: {
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'a tip that feels it lifted',
  },
  sheetWords: ['segmented', 'shrimp'],
  draw,
})
