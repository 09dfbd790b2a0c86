import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { addBallast, alter, lureAction, swapBlade, swapHooks, type Build, type Lure } from '../tackle'
import { sinkRateMps, motionOf } from '.'

/** What changes to a lure do in the water. Facts are common practice; directions and orders of size are checked. */

const FRESH = 1000
const named = (name: string): Lure => {
  const lure = WORLD.box.lures.find((l) => l.name === name)
  if (!lure) throw new Error(`no ${name}`)
  return { ...lure, changes: [], alteredKg: 0 } as Lure
}
const build = (lure: Lure): Build => ({ lure, mount: { kind: 'own' }, trailer: null, massKg: 0.01 })
const fall = (lure: Lure) => sinkRateMps(motionOf(build(lure), FRESH), FRESH)
const plane = (lure: Lure) => motionOf(build(lure), FRESH).diveAngleTan
let n = 0
const changed = (
  lure: Lure,
  patch: Parameters<typeof alter>[1]['patch'],
  kind: 'hooks' | 'ballast' | 'other' = 'other',
) => alter(lure, { id: `c${++n}`, date: '2026-06-12', kind, note: '', patch })
const traits = (lure: Lure, over: object) => ({ ...lure, traits: { ...lure.traits, ...over } }) as Lure

describe('plugs', () => {
  const jerkbait = named('Nimbletwig 110')
  it('fact 26: heavier hooks make a suspending jerkbait sink slowly', () => {
    const { hooks } = jerkbait
    if (!hooks) throw new Error('no hooks')
    const heavier = changed(jerkbait, swapHooks(jerkbait, { ...hooks, wire: 'heavy' }), 'hooks')
    expect(Math.abs(fall(jerkbait))).toBeLessThan(0.025)
    expect(fall(heavier)).toBeGreaterThan(0.02)
    expect(fall(heavier)).toBeLessThan(0.3)
  })
  it('singles for trebles let it rise', () => {
    const { hooks } = jerkbait
    if (!hooks) throw new Error('no hooks')
    expect(fall(changed(jerkbait, swapHooks(jerkbait, { ...hooks, style: 'single' }), 'hooks'))).toBeLessThan(-0.02)
  })
  it('once the angler tells how it rests now, what was glued on before counts no more', () => {
    const floats = named('Nimbletwig 75')
    const told = changed(floats, addBallast(floats, 0.0008, 'suspends'), 'ballast')
    expect(Math.abs(fall(told))).toBeLessThan(0.025)
    const more = changed(told, addBallast(told, 0.0008), 'ballast')
    expect(fall(more)).toBeGreaterThan(0.02)
  })
})

describe('skirts, blades, filler', () => {
  it('a trimmed skirt seems smaller and drops quicker', () => {
    const jig = named('Broombelly Flip 14')
    const trimmed = traits(jig, { skirt: 'trimmed' })
    expect(fall(trimmed)).toBeGreaterThan(fall(jig))
    expect(lureAction(trimmed).presence).toBeLessThan(lureAction(jig).presence)
  })
  it('fact 5: bigger blades run higher and thump more; hammered adds to it', () => {
    const bait = named('Grumblewing 14')
    const sized = (bladeSize: number) => traits(bait, { bladeSize })
    expect(plane(sized(7))).toBeLessThan(plane(sized(3)))
    expect(lureAction(sized(7)).vibration).toBeGreaterThan(lureAction(sized(3)).vibration)
    expect(lureAction(traits(bait, { hammered: true })).vibration).toBeGreaterThan(lureAction(bait).vibration)
  })
  it('a blade swapped for a heavier one makes the whole heavier and the fall quicker, if anything', () => {
    const spinner = named('Pirrip 7')
    const patch = swapBlade(spinner, { blade: 'willow', bladeSize: 6, bladeFinish: 'silver', hammered: false })
    expect(Number(patch.alteredKg)).toBeGreaterThan(0)
  })
  it('fact 40: a needle plug hangs unloaded, and the fuller it is loaded the faster it sinks', () => {
    const speeds = [0, 0.01, 0.03, 0.05].map((loadKg) => fall(traits(named('Darnsel 150'), { loadKg })))
    expect(Math.abs(speeds[0] ?? 1)).toBeLessThan(0.12)
    expect(speeds).toEqual([...speeds].sort((a, b) => a - b))
    expect(speeds[3]).toBeGreaterThan(0.3)
  })
})

describe('families beside each other', () => {
  it('fact 38: a short flat jig falls slower than a long one of like weight', () => {
    const long = { ...named('Skimming 60'), massKg: 0.04 } as Lure
    expect(fall(named('Leafwhisper 40'))).toBeLessThan(fall(long))
  })
  it('a thin spoon flutters down slower than a thick one of the same weight', () => {
    expect(fall({ ...named('Flimsy 9'), massKg: 0.007 } as Lure)).toBeLessThan(fall(named('Dollop 7')))
  })
  it('a streamer hardly sinks; an umbrella rig seems the biggest thing in the box', () => {
    expect(fall(named('Wispling 70'))).toBeLessThan(0.12)
    const presence = (l: Lure) => lureAction(l).presence
    expect(Math.max(...WORLD.box.lures.map(presence))).toBe(presence(named('Fivefold 220')))
  })
})
