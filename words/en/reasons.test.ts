import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { techniqueOf, type Build, type Hook, type Sinker } from '../../core/tackle'
import { createMatchContext, rank, type OfferTest, type ScoreTerm, type SetUp } from '../../core/match'
import { sayCause, sayGiven, sayLine, sayHandling, sayLift, sayMount, sayRig } from '.'

/** What the angler reads. The figures behind it are checked elsewhere; here it is the words. */

const context = createMatchContext(water(), PLACE, WORLD.box, { sides: {} })
const [row] = rank(WORLD.box, context, 1)
if (!row) throw new Error('nothing ranked')
const part = (axis: ScoreTerm['axis'], offer: number | null, want: number | null = 0.5): ScoreTerm => ({
  axis,
  offer,
  want,
  agreement: 0.5,
  link: 'wanted',
  chance: 0.8,
  won: 0,
  lost: 1,
  causes: [{ ruleId: 'r', own: 'Because.', weight: 1 }],
  habit: null,
})
const given = (axis: ScoreTerm['axis'], offer: number | null, want?: number | null) =>
  sayGiven(part(axis, offer, want), row, 'metric').replaceAll('\u202f', ' ')

describe('what a set-up gives', () => {
  it.each([
    ['tempo', 0.1, 0.5, 'worked at its slow end; at its usual pace wanted'],
    ['tempo', 0.9, 0.7, 'worked at its fast end; rather fast wanted'],
    ['passing', 0.9, 1, 'it covers water'],
    ['passing', 0.5, 1, 'it covers water with stops'],
    ['passing', 0.1, 1, 'it stays in front of them'],
    ['fall', 0.25, 0.3, 'falls at 0.25 m/s; about 0.3 m/s wanted'],
    ['bottom', 0.42, 1, 'on the bottom 42 % of the time'],
    ['touch', 0.3, 1, 'touches the top of the cover 30 % of the time'],
    ['reach', 31.4, 40, 'casts about 31 m'],
    ['length', 0.09, 0.07, '9 cm long; about 7 cm wanted'],
    ['vibration', 0.05, 0.95, 'vibration: none; very strong wanted here'],
    ['flash', 0.5, 0.3, 'flash: medium; little wanted here'],
    ['presence', 0.7, 0.5, 'bulk: strong; medium wanted here'],
  ] as const)('%s: %s of %s', (axis, offer, want, words) => expect(given(axis, offer, want)).toBe(words))
  it('a strength at the very top or beyond is still a word', () => {
    expect(given('amplitude', 1, 1)).toContain('swing: very strong')
    expect(given('amplitude', 0, 0)).toContain('swing: none')
  })
  it('snags are told as casts', () => {
    const at = (risk: number) =>
      sayGiven(part('snag', 0.5), { ...row, thrown: { ...row.thrown, risk } }, 'metric').replaceAll('\u202f', ' ')
    expect(at(0.01)).toBe('comes through clean')
    expect(at(0.31)).toBe('hangs up or fouls on about 31 % of casts')
  })
  it('the leader is named, or that there is none', () => {
    const bare = { ...row, setUp: { ...row.setUp, leader: null } }
    expect(sayGiven(part('stealth', 0.5), bare, 'metric')).toMatch(/straight to the lure$/)
    const [leader] = WORLD.box.leaders
    if (!leader) throw new Error('no leader')
    const tied = { ...row, setUp: { ...row.setUp, leader } }
    expect(sayGiven(part('stealth', 0.5), tied, 'metric')).toBe(`${leader.name} next to the lure`)
  })
  it('practice says what it recommends or warns of, and when it is silent', () => {
    const practice = (axis: 'practice' | 'warning', unless: OfferTest | null = null) =>
      sayGiven(
        {
          ...part(axis, null, null),
          habit: { test: { family: ['spinnerbait'], traits: { blade: ['willow'] } }, unless },
        },
        row,
        'metric',
      )
    expect(practice('practice')).toBe('recommended here: spinnerbait; willow blade')
    expect(practice('warning')).toBe('not recommended here: spinnerbait; willow blade')
    expect(practice('warning', { sound: ['rattles'] })).toMatch(/^spinnerbait; willow blade, but not /)
    expect(sayGiven(part('practice', null, null), row, 'metric')).toMatch(/^nothing speaks for it here/)
    const faint = { ...part('practice', null, null), chance: 0.55, habit: { test: { family: ['grub'] }, unless: null } }
    expect(sayGiven(faint as ScoreTerm, row, 'metric')).toMatch(/^little speaks for it here, but this: /)
  })
  it('a line is headed by its axis, by practice, or by what warns', () => {
    expect(sayLine(part('snag', 1))).toBe('Snag risk')
    expect(sayLine(part('practice', null, null))).toBe('Recommended here')
    expect(sayLine(part('warning', null, null))).toBe('Because.')
  })
  it('the reason is the loudest rule’s own sentence', () => expect(sayCause(part('zone', 1))).toBe('Because.'))
})

describe('what would lift it', () => {
  const say = (change: Parameters<typeof sayLift>[0]['change'], system: 'metric' | 'imperial' = 'metric') =>
    sayLift({ change, points: 2.345 }, system).replaceAll('\u202f', ' ')
  it.each([
    [{ kind: 'length', toM: 0.08 }, 'The same in 8 cm would add 2.3 points.'],
    [{ kind: 'colour', to: 'hot' }, 'The same in a hot colour would add 2.3 points.'],
    [{ kind: 'sound', to: 'silent' }, 'A silent one would add 2.3 points.'],
    [{ kind: 'sound', to: 'rattles' }, 'A rattling one would add 2.3 points.'],
    [{ kind: 'mass', toKg: 0.014 }, '14 g of weight instead would add 2.3 points.'],
    [{ kind: 'running-depth', toM: 2.5 }, 'One that runs to 2.5 m on its label would add 2.3 points.'],
    [{ kind: 'line', toM: 0.00025 }, 'Line of 0.25 mm would add 2.3 points.'],
    [{ kind: 'cast', toM: 40 }, 'Casting to 40 m would add 2.3 points.'],
  ] as const)('%o', (change, words) => expect(say(change)).toBe(words))
  it('in the angler’s own units', () => {
    expect(say({ kind: 'mass', toKg: 0.0106 }, 'imperial')).toBe('3/8 oz of weight instead would add 2.3 points.')
    expect(say({ kind: 'running-depth', toM: 3.048 }, 'imperial')).toContain('10 ft')
  })
})

describe('rig and hand', () => {
  const [hook] = WORLD.box.hooks as [Hook]
  const [sinker] = WORLD.box.sinkers as [Sinker]
  const [head] = WORLD.box.heads
  const [trailer] = WORLD.box.trailers
  const mounted = (mount: Build['mount']): SetUp => ({ ...row.setUp, build: { ...row.setUp.build, mount } })
  it('each way of hooking a body is named', () => {
    if (!head) throw new Error('no head')
    expect(sayMount(mounted({ kind: 'own' }))).toBeNull()
    expect(sayMount(mounted({ kind: 'head', head }))).toBe(head.name)
    expect(sayMount(mounted({ kind: 'texas', hook, sinker: null }))).toBe(`${hook.name}, no weight`)
    expect(sayMount(mounted({ kind: 'texas', hook, sinker }))).toBe(`${hook.name}, ${sinker.name.toLowerCase()}`)
    expect(sayMount(mounted({ kind: 'drop-shot', hook, sinker }))).toContain(' over ')
    expect(sayMount(mounted({ kind: 'wacky', hook }))).toBe(hook.name)
  })
  it('a rig reads from the hook to the hand', () => {
    if (!trailer) throw new Error('no trailer')
    const words = sayRig({ ...row.setUp, leader: null, build: { ...row.setUp.build, trailer } }).split(' · ')
    expect(words).toContain('no leader')
    expect(words).toContain(`${trailer.name.toLowerCase()} as trailer`)
    expect(words.at(-1)).toBe(row.setUp.outfit.rod.name)
  })
  const hand = (over: Partial<SetUp['handling']>) =>
    sayHandling({ ...row, setUp: { ...row.setUp, handling: { ...row.setUp.handling, ...over } } }, 'metric')
  it('names count, pauses, turns and rod where they matter, and only there', () => {
    const jerk = hand({ technique: techniqueOf('rip-pause'), restS: 8, countDownS: 0, rodTipM: 0.2 })
    expect(jerk).toMatch(/^Cast \d+\u202fm; /)
    expect(jerk).toMatch(/resting 8 s, rod tip at the water\.$/)
    expect(hand({ technique: techniqueOf('wind'), restS: 0, countDownS: 6, rodTipM: 2.2 })).toMatch(
      /, count to 6; .* handle turns a second, rod up\.$/,
    )
    expect(hand({ technique: techniqueOf('wind'), restS: 0, countDownS: 0, rodTipM: 1 })).toMatch(/a second\.$/)
  })
})
