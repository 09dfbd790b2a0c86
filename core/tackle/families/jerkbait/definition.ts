import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const jerkbait = family({
  id: 'jerkbait',
  name: 'Jerkbait',
  about: 'A slim plug that darts on slack line and can hang where it stops.',
  body: 'hard',
  swims: 'dives',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 2, gapShare: 0.058, more: [0.085, 3] },
  lengthM: [0.04, 0.2],
  massKg: [0.003, 0.08],
  traits,
  action: { amplitude: 0.45, vibration: 0.3, flash: 0.7, presence: 0.4, snag: 0.75 },
  motion: { pullDrag: 0.12, fallDrag: 0.1, densityKgM3: 1000, diveAngleTan: 0 },
  speedMps: [0.4, 1.3],
  rod: {
    power: ['medium', 'medium'],
    action: ['moderate-fast', 'fast'],
    why: 'short and crisp enough to snap it, soft enough for small trebles',
  },
  sheetWords: ['jerk', 'minnow', 'minnowplug', 'twitchbait'],
  capabilities: { rattleChoice: true },
  draw,
})
