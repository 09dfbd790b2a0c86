import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const forkMinnow = family({
  id: 'fork-minnow',
  name: 'Forked-tail minnow',
  about: 'A small soft minnow with two thin tail tips that tremble while it hangs in place.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['drop-shot', 'head'],
  lengthM: [0.03, 0.12],
  massKg: [0.0005, 0.01],
  traits,
  action: { amplitude: 0.12, vibration: 0.06, flash: 0.25, presence: 0.2, snag: 0 },
  motion: { pullDrag: 0.06, fallDrag: 0.075, densityKgM3: 1070, diveAngleTan: 0 },
  speedMps: [0.1, 0.7],
  rod: {
    power: ['ultra-light', 'medium'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'a fine tip that trembles it in place',
  },
  sheetWords: ['forkedtail', 'forktail', 'dropshotminnow', 'softminnow'],
  draw,
})
