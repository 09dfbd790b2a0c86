import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const glidingJig = family({
  id: 'gliding-jig',
  name: 'Gliding jig',
  about: 'Hangs level from its back and swims out in a circle on each lift: straight down, under the boat or the ice.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 1, gapShare: 0.12 },
  lengthM: [0.025, 0.12],
  massKg: [0.003, 0.06],
  traits,
  action: { amplitude: 0.75, vibration: 0.25, flash: 0.5, presence: 0.4, snag: 0.7 },
  shift: (t) => (t.hangs === 'treble at the tail' ? { snag: 0.6, amplitude: 0.65 } : {}),
  motion: { pullDrag: 0.14, fallDrag: 0.16, densityKgM3: 9500, diveAngleTan: 0.1 },
  speedMps: [0.2, 1],
  rod: {
    power: ['light', 'medium'],
    action: ['moderate', 'extra-fast'],
    why: 'a short lift with a tip that follows it',
  },
  sheetWords: ['glidejig', 'glidingjig', 'balancedjig', 'icejig', 'horizontaljig'],
  draw,
})
