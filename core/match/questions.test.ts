import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { kinKeyOf, modelKeyOf, sizeKeyOf, type Lure } from '../tackle'
import type { Box } from '../box'
import { Place, type Conditions } from '../water'
import {
  SWEEP_PARAMETERS,
  createMatchContext,
  betterBuy,
  bestOf,
  compareParts,
  findDecisiveQuestions,
  scoresAt,
  sweepParameterOf,
  parameterValue,
  lawBroken,
  matchSteps,
  matchWater,
  rank,
  rankSteps,
  leaderAt,
  rulesFor,
  sweepSteps,
  withParameter,
  whyNotLure,
  type Sweep,
} from '.'
import { pointsPerLog } from './account/score'
import type { Ranked } from './tuned/score-breakdown'

/** What can be asked of an answer. */

const { box } = WORLD
const some: Box = { ...box, lures: box.lures.filter((_, i) => i % 3 === 0), rigs: [] }
const benchOf = (c: Conditions, over: Partial<Place> = {}, of = some) =>
  createMatchContext(c, Place.parse({ ...PLACE, ...over }), of, { sides: {} })
function end<Step, Out>(steps: Generator<Step, Out>, heard?: (step: Step) => void): { seen: Step[]; out: Out } {
  const seen: Step[] = []
  for (;;) {
    const step = steps.next()
    if (step.done) return { seen, out: step.value }
    seen.push(step.value)
    heard?.(step.value)
  }
}
const named = (name: string): Lure => {
  const found = box.lures.find((l) => l.name === name)
  if (!found) throw new Error(`no ${name}`)
  return found
}

describe('the same ranking in steps', () => {
  const c = water()
  const many = {
    ...some,
    lures: Array.from({ length: 260 }, (_, i) => {
      const lure = some.lures[i % some.lures.length] as Lure
      const by = 1 + 0.25 * Math.sin(i * 1.7)
      return {
        ...lure,
        id: `m${i}`,
        name: `M ${i}`,
        lengthM: lure.lengthM * Math.cbrt(by),
        massKg: lure.massKg * by,
      } as Lure
    }),
  }
  it('first rows come early, and the end is that of the whole', () => {
    let early: readonly Ranked[] = []
    const { seen, out } = end(rankSteps(many, benchOf(c, {}, many), 6), ({ first }) => (early = first?.() ?? early))
    const first = seen.findIndex((s) => s.first !== null)
    expect(first).toBe(0)
    // Models share a place: of forty lures looked at first there are fewer.
    expect(early.length).toBeGreaterThan(1)
    expect(seen[0]?.done).toBeLessThan(many.lures.length / 4)
    expect(seen.every((s) => s.done <= s.of && s.of === 260)).toBe(true)
    expect(out.map((r) => r.key)).toEqual(rank(many, benchOf(c, {}, many), 6).map((r) => r.key))
    expect(out[0]?.score).toBeGreaterThanOrEqual((early[0]?.score ?? NaN) - 1e-9)
  })
  it('pruning loses nothing: the first are those of every lure looked at for itself, but for a estimate’s error', () => {
    const context = benchOf(c)
    const all = some.lures.map((l) => bestOf(l, some, context)).filter((r) => r !== null)
    const best = all.sort((a, b) => b.score - a.score)
    const ranked = rank(some, context, 5)
    expect(ranked[0]?.score).toBeGreaterThanOrEqual((best[0]?.score ?? 0) - 1)
    const fifth = ranked[4]?.score ?? 0
    expect(best.filter((r) => r.score > fifth + 2).length).toBeLessThanOrEqual(12)
  })
  it('a match can be stopped between two steps', () => {
    const steps = matchSteps(c, PLACE, many, { sides: {}, limit: 4, lifts: 0 })
    const first = steps.next()
    expect(first.done).toBe(false)
    expect(steps.return?.(undefined as never).done).toBe(true)
  })
})

describe('lures of one model', () => {
  it('share a place, and the others are named with it', () => {
    const [lure] = some.lures as [Lure]
    const colours = ['white', 'black', 'pink', 'chartreuse', 'silver'] as const
    const twins = colours.map(
      (flank, i) => ({ ...lure, id: `t${i}`, name: `T ${90 + i} ${flank}`, colour: { ...lure.colour, flank } }) as Lure,
    )
    const context = benchOf(water(), {}, { ...some, lures: twins })
    const rows = rank({ ...some, lures: twins }, context, 10)
    expect(rows).toHaveLength(1)
    expect(rows[0]?.alike).toHaveLength(4)
    expect(rows[0]?.alike.some((a) => a.id === rows[0]?.setUp.build.lure.id)).toBe(false)
    const best = Math.max(...twins.map((l) => bestOf(l, { ...some, lures: twins }, context)?.score ?? 0))
    expect(rows[0]?.score).toBeCloseTo(best, 6)
  })
  it('no answer holds one twice', () => {
    const { rows } = matchWater(water(), PLACE, box, { sides: {}, limit: 20, lifts: 0 })
    const moulds = rows.map(({ setUp: { build } }) => `${kinKeyOf(build.lure)} ${sizeKeyOf(build.lure)}`)
    expect(new Set(moulds).size).toBe(moulds.length)
  })
  it('a finish is a colour; a size or a rattle is not', () => {
    const spinner = box.lures.find((l) => l.family === 'in-line-spinner') as Lure
    const gold = { ...spinner, traits: { ...spinner.traits, bladeFinish: 'gold' } } as Lure
    expect(modelKeyOf(gold)).toBe(modelKeyOf(spinner))
    expect(modelKeyOf({ ...spinner, lengthM: spinner.lengthM * 1.3 } as Lure)).not.toBe(modelKeyOf(spinner))
    expect(modelKeyOf({ ...spinner, sound: 'rattles' } as Lure)).not.toBe(
      modelKeyOf({ ...spinner, sound: 'silent' } as Lure),
    )
  })
})

describe('law', () => {
  it('single hooks only: trebles are not advised at all, and why-not says so', () => {
    const context = benchOf(water({ currentMps: 0.5 }), { singlesOnly: true }, box)
    for (const { setUp } of rank(box, context, 30)) {
      const { hooks } = setUp.build.lure
      expect(hooks === null || hooks.style === 'single' || hooks.style === 'assist' || hooks.style === 'moulded').toBe(
        true,
      )
    }
    const [first] = rank(box, context, 1)
    const treble = box.lures.find((l) => l.hooks?.style === 'round treble')
    if (!first || !treble) throw new Error('nothing to ask')
    expect(whyNotLure(treble, first, box, context).why).toEqual({ code: 'trebles' })
  })
  it('a number of hooks is kept', () => {
    const law = { trebleIsThree: false, mostLures: null }
    const lure = { hooks: { style: 'single', size: '#1', wire: 'medium', count: 5 } } as Pick<Lure, 'hooks'>
    expect(lawBroken(lure, { ...law, singlesOnly: false, mostHooks: 3 })).toEqual({
      code: 'too-many-hooks',
      hooks: 5,
      allowed: 3,
    })
    expect(lawBroken(lure, { ...law, singlesOnly: true, mostHooks: 5 })).toBeNull()
    expect(lawBroken({ hooks: null }, { ...law, singlesOnly: true, mostHooks: 1 })).toBeNull()
  })
})

describe('side by side', () => {
  const rows = rank(some, benchOf(water()), 4)
  const lines = compareParts(rows)
  it('the chances of every column multiply to its chance', () => {
    rows.forEach((row, i) =>
      expect(lines.reduce((product, l) => product * (l.parts[i]?.chance ?? 1), 1)).toBeCloseTo(row.chance, 10),
    )
  })
  it('what sets them apart most comes first', () => {
    const spreads = lines.map((l) => l.spread)
    expect([...spreads].sort((a, b) => b - a)).toEqual(spreads)
    expect(new Set(lines.map((l) => l.key)).size).toBe(lines.length)
  })
})

describe('why not this one', () => {
  const context = benchOf(water(), {}, box)
  const [answer] = rank(box, context, 1)
  if (!answer) throw new Error('no answer')
  it('differences are worse or better by their chances, and together no more than it is behind', () => {
    for (const name of ['Slingspat 28', 'Plopsworth 70', 'Flatling 90']) {
      const found = whyNotLure(named(name), answer, box, context)
      expect(found.why).toBeNull()
      expect(found.behind).toBeCloseTo(answer.score - (found.ranked?.score ?? 0), 8)
      for (const a of found.worse) expect(a.behind).toBeGreaterThan(0)
      for (const a of found.better) expect(a.behind).toBeLessThan(0)
      const each = pointsPerLog(answer.score, found.ranked?.score ?? 0)
      for (const a of [...found.worse, ...found.better])
        expect(a.behind).toBeCloseTo(each * Math.log((a.other?.chance ?? 1) / (a.own?.chance ?? 1)), 8)
    }
  })
  it('what forbids a lure is said', () => {
    const lure = named('Flatling 90')
    const why = (of: typeof box, l: Lure = lure) =>
      whyNotLure(l, answer, of, createMatchContext(water(), PLACE, of, { sides: {} })).why
    expect(why(box, { ...lure, count: 0 })).toEqual({ code: 'used-up' })
    expect(why({ ...box, hooks: [], heads: [] })).toEqual({ code: 'no-hook-fits' })
    expect(why({ ...box, rods: [] })).toEqual({ code: 'no-rod' })
    expect(why(box, { ...named('Slingspat 28'), massKg: 0.4, measuredMassKg: null } as Lure)).toEqual({
      code: 'no-rod-casts',
    })
  })
})

describe('buy nothing, or this', () => {
  const c = water({ waterTempC: 6, date: '2026-02-20', mood: 'lethargic', depthM: 6 })
  it('a box that lacks what the water asks for is told what to buy, and by how much it would be ahead', () => {
    const poor = { ...box, lures: box.lures.filter((l) => l.family === 'surface' || l.family === 'spinnerbait') }
    const context = benchOf(c, {}, poor)
    const [answer] = rank(poor, context, 1)
    const found = betterBuy(poor, context, answer, box.lures)
    expect(found?.gain).toBeGreaterThan(5)
    expect(found?.gain).toBeCloseTo((found?.ranked.score ?? 0) - (answer?.score ?? 0), 8)
    expect(poor.lures.map((l) => l.family)).not.toContain(found?.lure.family)
  })
  it('a box that holds it is told to buy nothing', () => {
    const context = benchOf(c, {}, box)
    const first = rank(box, context, 1)[0]
    if (!first) throw new Error('no answer')
    expect(betterBuy(box, context, first, [first.setUp.build.lure])).toBeNull()
    expect(betterBuy(box, context, { ...first, score: 100 }, box.lures)).toBeNull()
  })
})

describe('moving one condition', () => {
  const question = { c: water(), place: PLACE, box: some, options: { sides: {} } }
  const sweep: Sweep = end(sweepSteps(question, 'visibilityM', 7)).out
  it('reigns follow each other from end to end without a gap', () => {
    const { from, to } = sweepParameterOf('visibilityM')
    expect(sweep.reigns[0]?.from).toBeCloseTo(from)
    expect(sweep.reigns.at(-1)?.to).toBeCloseTo(to)
    sweep.reigns.slice(1).forEach((r, i) => {
      expect(r.from).toBeCloseTo(sweep.reigns[i]?.to ?? 0, 9)
      expect(r.lureId).not.toBe(sweep.reigns[i]?.lureId)
    })
  })
  it('between two values scores are read off the straight line; past the ends they stay', () => {
    const lure = (id: string, scores: (number | null)[]) => ({ lure: { id, name: id, family: 'jig' }, scores })
    const made = { values: [1, 2, 4], lines: [lure('a', [50, 60, 40]), lure('b', [70, 50, null])] } as unknown as Sweep
    const at = (value: number) => scoresAt(made, value).map((s) => [s.id, s.score])
    expect(at(1.5)).toEqual([
      ['b', 60],
      ['a', 55],
    ])
    expect(at(3)).toEqual([['a', 50]])
    expect(at(9)).toEqual([['a', 40]])
    expect(at(0)).toEqual([
      ['b', 70],
      ['a', 50],
    ])
  })
  it('who is first today is first in the sweep too', () => {
    const first = rank(some, benchOf(question.c), 1)[0]
    const reign = leaderAt(sweep, question.c.visibilityM)
    const score = sweep.lines.find((l) => l.lure.id === reign?.now.lureId)?.scores[
      sweep.values.indexOf(question.c.visibilityM)
    ]
    expect(score).toBeCloseTo(first?.score ?? 0, 6)
  })
  it('who reigns at a value has the most points there', () => {
    sweep.values.forEach((value, i) => {
      const best = Math.max(...sweep.lines.map((l) => l.scores[i] ?? 0))
      const reign = leaderAt(sweep, value)
      const own = sweep.lines.find((l) => l.lure.id === reign?.now.lureId)?.scores[i] ?? 0
      expect(own).toBeGreaterThanOrEqual(best - 1e-9)
    })
  })
  it.each(SWEEP_PARAMETERS.map((k) => [k.id, k] as const))(
    '%s is read back as it was set, and stays a water',
    (id, knob) => {
      for (const value of [knob.from, (knob.from + knob.to) / 2, knob.to]) {
        const moved = withParameter(water(), id, value)
        expect(parameterValue(moved, id)).toBe(value)
        expect(() => benchOf(moved)).not.toThrow()
      }
    },
  )
  it('a knob that is not there is told', () => expect(() => sweepParameterOf('luck' as never)).toThrow(/luck/))
})

describe('where the answer hangs on a question', () => {
  it('each hinge has two answers that differ, and a choice removes the doubt', () => {
    let many = 0
    for (const waterTempC of [6, 9, 12, 18, 24]) {
      const c = water({ speciesId: 'pike', cover: { kind: 'grass', topM: 1.5, density: 0.5 }, depthM: 3, waterTempC })
      for (const { question, first, second } of end(findDecisiveQuestions(c, PLACE, box, { sides: {} })).out) {
        const same = first.setUp.build.lure.id === second.setUp.build.lure.id
        const way = first.setUp.handling.technique.id === second.setUp.handling.technique.id
        expect(same && way && first.setUp.outfit.rod.id === second.setUp.outfit.rod.id).toBe(false)
        const chosen = rank(box, createMatchContext(c, PLACE, box, { sides: { [question.id]: 'first' } }), 1)[0]
        expect(chosen?.key).toBe(first.key)
        many += 1
      }
    }
    expect(many).toBeGreaterThan(0)
  })
})

describe('rules weighed by the angler', () => {
  it('a rule switched off is silent, one weighed double asks twice as loudly, and one of one’s own speaks', () => {
    const usual = rulesFor({ weights: {}, own: [] })
    const off = rulesFor({ weights: { 'forage-length': 0 }, own: [] })
    expect(off).toHaveLength(usual.length - 1)
    const weight = (rules: typeof usual) => rules.find((r) => r.id === 'forage-length')?.effects[0]?.weight
    expect(weight(rulesFor({ weights: { 'forage-length': 2 }, own: [] }))).toBe(2 * (weight(usual) ?? 0))
    const own = {
      id: 'mine',
      side: null,
      facts: [],
      when: {},
      effects: [{ favour: { family: ['casting-spoon'] }, weight: 25 }],
      sentence: 'Spoons.',
      basis: 'my own rule',
    }
    const first = rank(
      box,
      createMatchContext(water(), PLACE, box, { sides: {}, rules: rulesFor({ weights: {}, own: [own] }) }),
      1,
    )[0]
    expect(first?.setUp.build.lure.family).toBe('casting-spoon')
  })
})
