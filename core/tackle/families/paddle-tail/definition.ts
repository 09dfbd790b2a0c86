import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const paddleTail = family({
  id: 'paddle-tail',
  name: 'Paddle tail',
  about: 'A soft swimmer whose tail beats on the wind and on the drop.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['head', 'belly'],
  lengthM: [0.04, 0.25],
  massKg: [0.001, 0.12],
  traits,
  action: { amplitude: 0.5, vibration: 0.5, flash: 0.35, presence: 0.45, snag: 0 },
  // Strength of kick: slim ribbed most, slim smooth the tightest and the one for cold water (common practice).
  shift: (t) =>
    ({
      'slim-smooth': { amplitude: 0.25, vibration: 0.25, presence: 0.3 },
      'slim-ribbed': { amplitude: 0.7, vibration: 0.65, presence: 0.45 },
      'fat-ribbed': { amplitude: 0.5, vibration: 0.55, presence: 0.65 },
    })[t.shape],
  motion: { pullDrag: 0.08, fallDrag: 0.065, densityKgM3: 1080, diveAngleTan: -0.03 },
  speedMps: [0.2, 1.1],
  rod: {
    power: ['medium-light', 'medium-heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'a tip that feels the tail and sets a single hook',
  },
  sheetWords: ['swimbait', 'shad', 'softswimbait', 'softshad'],
  draw,
})
