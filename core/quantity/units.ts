import { GRAVITY_MPS2 } from '../constants'

/**
 * Units of measure and their exact factors to SI.
 *
 * Source of the factors: NIST Special Publication 811 (2008), appendix B.8 (inch, foot, mile, knot, ounce, pound, pound-force).
 * They are exact by definition. Only this folder converts; everywhere else a quantity is SI and says so in its name.
 */

export type QuantityKind = 'length' | 'mass' | 'speed' | 'temperature' | 'force' | 'time' | 'volume' | 'rate'

export interface Unit {
  readonly id: string
  readonly kind: QuantityKind
  /** What is printed behind the figure. */
  readonly symbol: string
  /** Spellings understood when typed, lower case. */
  readonly spellings: readonly string[]
  /** SI value = figure × factor + offset. */
  readonly factor: number
  readonly offset?: number
}

const INCH_M = 0.0254
const POUND_KG = 0.45359237

export const UNITS = {
  mm: { id: 'mm', kind: 'length', symbol: 'mm', spellings: ['mm', 'millimetre', 'millimeter'], factor: 0.001 },
  cm: { id: 'cm', kind: 'length', symbol: 'cm', spellings: ['cm', 'centimetre', 'centimeter'], factor: 0.01 },
  m: { id: 'm', kind: 'length', symbol: 'm', spellings: ['m', 'metre', 'meter', 'metres', 'meters'], factor: 1 },
  in: { id: 'in', kind: 'length', symbol: 'in', spellings: ['in', '"', '″', 'inch', 'inches'], factor: INCH_M },
  ft: { id: 'ft', kind: 'length', symbol: 'ft', spellings: ['ft', "'", '′', 'foot', 'feet'], factor: 12 * INCH_M },
  mil: { id: 'mil', kind: 'length', symbol: 'thou', spellings: ['thou', 'mil'], factor: INCH_M / 1000 },
  g: { id: 'g', kind: 'mass', symbol: 'g', spellings: ['g', 'gr', 'gram', 'grams', 'gramme'], factor: 0.001 },
  kg: { id: 'kg', kind: 'mass', symbol: 'kg', spellings: ['kg', 'kilo', 'kilos'], factor: 1 },
  lbm: { id: 'lbm', kind: 'mass', symbol: 'lb', spellings: ['lb', 'lbs', 'pound', 'pounds'], factor: POUND_KG },
  oz: { id: 'oz', kind: 'mass', symbol: 'oz', spellings: ['oz', 'ounce', 'ounces'], factor: POUND_KG / 16 },
  mps: { id: 'mps', kind: 'speed', symbol: 'm/s', spellings: ['m/s', 'mps', 'ms'], factor: 1 },
  kmh: { id: 'kmh', kind: 'speed', symbol: 'km/h', spellings: ['km/h', 'kmh', 'kph'], factor: 1 / 3.6 },
  cmps: { id: 'cmps', kind: 'speed', symbol: 'cm/s', spellings: ['cm/s'], factor: 0.01 },
  inps: { id: 'inps', kind: 'speed', symbol: 'in/s', spellings: ['in/s'], factor: INCH_M },
  mph: { id: 'mph', kind: 'speed', symbol: 'mph', spellings: ['mph'], factor: (5280 * 12 * INCH_M) / 3600 },
  ftps: { id: 'ftps', kind: 'speed', symbol: 'ft/s', spellings: ['ft/s', 'fps'], factor: 12 * INCH_M },
  kn: { id: 'kn', kind: 'speed', symbol: 'kn', spellings: ['kn', 'knot', 'knots', 'kt'], factor: 1852 / 3600 },
  celsius: { id: 'celsius', kind: 'temperature', symbol: '°C', spellings: ['c', '°c', 'celsius'], factor: 1 },
  fahrenheit: {
    id: 'fahrenheit',
    kind: 'temperature',
    symbol: '°F',
    spellings: ['f', '°f', 'fahrenheit'],
    factor: 5 / 9,
    offset: -160 / 9,
  },
  newton: { id: 'newton', kind: 'force', symbol: 'N', spellings: ['n', 'newton'], factor: 1 },
  kgf: { id: 'kgf', kind: 'force', symbol: 'kg', spellings: ['kg', 'kilo', 'kgf'], factor: GRAVITY_MPS2 },
  lbf: {
    id: 'lbf',
    kind: 'force',
    symbol: 'lb',
    spellings: ['lb', 'lbs', 'pound', 'pounds', 'lb-test'],
    factor: POUND_KG * GRAVITY_MPS2,
  },
  litre: {
    id: 'litre',
    kind: 'volume',
    symbol: 'l',
    spellings: ['l', 'litre', 'liter', 'litres', 'liters'],
    factor: 0.001,
  },
  ml: { id: 'ml', kind: 'volume', symbol: 'ml', spellings: ['ml'], factor: 1e-6 },
  flOz: {
    id: 'flOz',
    kind: 'volume',
    symbol: 'fl oz',
    spellings: ['fl oz', 'floz'],
    factor: (231 * INCH_M ** 3) / 128,
  },
  perS: { id: 'perS', kind: 'rate', symbol: '/s', spellings: ['/s', 'hz'], factor: 1 },
  s: { id: 's', kind: 'time', symbol: 's', spellings: ['s', 'sec', 'second', 'seconds'], factor: 1 },
} as const satisfies Record<string, Unit>

export type UnitId = keyof typeof UNITS

/** SI value of a figure in a unit (m, kg, m/s, °C, N, s). */
export function toSi(figure: number, unit: UnitId): number {
  const u: Unit = UNITS[unit]
  return figure * u.factor + (u.offset ?? 0)
}

/** Figure in a unit of an SI value. Inverse of {@link toSi}. */
export function fromSi(valueSi: number, unit: UnitId): number {
  const u: Unit = UNITS[unit]
  return (valueSi - (u.offset ?? 0)) / u.factor
}
