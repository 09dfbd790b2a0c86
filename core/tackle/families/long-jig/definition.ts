import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const longJig = family({
  id: 'long-jig',
  name: 'Long fast jig',
  about: 'A long slim bar that slides and kicks on the way up, for fish that chase.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'assist', count: 2, gapShare: 0.1 },
  lengthM: [0.09, 0.28],
  massKg: [0.03, 0.4],
  traits,
  action: { amplitude: 0.5, vibration: 0.3, flash: 0.8, presence: 0.5, snag: 0.45 },
  shift: (t) => (t.balance === 'tail' ? { fallDragBy: 0.85, amplitude: 0.4 } : {}),
  motion: { pullDrag: 0.035, fallDrag: 0.045, densityKgM3: 10000, diveAngleTan: 0 },
  speedMps: [0.8, 2.4],
  rod: {
    power: ['medium', 'heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'a quick rod that drives it upwards',
  },
  sheetWords: ['fastjig', 'speedjig'],
  capabilities: { jig: 'fast' },
  draw,
})
