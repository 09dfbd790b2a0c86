import { GRAVITY_MPS2 } from '../constants'
import type { PartKind, PartOf } from './parts'

const KEPT = { cost: null, count: 1 }

/** A middle-of-the-road part of each kind, to start typing from. */
const USUAL: { readonly [K in PartKind]: Omit<PartOf<K>, 'id' | 'name'> } = {
  rods: {
    type: 'spinning',
    purpose: 'all-round',
    fights: 'with the rod',
    lengthM: 2.1,
    power: 'medium',
    action: 'fast',
    lureMinKg: 0.005,
    lureMaxKg: 0.025,
    lineMinN: 3 * GRAVITY_MPS2,
    lineMaxN: 8 * GRAVITY_MPS2,
    cost: null,
  },
  reels: { type: 'spinning', gearRatio: 5.2, linePerTurnM: 0.75, spoolM: null, cost: null },
  lines: { material: 'braid', strengthN: 8 * GRAVITY_MPS2, diameterM: 0.00015, reelId: null, cost: null },
  leaders: { material: 'fluoro', strengthN: 6 * GRAVITY_MPS2, diameterM: 0.00028, lengthM: 1.2, cost: null },
  heads: { kind: 'ball', massKg: 0.01, hookSize: '3/0', wire: 'medium', ...KEPT },
  hooks: { style: 'offset', hookSize: '3/0', wire: 'medium', massKg: 0.001, ...KEPT },
  sinkers: { kind: 'bullet', massKg: 0.007, ...KEPT },
  trailers: { kind: 'grub', lengthM: 0.06, massKg: 0.0025, ...KEPT },
  blades: { shape: 'willow', size: 4, face: 'smooth', finish: 'silver', ...KEPT },
  terminals: { kind: 'snap', strengthN: 15 * GRAVITY_MPS2, massKg: 0.0005, ...KEPT },
}

/** A new part of a kind, still without a name. */
export function usualPart<K extends PartKind>(kind: K, id: string): PartOf<K> {
  return { id, name: '', ...USUAL[kind] } as PartOf<K>
}
