import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const castingSpoon = family({
  id: 'casting-spoon',
  name: 'Casting spoon',
  about: 'Thick metal that flies far and swings wide in a narrow band of speed.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 1, gapShare: 0.1 },
  lengthM: [0.025, 0.14],
  massKg: [0.002, 0.06],
  traits,
  make: ['widthM', 'cup'],
  action: { amplitude: 0.75, vibration: 0.4, flash: 0.85, presence: 0.45, snag: 0.75 },
  motion: { pullDrag: 0.18, fallDrag: 0.24, densityKgM3: 8500, diveAngleTan: -0.06 },
  speedMps: [0.5, 1.0],
  rod: { power: ['light', 'medium'], action: ['moderate', 'fast'], why: 'a light rod throws a spoon farthest' },
  sheetWords: ['spoon', 'thickspoon', 'castspoon'],
  capabilities: { metal: 'brass', knot: 'direct', swung: true },
  draw,
})
