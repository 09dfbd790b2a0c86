import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const stickWorm = family({
  id: 'stick-worm',
  name: 'Stick worm',
  about: 'A plain dense worm that shimmies as it sinks.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['wacky', 'texas', 'head'],
  lengthM: [0.07, 0.18],
  massKg: [0.003, 0.03],
  traits,
  action: { amplitude: 0.2, vibration: 0.1, flash: 0.1, presence: 0.4, snag: 0 },
  motion: { pullDrag: 0.06, fallDrag: 0.07, densityKgM3: 1180, diveAngleTan: 0 },
  speedMps: [0.1, 0.5],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['fast', 'extra-fast'],
    why: 'a fast tip to see and feel the take on the drop',
  },
  sheetWords: ['stickbait', 'softstick', 'worm'],
  capabilities: { seems: 0.75, revives: true },
  draw,
})
