import { family } from '../../family'
import { bladeAction, firstBlade } from '../traits'
import { draw } from './drawing'
import { traits } from './traits'

export const inLineSpinner = family({
  id: 'in-line-spinner',
  name: 'In-line spinner',
  about: 'A blade round a shaft: works from a crawl to a fast wind.',
  body: 'wire',
  swims: 'sinks',
  rotates: true,
  takesTrailer: false,
  hooks: { style: 'round treble', count: 1, gapShare: 0.11 },
  lengthM: [0.03, 0.12],
  massKg: [0.001, 0.03],
  traits,
  make: ['paint', 'dressedM'],
  action: { amplitude: 0.3, vibration: 0.55, flash: 0.7, presence: 0.35, snag: 0.75 },
  shift: (t) => {
    const b = bladeAction(t, 2)
    return {
      vibration: 0.85 * b.vibration,
      flash: b.flash,
      diveAngleTan: b.diveAngleTan,
      pullDragBy: b.drag,
    }
  },
  motion: { pullDrag: 0.3, fallDrag: 0.16, densityKgM3: 7000, diveAngleTan: -0.05 },
  speedMps: [0.3, 1.5],
  rod: { power: ['light', 'medium'], action: ['moderate', 'fast'], why: 'light enough to throw it and feel the blade' },
  sheetWords: ['spinner', 'inlinespinner', 'inline'],
  capabilities: { fill: (lengthMm, said) => firstBlade(said.blade, lengthMm, 0.42) },
  draw,
})
