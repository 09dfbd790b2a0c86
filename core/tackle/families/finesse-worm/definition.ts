import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const finesseWorm = family({
  id: 'finesse-worm',
  name: 'Flat-sided finesse worm',
  about: 'A small flat-bellied worm that glides and quivers in place.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['drop-shot', 'head', 'wacky', 'texas'],
  lengthM: [0.05, 0.13],
  massKg: [0.001, 0.008],
  traits,
  action: { amplitude: 0.15, vibration: 0.1, flash: 0.1, presence: 0.15, snag: 0 },
  motion: { pullDrag: 0.08, fallDrag: 0.1, densityKgM3: 1060, diveAngleTan: 0 },
  speedMps: [0.1, 0.5],
  rod: {
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'fast'],
    why: 'moderate-fast: fewer come off on the jump',
  },
  sheetWords: ['flatworm', 'dropshotworm'],
  capabilities: { seems: 0.75, revives: true },
  draw,
})
