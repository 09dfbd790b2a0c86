import { z } from '../../zod'
import { BLADE_FORM, BLADE_LENGTH_MM, HAMMERED_ADDS, PER_BLADE_SIZE } from '../../../data/blades'
import { LABEL_CAST_M } from '../../../data/casting'
import { FRONT_BLADE_SHARE, TRIMMED } from '../../../data/make'
import { BLADE_SHAPES, type BladeShape } from '../blades'
import type { Make } from '../make'

/** Traits that several families share; labels stand in forms. */

const BLADE_FINISHES = ['silver', 'gold', 'brass', 'copper', 'painted'] as const
export type BladeFinish = (typeof BLADE_FINISHES)[number]

export const bladeTraits = {
  blade: z.enum(BLADE_SHAPES).meta({ label: 'Blade' }),
  bladeSize: z.number().int().min(0).max(8).meta({ label: 'Blade number' }),
  bladeFinish: z.enum(BLADE_FINISHES).meta({ label: 'Blade finish' }),
  hammered: z.boolean().meta({ label: 'Hammered blade' }),
}

/** A skirt as it came, or trimmed: smaller, quicker down. */
export const skirtTrait = z.enum(['full', 'trimmed']).meta({ label: 'Skirt' })
export { TRIMMED }

export const buoyancy = z.enum(['floats', 'suspends', 'sinks']).meta({ label: 'Buoyancy' })

/** Running depth on the packet: 0.3 mm mono, rod tip 1 m up, on the label's cast. */
export const labelledDepthM = z.number().min(0.1).max(9).meta({ label: 'Labelled running depth', role: 'depth' })

/** Length of the cast that the packet's depth is meant for, m. */
export const labelCastM = z
  .number()
  .min(10)
  .max(100)
  .default(LABEL_CAST_M)
  .meta({ label: 'Cast the depth is meant for', role: 'distance' })

/** Order of fact: vibration and lift rise from willow to Colorado, flash and speed the other way (common practice). */
const BLADE_ACTION: Record<BladeShape, { vibration: number; flash: number; diveAngleTan: number; drag: number }> = {
  willow: { vibration: 0.35, flash: 0.95, diveAngleTan: -0.02, drag: 0.75 },
  'turtle-back': { vibration: 0.5, flash: 0.8, diveAngleTan: -0.04, drag: 0.9 },
  indiana: { vibration: 0.65, flash: 0.7, diveAngleTan: -0.06, drag: 1.1 },
  colorado: { vibration: 0.95, flash: 0.5, diveAngleTan: -0.09, drag: 1.4 },
}

export const FINISH_HEX: Record<BladeFinish, string> = {
  silver: '#cdd6da',
  gold: '#d6b04a',
  brass: '#bd9a4c',
  copper: '#b8743f',
  painted: '#efe9d8',
}

/** Action of a blade by shape, number beside the family's usual one, and face. */
export function bladeAction(t: { blade: BladeShape; bladeSize: number; hammered: boolean }, usualSize: number) {
  const b = BLADE_ACTION[t.blade]
  const steps = t.bladeSize - usualSize
  return {
    ...b,
    vibration: b.vibration + steps * PER_BLADE_SIZE.vibration + (t.hammered ? HAMMERED_ADDS : 0),
    drag: b.drag * (1 + steps * PER_BLADE_SIZE.drag),
    diveAngleTan: b.diveAngleTan * (1 + steps * PER_BLADE_SIZE.drag),
  }
}

type Blade = { readonly blade: BladeShape; readonly bladeSize: number; readonly hammered: boolean }

/** Numbers by which the front blade of two is smaller than the rear one, where nothing is said of it. */
const FRONT_SMALLER = 2

/** The front blade of two: as it is said to be, else like the rear one and two numbers smaller. */
export function frontBladeOf({ blade, bladeSize, hammered }: Blade, make?: Make): Blade {
  return {
    blade: make?.frontBlade ?? blade,
    bladeSize: make?.frontSize ?? Math.max(0, bladeSize - FRONT_SMALLER),
    hammered,
  }
}

/** Action of two blades in which the front one is said to be another than usual: its share of the difference comes on top. */
export function withFront(t: Blade, make: Make | undefined, usualSize: number) {
  const rear = bladeAction(t, usualSize)
  const [usual, front] = [frontBladeOf(t), frontBladeOf(t, make)].map((blade) => bladeAction(blade, usualSize))
  if (!usual || !front) return rear
  const add = (key: keyof typeof rear) => rear[key] + FRONT_BLADE_SHARE * (front[key] - usual[key])
  return {
    vibration: add('vibration'),
    flash: add('flash'),
    diveAngleTan: add('diveAngleTan'),
    drag: add('drag'),
  }
}

/** Blade of a bait that was drawn with a length only: the number nearest to a share of the bait's length, and smooth. */
export function firstBlade(
  shape: unknown,
  lengthMm: number,
  share: number,
): { readonly bladeSize: number; readonly hammered: boolean } {
  const known: BladeShape = BLADE_SHAPES.find((s) => s === shape) ?? 'willow'
  const number = ((share * lengthMm) / BLADE_FORM[known].stretch - BLADE_LENGTH_MM.base) / BLADE_LENGTH_MM.perSize
  return { bladeSize: Math.min(8, Math.max(0, Math.round(number))), hammered: false }
}
