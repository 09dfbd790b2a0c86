import { z } from '../../../zod'
import { family } from '../../family'
import { draw } from './drawing'

const traits = z.strictObject({})

export const ribbonWorm = family({
  id: 'ribbon-worm',
  name: 'Ribbon-tail worm',
  about: 'A long worm whose broad tail ripples as soon as it is moved: slow pulls along cover in warm water.',
  body: 'soft',
  swims: 'sinks',
  rotates: false,
  takesTrailer: false,
  mounts: ['texas', 'head'],
  lengthM: [0.1, 0.32],
  massKg: [0.003, 0.03],
  traits,
  action: { amplitude: 0.4, vibration: 0.25, flash: 0.15, presence: 0.4, snag: 0 },
  motion: { pullDrag: 0.05, fallDrag: 0.055, densityKgM3: 1080, diveAngleTan: -0.02 },
  speedMps: [0.1, 0.8],
  rod: {
    power: ['medium', 'heavy'],
    action: ['moderate-fast', 'extra-fast'],
    why: 'backbone to drive a buried hook',
  },
  sheetWords: ['ribbontail', 'ribbonworm', 'curltailworm', 'plasticworm'],
  capabilities: { seems: 0.75 },
  draw,
})
