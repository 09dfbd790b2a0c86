import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const thinSpoon = family({
  id: 'thin-spoon',
  name: 'Thin spoon',
  about: 'Light sheet metal, trolled or cast lightly: wide, slow, and shy of heavy hardware.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'single', count: 1, gapShare: 0.13 },
  lengthM: [0.03, 0.13],
  massKg: [0.001, 0.02],
  traits,
  make: ['widthM', 'cup'],
  action: { amplitude: 0.8, vibration: 0.3, flash: 0.9, presence: 0.45, snag: 0.5 },
  shift: (t) => (t.bend === 'late' ? { amplitude: 0.95 } : {}),
  motion: { pullDrag: 0.2, fallDrag: 0.32, densityKgM3: 8500, diveAngleTan: -0.08 },
  speedMps: [0.5, 1.35],
  rod: {
    power: ['light', 'medium-light'],
    action: ['slow', 'fast'],
    why: 'a light tip that pulses with the spoon',
  },
  sheetWords: ['trollingspoon', 'lightspoon'],
  capabilities: { metal: 'brass', knot: 'swivel' },
  draw,
})
