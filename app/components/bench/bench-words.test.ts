import { describe, expect, it } from 'vitest'
import { TEST_KINDS } from '../../../core/bench'
import { WORLD } from '../../../testing/world'
import { fileName } from '~/composables/download'
import { howTo, lastOf, startOf, takenAtOnce } from './test-form'
import { sayBasis } from '../../../words'

const { box } = WORLD

describe('words of the bench', () => {
  it('a figure says what it rests on', () => {
    expect(sayBasis({ basis: 'fitted', n: 3 })).toBe('fitted, 3 readings')
    expect(sayBasis({ basis: 'measured', n: 1 })).toBe('measured, 1 reading')
    expect(sayBasis({ basis: 'labelled', n: 0 })).toBe('from the packet')
  })
  it('files have names that every system takes', () => {
    expect(fileName('Dollop 12/“two” dive chart', 'svg')).toBe('dollop-12-two-dive-chart.svg')
  })
})

describe('the form of a test', () => {
  it('starts as the last series of its kind was held, else as usual', () => {
    const last = lastOf(box.tests, 'fall')
    expect(last?.kind).toBe('fall')
    expect(startOf(howTo('fall').settings, last).depthM).toBe((last as { depthM: number }).depthM)
    expect(startOf(howTo('fall').settings).depthM).toBe(2)
    expect(lastOf([], 'fall')).toBeUndefined()
  })
  it('only what the watch tells by itself is taken at once', () => {
    expect(TEST_KINDS.filter(takenAtOnce)).toEqual(['fall'])
  })
})
