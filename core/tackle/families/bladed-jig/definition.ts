import { family } from '../../family'
import { TRIMMED } from '../traits'
import { draw } from './drawing'
import { traits } from './traits'

export const bladedJig = family({
  id: 'bladed-jig',
  name: 'Bladed jig',
  about: 'A jig with a plate at its nose: hard, fast shudder over grass.',
  body: 'jig',
  swims: 'sinks',
  rotates: false,
  takesTrailer: true,
  hooks: { style: 'moulded', count: 1, gapShare: 0.15 },
  lengthM: [0.06, 0.14],
  massKg: [0.005, 0.035],
  traits,
  make: ['paint'],
  action: { amplitude: 0.55, vibration: 0.85, flash: 0.45, presence: 0.65, snag: 0.3 },
  shift: (t) => (t.skirt === 'trimmed' ? { presence: 0.65 - TRIMMED.presence, fallDragBy: TRIMMED.fallDragBy } : {}),
  motion: { pullDrag: 0.24, fallDrag: 0.09, densityKgM3: 7500, diveAngleTan: -0.05 },
  speedMps: [0.5, 1.5],
  rod: {
    power: ['medium', 'medium-heavy'],
    action: ['moderate', 'moderate-fast'],
    why: 'a tip that lets the plate keep its beat',
  },
  sheetWords: ['vibratingjig', 'bladedjig'],
  capabilities: { seems: 0.8, slimTrailer: true, fill: () => ({ skirt: 'full' as const }) },
  draw,
})
