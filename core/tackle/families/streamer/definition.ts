import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const streamer = family({
  id: 'streamer',
  name: 'Streamer fly',
  about: 'Feather and hair on a hook: hardly any weight, all movement; trails behind a spoon or a sinker.',
  body: 'jig',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'moulded', count: 1, gapShare: 0.13 },
  lengthM: [0.03, 0.15],
  massKg: [0.0003, 0.006],
  traits,
  action: { amplitude: 0.15, vibration: 0.05, flash: 0.35, presence: 0.3, snag: 0.4 },
  shift: (t) => (t.eyes === 'bead' ? { fallDragBy: 0.8 } : {}),
  motion: { pullDrag: 0.1, fallDrag: 0.22, densityKgM3: 2200, diveAngleTan: 0 },
  speedMps: [0.1, 0.8],
  rod: {
    power: ['ultra-light', 'light'],
    action: ['slow', 'fast'],
    why: 'next to no weight to throw',
  },
  sheetWords: ['fly', 'streamerfly'],
  draw,
})
