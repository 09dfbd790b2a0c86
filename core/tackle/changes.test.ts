import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import {
  BLADE_SHAPES,
  HookSize,
  Lure,
  addBallast,
  alter,
  asBought,
  bladeLengthMm,
  bladeMassKg,
  cutBody,
  fishOnHooks,
  hookPoints,
  hooksMassKg,
  lureAction,
  lureMass,
  sizeForGap,
  swapBlade,
  swapHooks,
  takeBack,
  usualHooks,
  weighed,
  hookGapM,
  type Patch,
} from '.'
import { sayChange, sayHooks } from '../../words'

const named = (name: string): Lure => {
  const lure = WORLD.box.lures.find((l) => l.name === name)
  if (!lure) throw new Error(`no ${name}`)
  return { ...lure, changes: [] } as Lure
}
let count = 0
const change = (lure: Lure, patch: Patch, kind: 'hooks' | 'blade' | 'cut' | 'ballast' | 'other' = 'other') =>
  alter(lure, { id: `c${++count}`, date: '2026-06-12', kind, note: '', patch })
const trebles = (size: HookSize) => ({ style: 'round treble', size, wire: 'medium', count: 2 }) as const

describe('a dated history', () => {
  const plug = named('Bumblecrag M')
  /** Any change to a plug: other hooks, ballast, another sound. */
  const anyPatch = fc.oneof(
    fc.constantFrom(...HookSize.options).map((size) => (l: Lure) => swapHooks(l, trebles(size))),
    fc.integer({ min: -20, max: 40 }).map((n) => (l: Lure) => addBallast(l, n / 10_000, n > 10 ? 'sinks' : 'suspends')),
    fc.constantFrom('silent', 'knock', 'rattles').map((sound) => (): Patch => ({ sound })),
  )
  const same = (a: Lure, b: Lure) => {
    expect({ ...a, alteredKg: 0, changes: [] }).toEqual({ ...b, alteredKg: 0, changes: [] })
    expect(a.alteredKg).toBeCloseTo(b.alteredKg, 6)
  }
  it('every history leads back to the lure as it was bought (property)', () => {
    fc.assert(
      fc.property(fc.array(anyPatch, { maxLength: 8 }), (patches) => {
        const now = patches.reduce((l, p) => change(l, p(l)), plug)
        expect(Lure.safeParse(now).success).toBe(true)
        same(asBought(now), plug)
      }),
    )
  })
  it('in whatever order its changes are taken back (property)', () => {
    fc.assert(
      fc.property(
        fc.array(anyPatch, { minLength: 1, maxLength: 6 }),
        fc.infiniteStream(fc.nat(50)),
        (patches, order) => {
          let now = patches.reduce((l, p) => change(l, p(l)), plug)
          while (now.changes.length > 0) {
            const at = order.next().value % now.changes.length
            now = takeBack(now, now.changes[at]?.id ?? '')
          }
          same(now, plug)
        },
      ),
    )
  })
  it('what came later stays when an earlier change is taken back', () => {
    const first = change(plug, swapHooks(plug, trebles('#4')))
    const both = change(first, swapHooks(first, trebles('1/0')))
    const back = takeBack(both, both.changes[0]?.id ?? '')
    expect(back.hooks?.size).toBe('1/0')
    expect(back.changes).toHaveLength(1)
    expect(asBought(back).hooks).toEqual(plug.hooks)
  })
  it('a patch that changes nothing is no change, unless it is told anyway', () => {
    expect(change(plug, { sound: plug.sound }, 'ballast')).toBe(plug)
    const anew = alter(plug, { id: 'x', date: '2026-06-12', kind: 'hooks', note: '', patch: {} }, true)
    expect(anew.changes).toHaveLength(1)
  })
  it('taking back what is not there changes nothing', () => expect(takeBack(plug, 'nothing')).toBe(plug))
  it('is told field by field, from what to what', () => {
    const once = change(plug, swapHooks(plug, trebles('#4')))
    const twice = change(once, addBallast(once, 0.0012, 'suspends'))
    const [hooks, ballast] = twice.changes
    if (!hooks || !ballast) throw new Error('no changes')
    expect(sayChange(twice, hooks, 'metric')).toContain('→ 2 round trebles #4')
    expect(sayChange(twice, ballast, 'metric')).toMatch(/buoyancy floats → suspends/)
  })
})

describe('what a change does to the weight', () => {
  it('heavier hooks add what they weigh more', () => {
    const plug = named('Bumblecrag M')
    const now = change(plug, swapHooks(plug, trebles('2/0')))
    const more = hooksMassKg(trebles('2/0')) - hooksMassKg(plug.hooks ?? trebles('#8'))
    expect(lureMass(now).kg - lureMass(plug).kg).toBeCloseTo(more, 6)
    expect(lureMass(now).basis).toBe('reckoned')
  })
  it('a body cut to a half weighs a half', () => {
    const worm = named('Ringlet 150')
    const now = change(worm, cutBody(worm, worm.lengthM / 2), 'cut')
    expect(lureMass(now).kg / lureMass(worm).kg).toBeCloseTo(0.5, 3)
    expect(now.lengthM).toBeCloseTo(0.075, 6)
  })
  it('a bigger blade adds its brass and its thump', () => {
    const bait = named('Grumblewing 14')
    const to = { blade: 'colorado', bladeSize: 6, bladeFinish: 'gold', hammered: true } as const
    const now = change(bait, swapBlade(bait, to), 'blade')
    expect(now.alteredKg).toBeGreaterThan(0)
    expect(lureAction(now).vibration).toBeGreaterThan(lureAction(bait).vibration)
    expect(swapBlade(named('Bumblecrag M'), to)).toEqual({})
  })
  it('weighing anew takes up what was glued on, and keeps filler apart', () => {
    const plug = change(named('Darnsel 170'), addBallast(named('Darnsel 170'), 0.002))
    const now = weighed(plug, 0.0512)
    expect(now.alteredKg).toBe(0)
    expect(now.measuredMassKg).toBeCloseTo(0.0312, 6)
    expect(lureMass(now).kg).toBeCloseTo(0.0512, 6)
  })
  it('fish are counted anew from the last change of hooks', () => {
    const lure = { ...named('Bumblecrag M'), fish: 12 }
    const rehooked = { ...change(lure, swapHooks(lure, trebles('#4')), 'hooks'), fish: 20 }
    expect(fishOnHooks(lure)).toBe(12)
    expect(fishOnHooks(rehooked)).toBe(8)
  })
})

describe('steel and brass (typical values, from memory)', () => {
  it.each([
    ['#10', 0.2, 0.5],
    ['#6', 0.6, 1.2],
    ['#2', 1.6, 2.8],
    ['1/0', 2.9, 4.6],
  ] as const)('a treble %s weighs between %d and %d g', (size, low, high) => {
    const grams = hooksMassKg({ ...trebles(size), count: 1 }) * 1000
    expect(grams).toBeGreaterThan(low)
    expect(grams).toBeLessThan(high)
  })
  it('a single of a size is lighter than a treble, heavy wire heavier than light', () => {
    const grams = (over: object) => hooksMassKg({ ...trebles('#4'), ...over })
    expect(grams({ style: 'single' })).toBeLessThan(grams({}))
    expect(grams({ wire: 'heavy' })).toBeGreaterThan(grams({ wire: 'light' }))
  })
  it('points are counted', () => {
    expect(hookPoints(trebles('#4'))).toBe(6)
    expect(hookPoints({ style: 'single', count: 2 })).toBe(2)
  })
  it('the size for a gap is the nearest, and each size its own (property)', () => {
    for (const size of HookSize.options) expect(sizeForGap(hookGapM(size))).toBe(size)
    fc.assert(
      fc.property(fc.double({ min: 0.003, max: 0.03, noNaN: true }), (gap) => {
        const off = Math.abs(hookGapM(sizeForGap(gap)) - gap)
        for (const size of HookSize.options) expect(Math.abs(hookGapM(size) - gap)).toBeGreaterThanOrEqual(off - 1e-12)
      }),
    )
  })
  it('a Colorado 4 weighs some 1.5 to 2.5 g and is about 28 mm long; bigger numbers more', () => {
    expect(bladeMassKg('colorado', 4) * 1000).toBeGreaterThan(1.5)
    expect(bladeMassKg('colorado', 4) * 1000).toBeLessThan(2.5)
    expect(bladeLengthMm('colorado', 4)).toBeCloseTo(28, 0)
    for (const shape of BLADE_SHAPES) expect(bladeMassKg(shape, 5)).toBeGreaterThan(bladeMassKg(shape, 4))
  })
  it('hooks are told in words', () => {
    expect(sayHooks(null)).toBe('no hooks of its own')
    expect(sayHooks(trebles('#4'))).toBe('2 round trebles #4')
    expect(sayHooks({ style: 'single', size: '1/0', wire: 'heavy', count: 1 })).toBe('one single hook 1/0, heavy wire')
  })
  it('usual hooks grow with the lure; long jerkbaits carry three; soft bodies none', () => {
    expect(usualHooks('jerkbait', 0.07)?.count).toBe(2)
    expect(usualHooks('jerkbait', 0.13)?.count).toBe(3)
    expect(usualHooks('paddle-tail', 0.1)).toBeNull()
    const gap = (m: number) => hookGapM(usualHooks('crankbait', m)?.size ?? '#14')
    expect(gap(0.09)).toBeGreaterThan(gap(0.04))
  })
  it('single hooks come through cover more readily than trebles', () => {
    const spoon = named('Dollop 18')
    const single = { ...spoon, hooks: { ...trebles('#4'), style: 'single' as const, count: 1 } } as Lure
    expect(lureAction(single).snag).toBeLessThan(lureAction(spoon).snag)
  })
})
