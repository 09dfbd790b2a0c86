import { family } from '../../family'
import { TRIMMED, bladeAction, firstBlade, withFront } from '../traits'
import { draw } from './drawing'
import { traits } from './traits'

export const spinnerbait = family({
  id: 'spinnerbait',
  name: 'Spinnerbait',
  about: 'Thumps and flashes past cover and comes through wood.',
  body: 'wire',
  swims: 'sinks',
  rotates: false,
  takesTrailer: true,
  hooks: { style: 'moulded', count: 1, gapShare: 0.16 },
  lengthM: [0.06, 0.16],
  massKg: [0.005, 0.05],
  traits,
  make: ['frontBlade', 'frontSize', 'frontFinish', 'paint', 'arm'],
  action: { amplitude: 0.5, vibration: 0.6, flash: 0.7, presence: 0.7, snag: 0.15 },
  shift: (t, make) => {
    const b = t.blades === 'two' ? withFront(t, make, 4) : bladeAction(t, 4)
    const two = t.blades === 'two'
    return {
      vibration: b.vibration + (two ? 0.05 : 0) + (t.wire === 'thin' ? 0.03 : 0),
      flash: b.flash + (two ? 0.05 : -0.1),
      presence: (two ? 0.8 : 0.65) - (t.skirt === 'trimmed' ? TRIMMED.presence : 0),
      snag: t.stinger ? 0.4 : 0.15,
      diveAngleTan: b.diveAngleTan * (two ? 1 : 0.7),
      pullDragBy: b.drag * (two ? 1 : 0.65),
      fallDragBy: t.skirt === 'trimmed' ? TRIMMED.fallDragBy : 1,
    }
  },
  motion: { pullDrag: 0.35, fallDrag: 0.12, densityKgM3: 6500, diveAngleTan: -0.05 },
  speedMps: [0.35, 1.6],
  rod: {
    power: ['medium-heavy', 'medium-heavy'],
    action: ['moderate', 'fast'],
    why: 'some tip to load, backbone to drive one big hook',
  },
  sheetWords: ['wirebait'],
  capabilities: {
    seems: 0.75,
    stinger: (t) => t.stinger,
    thinFrame: (t) => t.wire === 'thin',
    fill: (lengthMm, said) => ({
      ...firstBlade(said.blade, lengthMm, 0.38),
      skirt: 'full' as const,
      wire: 'stout' as const,
    }),
  },
  draw,
})
