import { describe, expect, it } from 'vitest'
import { faultOf } from './fault'
import { Lure } from './tackle'
import { Place } from './water'
import { WORLD } from '../testing/world'
import type { z } from './zod'

const [lure] = WORLD.box.lures
const [place] = WORLD.places
if (!lure || !place) throw new Error('the demo lacks a lure or a place')
const faults = (schema: z.ZodType, input: unknown) =>
  (schema.safeParse(input).error?.issues ?? []).map((i) => [i.path.join('.'), faultOf(i, input)] as const)

describe('what a schema refuses', () => {
  it.each([
    [{ ...lure, lengthM: 3 }, 'lengthM', { kind: 'too-big', bound: 0.5, value: '3' }],
    [{ ...lure, lengthM: 0 }, 'lengthM', { kind: 'too-small', bound: 0.01, value: '0' }],
    [{ ...lure, lengthM: 'long' }, 'lengthM', { kind: 'wrong-type', wanted: 'number', value: 'long' }],
    [{ ...lure, name: '' }, 'name', { kind: 'too-short', bound: 1, of: 'letters' }],
    [{ ...lure, name: 'x'.repeat(90) }, 'name', { kind: 'too-long', bound: 80, of: 'letters' }],
    [{ ...lure, count: undefined }, 'count', { kind: 'missing' }],
    [{ ...lure, colour: { ...lure.colour, pattern: 'tartan' } }, 'colour.pattern', { kind: 'one-of', value: 'tartan' }],
    [{ ...lure, tune: 'up' }, '', { kind: 'unknown-field', keys: ['tune'] }],
  ])('%#', (input, path, fault) => {
    const [[at, found] = []] = faults(Lure, input)
    expect([at, found]).toMatchObject([path, fault])
  })
  it('carries no value longer than a line, however long it is', () => {
    const long = 'x'.repeat(1_000_000)
    const all = faults(Lure, { ...lure, [long]: 1, condition: long, lengthM: long })
    expect(all.length).toBeGreaterThan(1)
    for (const [, fault] of all) expect(JSON.stringify(fault).length).toBeLessThan(700)
  })
  it('a place above the pole', () => {
    expect(faults(Place, { ...place, latDeg: 99 })).toEqual([['latDeg', { kind: 'too-big', bound: 90, value: '99' }]])
  })
})
