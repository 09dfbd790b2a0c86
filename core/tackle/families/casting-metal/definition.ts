import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const castingMetal = family({
  id: 'casting-metal',
  name: 'Casting metal',
  about: 'A slim dense bar for distance: reaches feeding fish that nothing else reaches.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 1, gapShare: 0.085 },
  lengthM: [0.04, 0.16],
  massKg: [0.007, 0.12],
  traits,
  action: { amplitude: 0.35, vibration: 0.3, flash: 0.85, presence: 0.35, snag: 0.67 },
  motion: { pullDrag: 0.06, fallDrag: 0.065, densityKgM3: 9500, diveAngleTan: -0.22 },
  speedMps: [0.8, 2.4],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['moderate-fast', 'fast'],
    why: 'length and spring to throw it out of sight',
  },
  sheetWords: ['metal', 'castingjig', 'slug'],
  draw,
})
