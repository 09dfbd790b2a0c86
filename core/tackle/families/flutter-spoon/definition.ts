import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const flutterSpoon = family({
  id: 'flutter-spoon',
  name: 'Flutter spoon',
  about: 'A long thin spoon that cradles or shoots aside as it drops in a fish’s face.',
  body: 'metal',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'single', count: 1, gapShare: 0.09 },
  lengthM: [0.09, 0.22],
  massKg: [0.01, 0.11],
  traits,
  make: ['widthM'],
  action: { amplitude: 0.9, vibration: 0.35, flash: 0.95, presence: 0.8, snag: 0.55 },
  shift: (t) => ({ fallDragBy: t.cup === 'cupped' ? 1.15 : 0.9, amplitude: t.cup === 'cupped' ? 0.8 : 1 }),
  motion: { pullDrag: 0.1, fallDrag: 0.12, densityKgM3: 8500, diveAngleTan: -0.05 },
  speedMps: [0.4, 0.9],
  rod: {
    power: ['medium-heavy', 'heavy'],
    action: ['slow', 'moderate-fast'],
    why: 'a long, soft rod that lifts it and cushions the jump',
  },
  sheetWords: ['bigspoon'],
  capabilities: { metal: 'brass', knot: 'swivel' },
  draw,
})
