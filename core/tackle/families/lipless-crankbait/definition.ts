import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const liplessCrankbait = family({
  id: 'lipless-crankbait',
  name: 'Lipless crankbait',
  about: 'A sinking plate of a plug: wound fast over grass or dropped and ripped.',
  body: 'hard',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.1 },
  lengthM: [0.035, 0.11],
  massKg: [0.004, 0.05],
  traits,
  action: { amplitude: 0.3, vibration: 0.8, flash: 0.6, presence: 0.5, snag: 0.75 },
  motion: { pullDrag: 0.26, fallDrag: 0.13, densityKgM3: 1900, diveAngleTan: -0.04 },
  speedMps: [0.6, 1.8],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['slow', 'moderate-fast'],
    why: 'a forgiving blank keeps its trebles in',
  },
  sheetWords: ['lipless', 'liplesscrank'],
  capabilities: { rattleChoice: true },
  draw,
})
