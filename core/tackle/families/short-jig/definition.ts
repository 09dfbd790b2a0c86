import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const shortJig = family({
  id: 'short-jig',
  name: 'Short fast jig',
  about: 'A keeled bar half as long as its weight suggests: quick zigzags up through fish that are on the move.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'assist', count: 1, gapShare: 0.15 },
  lengthM: [0.035, 0.13],
  massKg: [0.01, 0.25],
  traits,
  action: { amplitude: 0.55, vibration: 0.35, flash: 0.75, presence: 0.4, snag: 0.45 },
  motion: { pullDrag: 0.08, fallDrag: 0.08, densityKgM3: 10_200, diveAngleTan: 0 },
  speedMps: [0.6, 2],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'a quick rod that flicks it from side to side',
  },
  sheetWords: ['shortfastjig', 'zigzagjig', 'microjig'],
  capabilities: { jig: 'fast' },
  draw,
})
