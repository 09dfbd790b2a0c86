import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const crankbait = family({
  id: 'crankbait',
  name: 'Crankbait',
  about: 'A lipped plug that dives when wound and knocks against what it finds.',
  body: 'hard',
  swims: 'dives',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.1 },
  lengthM: [0.025, 0.11],
  massKg: [0.002, 0.05],
  traits,
  action: { amplitude: 0.7, vibration: 0.65, flash: 0.45, presence: 0.55, snag: 0.6 },
  shift: (t) => (t.lip === 'square' ? { snag: 0.42, amplitude: 0.75 } : {}),
  motion: { pullDrag: 0.5, fallDrag: 0.3, densityKgM3: 950, diveAngleTan: 0 },
  speedMps: [0.4, 1.5],
  rod: { power: ['medium', 'medium'], action: ['slow', 'moderate-fast'], why: 'small trebles need a softish tip' },
  sheetWords: ['crank', 'squarebill', 'diver', 'deepdiver', 'plug', 'wobbler'],
  capabilities: { rattleChoice: true },
  draw,
})
