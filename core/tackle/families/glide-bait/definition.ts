import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const glideBait = family({
  id: 'glide-bait',
  name: 'Glide bait',
  about: 'A big jointed plug that swings from side to side and draws fish from afar.',
  body: 'hard',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.062 },
  lengthM: [0.08, 0.3],
  massKg: [0.015, 0.25],
  traits,
  action: { amplitude: 1, vibration: 0.2, flash: 0.6, presence: 0.9, snag: 0.7 },
  motion: { pullDrag: 0.1, fallDrag: 0.1, densityKgM3: 1060, diveAngleTan: 0 },
  speedMps: [0.25, 0.8],
  rod: {
    power: ['heavy', 'extra-heavy'],
    action: ['moderate', 'fast'],
    why: 'backbone for the weight, give for the trebles',
  },
  sheetWords: ['glider', 'glide'],
  draw,
})
