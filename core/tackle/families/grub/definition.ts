import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const grub = family({
  id: 'grub',
  name: 'Curl-tail grub',
  about: 'A fat little body with a sickle tail that never stops.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['head'],
  lengthM: [0.03, 0.15],
  massKg: [0.0005, 0.03],
  traits,
  action: { amplitude: 0.35, vibration: 0.3, flash: 0.2, presence: 0.3, snag: 0 },
  motion: { pullDrag: 0.08, fallDrag: 0.09, densityKgM3: 1080, diveAngleTan: -0.02 },
  speedMps: [0.15, 0.8],
  rod: {
    power: ['light', 'medium'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'light enough to cast it and feel the tail',
  },
  sheetWords: ['twister', 'curlytail'],
  draw,
})
