import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const hardSwimbait = family({
  id: 'hard-swimbait',
  name: 'Hard swimbait',
  about: 'A jointed plug with a soft tail that swims like a fish when wound slowly and rolls when hurried.',
  body: 'hard',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.068 },
  lengthM: [0.07, 0.3],
  massKg: [0.01, 0.25],
  traits,
  action: { amplitude: 0.65, vibration: 0.4, flash: 0.5, presence: 0.85, snag: 0.7 },
  shift: (t) => ({ amplitude: { two: 0.75, three: 0.65, four: 0.55 }[t.joints] }),
  motion: { pullDrag: 0.11, fallDrag: 0.12, densityKgM3: 1040, diveAngleTan: 0 },
  speedMps: [0.25, 0.7],
  rod: {
    power: ['medium-heavy', 'extra-heavy'],
    action: ['moderate', 'fast'],
    why: 'backbone for the weight, give for the trebles',
  },
  sheetWords: ['jointedswimbait', 'jointedplug'],
  draw,
})
