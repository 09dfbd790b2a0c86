import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

export const traits = z.strictObject({
  form: z.enum(['craw', 'creature', 'chunk']).meta({ label: 'Form' }),
})

export const creature = family({
  id: 'creature',
  name: 'Craw or creature',
  about: 'Claws and flaps: bulk that is dropped into cover.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['texas', 'head'],
  lengthM: [0.05, 0.15],
  massKg: [0.002, 0.03],
  traits,
  action: { amplitude: 0.4, vibration: 0.35, flash: 0.1, presence: 0.65, snag: 0 },
  shift: (t) =>
    ({
      craw: { vibration: 0.45 },
      creature: { presence: 0.75 },
      chunk: { presence: 0.6, amplitude: 0.3, vibration: 0.2 },
    })[t.form],
  motion: { pullDrag: 0.12, fallDrag: 0.11, densityKgM3: 1080, diveAngleTan: 0 },
  speedMps: [0.1, 0.6],
  rod: { power: ['medium-heavy', 'heavy'], action: ['fast', 'extra-fast'], why: 'backbone to turn a fish out of wood' },
  sheetWords: ['craw', 'crawfish', 'creaturebait'],
  draw,
})
