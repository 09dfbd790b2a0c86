import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const hairJig = family({
  id: 'hair-jig',
  name: 'Hair jig',
  about: 'Hair that breathes when nothing moves: bulk in current, life in the cold.',
  body: 'jig',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'moulded', count: 1, gapShare: 0.16 },
  lengthM: [0.03, 0.12],
  massKg: [0.001, 0.03],
  traits,
  action: { amplitude: 0.1, vibration: 0.1, flash: 0.1, presence: 0.35, snag: 0.35 },
  motion: { pullDrag: 0.16, fallDrag: 0.18, densityKgM3: 7000, diveAngleTan: 0 },
  speedMps: [0.1, 0.7],
  rod: { power: ['light', 'medium'], action: ['moderate', 'fast'], why: 'light and forgiving for a fine hook' },
  sheetWords: ['hair', 'bucktail', 'marabou', 'featherjig'],
  draw,
})
