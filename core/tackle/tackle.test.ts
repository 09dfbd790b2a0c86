import { describe, expect, it } from 'vitest'
import { WORLD, inches } from '../../testing/world'
import {
  COLOURS,
  FAMILIES,
  Lure,
  TECHNIQUES,
  buildsOf,
  describeColouring,
  drawLure,
  groupShares,
  hookFits,
  lureAction,
  lureMass,
  techniquesOf,
  rodFit,
  worksOn,
} from '.'
import { Box } from '../box'

const { box } = WORLD
const lureOf = (family: string) => {
  const found = box.lures.find((l) => l.family === family)
  if (!found) throw new Error(`no ${family} in the demo box`)
  return found
}

describe('families', () => {
  it('the demo box shows each of them, and more than the first slice asks for', () => {
    const shown = new Set(box.lures.map((l) => l.family))
    expect(FAMILIES.map((f) => f.id).filter((id) => !shown.has(id))).toEqual([])
    expect(box.lures.length).toBeGreaterThanOrEqual(45)
    expect(shown.size).toBeGreaterThanOrEqual(14)
  })
  it.each(FAMILIES.map((f) => [f.id, f] as const))(
    '%s is whole: unique, with a technique, shares between 0 and 1',
    (id, f) => {
      expect(FAMILIES.filter((g) => g.id === id)).toHaveLength(1)
      expect(techniquesOf(id).length).toBeGreaterThan(1)
      for (const v of Object.values(f.action)) expect(v >= 0 && v <= 1).toBe(true)
      expect(f.speedMps[0]).toBeLessThan(f.speedMps[1])
      expect(f.body === 'soft').toBe('mounts' in f)
    },
  )
  it.each(box.lures.map((l) => [l.name, l] as const))(
    '%s is drawn with paths a browser can read, and grows with its length',
    (_, lure) => {
      const shapes = drawLure(lure)
      expect(shapes.length).toBeGreaterThan(2)
      for (const s of shapes) expect(s.d).toMatch(/^M[-\d.eMmLlHhVvCcSsQqTtAaZz ]+$/)
      // A blade and its arm keep their own size.
      if ('bladeSize' in lure.traits) return
      const widest = (l: Lure) =>
        Math.max(...drawLure(l).flatMap((s) => (s.d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number)))
      expect(widest({ ...lure, lengthM: lure.lengthM * 2 })).toBeGreaterThan(widest(lure) * 1.6)
    },
  )
})

describe('schemas', () => {
  it('a lure of the wrong family’s traits is refused, naming the field', () => {
    const odd = { ...lureOf('crankbait'), traits: { blade: 'willow' } }
    const checked = Lure.safeParse(odd)
    expect(checked.success).toBe(false)
    expect(checked.error?.issues.some((i) => i.path[0] === 'traits')).toBe(true)
  })
  it('a rod whose range is upside down is refused', () => {
    const rod = { ...box.rods[0]!, lureMaxKg: 0.001 }
    expect(Box.safeParse({ ...box, rods: [rod] }).error?.issues[0]?.path).toEqual(['rods', 0, 'lureMaxKg'])
  })
  it('what was weighed goes before the packet', () => {
    const lure = lureOf('skirted-jig')
    expect(lureMass({ ...lure, measuredMassKg: 0.015 })).toEqual({ kg: 0.015, basis: 'measured' })
    expect(lureMass({ ...lure, measuredMassKg: null })).toEqual({ kg: lure.massKg, basis: 'labelled' })
  })
})

describe('facts of the trade (common practice)', () => {
  it('fact 5: vibration rises willow, turtle-back, Indiana, Colorado; flash falls', () => {
    const spinnerbait = lureOf('spinnerbait')
    const actions = (['willow', 'turtle-back', 'indiana', 'colorado'] as const).map((blade) =>
      lureAction({ ...spinnerbait, traits: { ...spinnerbait.traits, blade } } as Lure),
    )
    expect(actions.map((a) => a.vibration)).toEqual(actions.map((a) => a.vibration).sort((a, b) => a - b))
    expect(actions.map((a) => a.flash)).toEqual(actions.map((a) => a.flash).sort((a, b) => b - a))
  })
  it('fact 33: 3 in bodies take 2/0–3/0, 2.8–4.8 in take 4/0, from 5.8 in 6/0', () => {
    for (const size of ['2/0', '3/0'] as const) expect(hookFits('head', size, inches(3))).toBe(true)
    for (const length of [2.95, 4, 4.8]) expect(hookFits('head', '4/0', inches(length))).toBe(true)
    expect(hookFits('head', '6/0', inches(5.8))).toBe(true)
    expect(hookFits('head', '6/0', inches(3))).toBe(false)
    expect(hookFits('head', '#4', inches(4))).toBe(false)
  })
  it('fact 30: #1 to #2 for a 3½–4 in worm on a drop-shot', () => {
    for (const size of ['#1', '#2'] as const)
      for (const length of [3.5, 4]) expect(hookFits('drop-shot', size, inches(length))).toBe(true)
    expect(hookFits('drop-shot', '4/0', inches(3.5))).toBe(false)
  })
  it('fact 21: a medium rod with a softish tip suits crankbaits, a stiff heavy one does not', () => {
    const need = FAMILIES.find((f) => f.id === 'crankbait')!.rod
    expect(rodFit(need, { power: 'medium', action: 'moderate' })).toBe(1)
    expect(rodFit(need, { power: 'heavy', action: 'extra-fast' })).toBeLessThan(0.3)
  })
  it('fact 1: a spinner works over a wider band of speeds than a spoon', () => {
    const band = (id: string) => {
      const f = FAMILIES.find((g) => g.id === id)!
      return f.speedMps[1] / f.speedMps[0]
    }
    expect(band('in-line-spinner')).toBeGreaterThan(2 * band('casting-spoon'))
  })
})

describe('builds', () => {
  it('a soft body gets every head that fits and nothing else; a plug is fished as it is', () => {
    const builds = buildsOf(lureOf('paddle-tail'), box)
    expect(builds.length).toBeGreaterThan(1)
    for (const { mount, massKg, lure } of builds) {
      expect(['head', 'belly']).toContain(mount.kind)
      expect(massKg).toBeGreaterThan(lure.massKg)
    }
    expect(buildsOf(lureOf('crankbait'), box)).toHaveLength(1)
    expect(buildsOf(lureOf('paddle-tail'), { ...box, heads: [], hooks: [] })).toEqual([])
  })
  it('jigs and spinnerbaits are also dressed with trailers', () => {
    expect(buildsOf(lureOf('skirted-jig'), box).some((b) => b.trailer?.kind === 'kicking-craw')).toBe(true)
  })
  it('a drop-shot is worked over its lead and in no other way', () => {
    const over = TECHNIQUES.filter((t) => worksOn(t, 'drop-shot', {})).map(({ id }) => id)
    expect(over.toSorted()).toEqual(['drag-over-lead', 'drift-over-lead', 'shake-down', 'shake-over-lead'])
  })
})

it('colour shares add up to one and every colour is described', () => {
  for (const c of COLOURS) {
    const colour = {
      back: c.id as 'olive',
      flank: 'silver' as const,
      belly: 'white' as const,
      pattern: 'plain' as const,
    }
    expect(Object.values(groupShares(colour)).reduce((a, b) => a + b, 0)).toBeCloseTo(1)
    expect(describeColouring(colour)).toContain('silver')
  }
})

it('a soft body goes on a drop-shot on its own hook, and weedless on one for Texas rigs', () => {
  const { box } = WORLD
  const worm = box.lures.find((l) => l.family === 'finesse-worm')
  if (!worm) throw new Error('no worm in the demo')
  const styles = buildsOf(worm, box).flatMap(({ mount }) => (mount.kind === 'drop-shot' ? [mount.hook.style] : []))
  expect(styles).toContain('drop-shot')
  expect(styles.some((style) => style === 'offset' || style === 'straight-shank')).toBe(true)
})
