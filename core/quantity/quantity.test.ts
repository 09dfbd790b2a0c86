import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ROLES, UNITS, fromSi, parseMeasure, showFigure, showMeasure, toSi, unitFor, type RoleId, type UnitId } from '.'

const value = (text: string, role: RoleId, system: 'metric' | 'imperial' = 'metric') => {
  const parsed = parseMeasure(text, role, system)
  if (!parsed.ok) throw new Error(`${text}: ${parsed.code}`)
  return parsed.valueSi
}

describe('unit factors (NIST SP 811, appendix B.8)', () => {
  it.each([
    ['oz', 0.02834952],
    ['in', 0.0254],
    ['ft', 0.3048],
    ['mph', 0.44704],
    ['kn', 0.5144444],
    ['lbf', 4.448222],
    ['kgf', 9.80665],
  ] as const)('one %s', (unit, si) => expect(toSi(1, unit)).toBeCloseTo(si, 6))
  it('32 °F is 0 °C and 212 °F is 100 °C', () => {
    expect(toSi(32, 'fahrenheit')).toBeCloseTo(0, 10)
    expect(toSi(212, 'fahrenheit')).toBeCloseTo(100, 10)
  })
  it('goes there and back in every unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(UNITS) as UnitId[])),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        (unit, figure) => {
          expect(fromSi(toSi(figure, unit), unit)).toBeCloseTo(figure, 6)
        },
      ),
    )
  })
})

describe('typed measures', () => {
  it.each([
    ['3/8 oz', 'lureMass', 0.010631],
    ['10g', 'lureMass', 0.01],
    ['10,5 g', 'lureMass', 0.0105],
    ['2 1/2 in', 'lureLength', 0.0635],
    ['2½ in', 'lureLength', 0.0635],
    ['6\'10"', 'rodLength', 2.0828],
    ['55 F', 'waterTemp', 12.7778],
    ['-1', 'waterTemp', -1],
    ['  7 ', 'lureLength', 0.07],
    ['4 kg', 'lineStrength', 39.2266],
    ['10 lb', 'lineStrength', 44.4822],
    ['1.5 mph', 'lureSpeed', 0.67056],
  ] as const)('%s as %s', (text, role, si) => expect(value(text, role)).toBeCloseTo(si, 4))
  it('a bare figure takes the unit on the screen', () => {
    expect(value('3/8', 'lureMass', 'imperial')).toBeCloseTo(0.010631, 5)
    expect(value('3/8', 'lureMass', 'metric')).toBeCloseTo(0.000375, 6)
  })
  it.each([
    ['', 'empty'],
    ['abc', 'not-a-number'],
    ['1/0 oz', 'not-a-number'],
    ['5 furlongs', 'unknown-unit'],
    ['5 oz', 'wrong-kind'],
  ] as const)('%j is refused as %s', (text, code) => {
    expect(parseMeasure(text, 'lureLength', 'metric')).toMatchObject({ ok: false, code })
  })
  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom(...(Object.keys(ROLES) as RoleId[])),
        (text, role) => void parseMeasure(text, role, 'imperial'),
      ),
    )
  })
})

describe('shown measures', () => {
  it.each([
    [0.010631, 'lureMass', 'imperial', '3/8\u202foz'],
    [0.0177, 'lureMass', 'imperial', '5/8\u202foz'],
    [0.0106, 'lureMass', 'metric', '10.6\u202fg'],
    [0.0635, 'lureLength', 'imperial', '2 1/2\u202fin'],
    [-1.5, 'waterTemp', 'metric', '−1.5\u202f°C'],
    [6.667, 'waterTemp', 'imperial', '44\u202f°F'],
    [30, 'distance', 'metric', '30\u202fm'],
  ] as const)('%d as %s in %s', (si, role, system, text) => expect(showMeasure(si, role, system)).toBe(text))
  it('what is shown reads back as the same, to its last digit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(ROLES) as RoleId[])),
        fc.constantFrom('metric', 'imperial'),
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        (role, system, figure) => {
          const unit = unitFor(role, system)
          const again = fromSi(value(showFigure(toSi(figure, unit), role, system), role, system), unit)
          const step = Math.max(10 ** -ROLES[role].decimals[system], 0.021 * figure)
          expect(Math.abs(again - figure)).toBeLessThanOrEqual(step)
        },
      ),
    )
  })
})
