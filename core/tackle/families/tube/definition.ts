import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const tube = family({
  id: 'tube',
  name: 'Tube',
  about: 'A hollow body with a fringe that spirals down on slack line.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['head', 'texas'],
  lengthM: [0.04, 0.15],
  massKg: [0.001, 0.03],
  traits,
  action: { amplitude: 0.35, vibration: 0.2, flash: 0.15, presence: 0.45, snag: 0 },
  motion: { pullDrag: 0.09, fallDrag: 0.1, densityKgM3: 1070, diveAngleTan: 0 },
  speedMps: [0.1, 0.8],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'quick enough to hop it off the bottom',
  },
  sheetWords: ['tubebait', 'tubejig'],
  draw,
})
