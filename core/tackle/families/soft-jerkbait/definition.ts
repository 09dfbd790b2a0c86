import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const softJerkbait = family({
  id: 'soft-jerkbait',
  name: 'Soft jerkbait',
  about: 'A forked soft minnow that darts and then dies on slack line.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['texas', 'belly', 'head', 'drop-shot'],
  lengthM: [0.06, 0.2],
  massKg: [0.002, 0.05],
  traits,
  action: { amplitude: 0.5, vibration: 0.15, flash: 0.3, presence: 0.4, snag: 0 },
  motion: { pullDrag: 0.06, fallDrag: 0.07, densityKgM3: 1090, diveAngleTan: 0 },
  speedMps: [0.3, 1.2],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'quick enough to snap it on a slack line',
  },
  sheetWords: ['softjerk', 'splittail'],
  capabilities: { revives: true },
  draw,
})
