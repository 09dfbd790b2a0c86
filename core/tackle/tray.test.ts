import { describe, expect, it } from 'vitest'
import { stepInTrays, type Tray } from '.'

const tray = (id: string, columns: number, rows: number): Tray => ({ id, name: id, columns, rows })
const TRAYS = [tray('a', 6, 4), tray('b', 3, 2)]
const from = (trayId: string | null, slot: number | null, key: string) => {
  const to = stepInTrays(TRAYS, { trayId, slot }, key)
  return `${to.trayId} ${to.slot}`
}

describe('a lure carried by keys', () => {
  it('goes by a column or a row, and no further than the edge', () => {
    expect(from('a', 7, 'ArrowRight')).toBe('a 8')
    expect(from('a', 7, 'ArrowLeft')).toBe('a 6')
    expect(from('a', 7, 'ArrowDown')).toBe('a 13')
    expect(from('a', 7, 'ArrowUp')).toBe('a 1')
    expect(from('a', 0, 'ArrowLeft')).toBe('a 0')
    expect(from('a', 2, 'ArrowUp')).toBe('a 0')
    expect(from('b', 5, 'ArrowDown')).toBe('b 5')
  })
  it('page keys change the tray, as far as there are any', () => {
    expect(from('a', 9, 'PageDown')).toBe('b 0')
    expect(from('b', 4, 'PageDown')).toBe('b 0')
    expect(from('b', 4, 'PageUp')).toBe('a 0')
    expect(from('a', 4, 'PageUp')).toBe('a 0')
  })
  it('what lies loose begins in the first tray; without trays it stays', () => {
    expect(from(null, null, 'ArrowRight')).toBe('a 1')
    expect(stepInTrays([], { trayId: null, slot: null }, 'ArrowRight')).toEqual({ trayId: null, slot: null })
  })
})
