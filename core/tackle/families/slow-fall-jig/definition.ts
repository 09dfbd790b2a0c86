import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const slowFallJig = family({
  id: 'slow-fall-jig',
  name: 'Short slow-fall jig',
  about: 'A short flat jig that works on the drop, for fish that will not chase.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'assist', count: 2, gapShare: 0.14 },
  lengthM: [0.04, 0.14],
  massKg: [0.015, 0.25],
  traits,
  action: { amplitude: 0.7, vibration: 0.3, flash: 0.7, presence: 0.5, snag: 0.45 },
  motion: { pullDrag: 0.16, fallDrag: 0.2, densityKgM3: 9800, diveAngleTan: 0 },
  speedMps: [0.3, 1],
  rod: {
    power: ['medium-light', 'medium'],
    action: ['slow', 'moderate-fast'],
    why: 'a soft slow-pitch rod that lifts it by itself',
  },
  sheetWords: ['slowjig', 'slowpitchjig', 'flatjig'],
  capabilities: { jig: 'slow' },
  draw,
})
