import { family } from '../../family'
import { TRIMMED } from '../traits'
import { draw } from './drawing'
import { traits } from './traits'

export const skirtedJig = family({
  id: 'skirted-jig',
  name: 'Skirted jig',
  about: 'Head, guard and skirt: dropped into cover, dragged over rock, or swum.',
  body: 'jig',
  swims: 'sinks',
  rotates: false,
  takesTrailer: true,
  hooks: { style: 'moulded', count: 1, gapShare: 0.17 },
  lengthM: [0.05, 0.14],
  massKg: [0.003, 0.06],
  traits,
  action: { amplitude: 0.3, vibration: 0.25, flash: 0.1, presence: 0.65, snag: 0.1 },
  shift: (t) => {
    const own = {
      flipping: { snag: 0.06, presence: 0.75, amplitude: 0.3 },
      football: { snag: 0.25, presence: 0.65, amplitude: 0.3 },
      finesse: { snag: 0.15, presence: 0.4, amplitude: 0.3 },
      swim: { snag: 0.15, presence: 0.6, amplitude: 0.4 },
    }[t.style]
    return t.skirt === 'full'
      ? own
      : { ...own, presence: own.presence - TRIMMED.presence, fallDragBy: TRIMMED.fallDragBy }
  },
  motion: { pullDrag: 0.11, fallDrag: 0.085, densityKgM3: 8000, diveAngleTan: -0.02 },
  speedMps: [0.1, 0.9],
  rod: {
    power: ['medium-heavy', 'heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'a stout weedless hook wants a stout rod',
  },
  sheetWords: ['jig', 'flippingjig', 'footballjig', 'bassjig', 'swimjig'],
  capabilities: {
    takesClip: true,
    stoutGuard: (t) => t.style === 'flipping',
    fill: () => ({ skirt: 'full' as const }),
  },
  draw,
})
