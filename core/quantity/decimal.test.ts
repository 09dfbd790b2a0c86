import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readDecimal } from './decimal'

describe('a figure of any country', () => {
  it.each([
    ['12', 12],
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['.5', 0.5],
    ['0,125', 0.125],
    ['1.125', 1.125],
    ['1 200', 1200],
    ["1'200.5", 1200.5],
    ['1\u202f200,5', 1200.5],
    ['1,200.50', 1200.5],
    ['1.200,5', 1200.5],
    ['1,200,300', 1_200_300],
    ['1.200.300', 1_200_300],
    ['−3,5', -3.5],
    ['12,50', 12.5],
    ['1200,125', 1200.125],
  ])('%s', (text, value) => expect(readDecimal(text)).toEqual({ ok: true, value }))
  it.each(['1,200', '12,345', '-1,200', '999,999'])('%s means two things, and is not guessed', (text) =>
    expect(readDecimal(text)).toEqual({ ok: false, code: 'unclear' }),
  )
  it.each(['', 'x', '5 for 10', '12.50 (was 15)', '1,2,3', '1.2.3', '1,20.5', '12..5', '1e5', '0x10', '--3', '1 20'])(
    '%s is no number',
    (text) => expect(readDecimal(text)).toEqual({ ok: false, code: 'not-a-number' }),
  )
  it('what a country writes is read as it was meant, or not at all (property)', () => {
    const locales = ['en', 'de', 'fr', 'sv', 'de-CH']
    fc.assert(
      fc.property(fc.constantFrom(...locales), fc.integer({ min: -9_999_999, max: 9_999_999 }), (locale, n) => {
        const meant = n / 100
        const read = readDecimal(meant.toLocaleString(locale, { minimumFractionDigits: 2 }))
        expect(read).toEqual({ ok: true, value: meant })
      }),
    )
  })
  it('nothing that is typed makes it throw (property)', () => {
    fc.assert(fc.property(fc.string(), (text) => typeof readDecimal(text).ok === 'boolean'))
  })
})
