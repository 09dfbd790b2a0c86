import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const needlePlug = family({
  id: 'needle-plug',
  name: 'Surf needle plug',
  about: 'A long hollow needle, loaded for the swell it has to hold in.',
  body: 'hard',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.058 },
  lengthM: [0.1, 0.26],
  massKg: [0.012, 0.11],
  traits,
  make: ['filler'],
  action: { amplitude: 0.2, vibration: 0.12, flash: 0.5, presence: 0.45, snag: 0.6 },
  motion: { pullDrag: 0.03, fallDrag: 0.075, densityKgM3: 1010, diveAngleTan: -0.01 },
  speedMps: [0.25, 1.1],
  rod: {
    power: ['medium', 'heavy'],
    action: ['moderate', 'fast'],
    why: 'length to throw it over the surf',
  },
  sheetWords: ['needle', 'needlefish'],
  capabilities: { seems: 0.85 },
  draw,
})
