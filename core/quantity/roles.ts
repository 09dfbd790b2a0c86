import type { QuantityKind, UnitId } from './units'

/**
 * What a quantity is used for decides the unit it is shown in: a lure is measured in centimetres, the water in metres, a line in
 * tenths of a millimetre.
 */
export type UnitSystem = 'metric' | 'imperial'

export interface Role {
  readonly kind: QuantityKind
  readonly metric: UnitId
  readonly imperial: UnitId
  /** Decimals shown per system. */
  readonly decimals: { readonly metric: number; readonly imperial: number }
  /** Written as a common fraction in imperial (3/8 oz), to this denominator. */
  readonly fraction?: number
}

export const ROLES = {
  lureLength: { kind: 'length', metric: 'cm', imperial: 'in', decimals: { metric: 1, imperial: 2 }, fraction: 4 },
  lureMass: { kind: 'mass', metric: 'g', imperial: 'oz', decimals: { metric: 1, imperial: 3 }, fraction: 32 },
  hookGap: { kind: 'length', metric: 'mm', imperial: 'in', decimals: { metric: 1, imperial: 2 }, fraction: 32 },
  depth: { kind: 'length', metric: 'm', imperial: 'ft', decimals: { metric: 1, imperial: 1 } },
  distance: { kind: 'length', metric: 'm', imperial: 'ft', decimals: { metric: 0, imperial: 0 } },
  lineDiameter: { kind: 'length', metric: 'mm', imperial: 'mil', decimals: { metric: 2, imperial: 1 } },
  rodLength: { kind: 'length', metric: 'm', imperial: 'ft', decimals: { metric: 2, imperial: 1 } },
  lineStrength: { kind: 'force', metric: 'kgf', imperial: 'lbf', decimals: { metric: 1, imperial: 0 } },
  waterTemp: { kind: 'temperature', metric: 'celsius', imperial: 'fahrenheit', decimals: { metric: 1, imperial: 0 } },
  lureSpeed: { kind: 'speed', metric: 'mps', imperial: 'ftps', decimals: { metric: 2, imperial: 1 } },
  wind: { kind: 'speed', metric: 'mps', imperial: 'mph', decimals: { metric: 0, imperial: 0 } },
  current: { kind: 'speed', metric: 'mps', imperial: 'mph', decimals: { metric: 2, imperial: 1 } },
  sinkerMass: { kind: 'mass', metric: 'kg', imperial: 'lbm', decimals: { metric: 1, imperial: 1 } },
  boatSpeed: { kind: 'speed', metric: 'mps', imperial: 'mph', decimals: { metric: 2, imperial: 1 } },
  restSpeed: { kind: 'speed', metric: 'cmps', imperial: 'inps', decimals: { metric: 1, imperial: 2 } },
  lead: { kind: 'mass', metric: 'g', imperial: 'oz', decimals: { metric: 2, imperial: 4 } },
  watch: { kind: 'time', metric: 's', imperial: 's', decimals: { metric: 2, imperial: 2 } },
  volume: { kind: 'volume', metric: 'litre', imperial: 'flOz', decimals: { metric: 2, imperial: 1 } },
  beats: { kind: 'rate', metric: 'perS', imperial: 'perS', decimals: { metric: 1, imperial: 1 } },
  pause: { kind: 'time', metric: 's', imperial: 's', decimals: { metric: 0, imperial: 0 } },
} as const satisfies Record<string, Role>

export type RoleId = keyof typeof ROLES

export function unitFor(role: RoleId, system: UnitSystem): UnitId {
  return ROLES[role][system]
}
