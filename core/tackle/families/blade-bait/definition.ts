import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const bladeBait = family({
  id: 'blade-bait',
  name: 'Blade bait',
  about: 'A plate with a lead belly that shivers on every short lift.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.1 },
  lengthM: [0.03, 0.09],
  massKg: [0.003, 0.035],
  traits,
  action: { amplitude: 0.2, vibration: 0.8, flash: 0.6, presence: 0.35, snag: 0.75 },
  motion: { pullDrag: 0.26, fallDrag: 0.14, densityKgM3: 9000, diveAngleTan: 0 },
  speedMps: [0.3, 0.8],
  rod: {
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'fast'],
    why: 'a tip that feels the shiver begin',
  },
  capabilities: { seems: 0.7 },
  sheetWords: ['blade', 'vibratingmetal', 'bladebait'],
  draw,
})
