import { family } from '../../family'
import { draw } from './drawing'
import { traits } from './traits'

export const umbrellaRig = family({
  id: 'umbrella-rig',
  name: 'Umbrella rig',
  about: 'A shoal on wires: several bodies behind one head. Count the hooks your water allows.',
  body: 'wire',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  hooks: { style: 'moulded', count: 5, gapShare: 0.075 },
  lengthM: [0.14, 0.32],
  massKg: [0.02, 0.15],
  traits,
  action: { amplitude: 0.55, vibration: 0.7, flash: 0.6, presence: 0.95, snag: 0.75 },
  shift: (t) => ({
    flash: t.bladed ? 0.85 : 0.5,
    presence: t.arms === 'five' ? 1 : 0.85,
    vibration: t.bladed ? 0.8 : 0.65,
  }),
  motion: { pullDrag: 0.2, fallDrag: 0.09, densityKgM3: 3000, diveAngleTan: -0.03 },
  speedMps: [0.4, 1.2],
  rod: {
    power: ['heavy', 'extra-heavy'],
    action: ['moderate', 'fast'],
    why: 'a load to throw and five hooks to pull home',
  },
  sheetWords: ['umbrella', 'multirig'],
  capabilities: { seems: 0.4 },
  draw,
})
