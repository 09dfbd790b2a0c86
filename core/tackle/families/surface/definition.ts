import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const surface = family({
  id: 'surface',
  name: 'Surface plug',
  about: 'Pops, walks or churns on the film above fish that look up.',
  body: 'hard',
  swims: 'surface',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.075 },
  lengthM: [0.035, 0.18],
  massKg: [0.003, 0.08],
  traits,
  action: { amplitude: 0.8, vibration: 0.5, flash: 0.4, presence: 0.6, snag: 0.5 },
  // A hollow frog rides with its points against its back, and folds off them on the take.
  shift: (t) => ({
    vibration: { popper: 0.6, walker: 0.4, prop: 0.7, frog: 0.35 }[t.style],
    ...(t.style === 'frog' ? { snag: 0.08, flash: 0.1 } : {}),
  }),
  motion: { pullDrag: 0.2, fallDrag: 0.2, densityKgM3: 700, diveAngleTan: 0 },
  speedMps: [0.3, 1.2],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['moderate', 'fast'],
    why: 'a tip that works it without tearing trebles out',
  },
  sheetWords: ['topwater', 'popper', 'walker', 'surfacelure', 'propbait', 'frog', 'hollowfrog'],
  draw,
})
