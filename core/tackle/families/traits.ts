import { z } from '../../zod'
import { BLADE_SHAPES, type BladeShape } from '../drawing/fittings'

/** Traits that several families share; labels stand in forms. */

export const BLADE_FINISHES = ['silver', 'gold', 'copper', 'painted'] as const
export type BladeFinish = (typeof BLADE_FINISHES)[number]

export const bladeTraits = {
  blade: z.enum(BLADE_SHAPES).meta({ label: 'Blade' }),
  bladeFinish: z.enum(BLADE_FINISHES).meta({ label: 'Blade finish' }),
}

export const buoyancy = z.enum(['floats', 'suspends', 'sinks']).meta({ label: 'At rest it' })

/** Running depth on the packet: 0.3 mm mono, a cast of 25 m, rod tip 1 m up. */
export const labelledDepthM = z.number().min(0.1).max(9).meta({ label: 'Labelled running depth', role: 'depth' })

/** Order of fact: vibration and lift rise from willow to Colorado, flash and speed the other way (common practice). */
export const BLADE_ACTION: Record<BladeShape, { vibration: number; flash: number; planeTan: number; drag: number }> = {
  willow: { vibration: 0.35, flash: 0.95, planeTan: -0.02, drag: 0.75 },
  'turtle-back': { vibration: 0.5, flash: 0.8, planeTan: -0.04, drag: 0.9 },
  indiana: { vibration: 0.65, flash: 0.7, planeTan: -0.06, drag: 1.1 },
  colorado: { vibration: 0.95, flash: 0.5, planeTan: -0.09, drag: 1.4 },
}

export const FINISH_HEX: Record<BladeFinish, string> = {
  silver: '#cdd6da',
  gold: '#d6b04a',
  copper: '#b8743f',
  painted: '#efe9d8',
}
