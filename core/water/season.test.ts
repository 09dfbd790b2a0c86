import { describe, expect, it } from 'vitest'
import { appetite, isWarmingSeason, seasonFromHistory, seasonOf, tempChangeC, trendOf, winterBelowC } from './season'
import { speciesOf, type Species } from './species'

const bass = speciesOf('largemouth-bass')
if (!bass) throw new Error('no bass')
/** A fish that spawns on warming water from 15 to 20 °C, and one that spawns on cooling water from 6 to 9 °C; both feed from 4 to 30 °C, best from 12 to 24. */
const spring: Species = { ...bass, spawnC: [15, 20], spawnsOn: 'rising', feedingRangeC: [4, 12, 24, 30] }
const autumn: Species = { ...spring, spawnC: [6, 9], spawnsOn: 'falling' }

describe('whether the year warms the water', () => {
  it.each([
    ['2026-01-31', 60, false],
    ['2026-01-20', 60, false],
    ['2026-02-14', 60, false],
    ['2026-02-15', 60, true],
    ['2026-03-01', 60, true],
    ['2026-07-31', 60, true],
    ['2026-08-01', 60, false],
    ['2026-12-20', 60, false],
    ['2026-12-20', -30, true],
    ['2026-05-01', -30, false],
    ['2026-05-01', 0, true],
    // Nearer to the tropics the new year warms it (common practice).
    ['2026-01-20', 28, true],
    ['2026-01-02', 28, false],
    ['2026-01-20', 38, false],
    ['2026-07-20', -28, true],
  ])('%s at %i° north: %s', (date, latDeg, warms) => expect(isWarmingSeason(date, latDeg)).toBe(warms))
})

describe('season of a fish that spawns as the water warms (15 to 20 °C)', () => {
  it.each([
    [8.9, true, 'winter'],
    [9, true, 'pre-spawn'],
    [14.9, true, 'pre-spawn'],
    [15, true, 'spawn'],
    [20, true, 'spawn'],
    [20.1, true, 'post-spawn'],
    [24, true, 'post-spawn'],
    [24.1, true, 'summer'],
    // Falling: autumn begins 3 °C under the warm edge of its best range, 24 °C.
    [21.1, false, 'summer'],
    [21, false, 'autumn'],
    // Its winter begins in the lowest third of 4 to 12 °C.
    [6.7, false, 'autumn'],
    [6.6, false, 'winter'],
  ] as const)('%f °C, warming %s: %s', (tempC, warms, season) => expect(seasonOf(spring, tempC, warms)).toBe(season))
})

describe('season of a fish that spawns as the water cools (6 to 9 °C)', () => {
  it.each([
    [5.6, true, 'winter'],
    [5.7, true, 'post-spawn'],
    [20.9, true, 'post-spawn'],
    [21, true, 'summer'],
    [21.1, false, 'summer'],
    [21, false, 'autumn'],
    [11.1, false, 'autumn'],
    [11, false, 'pre-spawn'],
    [9.1, false, 'pre-spawn'],
    [9, false, 'spawn'],
    [6, false, 'spawn'],
    [5.9, false, 'winter'],
  ] as const)('%f °C, warming %s: %s', (tempC, warms, season) => expect(seasonOf(autumn, tempC, warms)).toBe(season))
})

describe('winter', () => {
  it('comes by the calendar, too: 7 °C in January is winter, in November autumn (common practice)', () => {
    const pike = speciesOf('pike')
    if (!pike) throw new Error('no pike')
    expect(seasonFromHistory(pike, [], '2026-01-12', 7, 58)).toBe('winter')
    expect(seasonFromHistory(pike, [], '2026-12-20', 7, 58)).toBe('winter')
    expect(seasonFromHistory(pike, [], '2026-11-12', 7, 58)).toBe('autumn')
    expect(seasonFromHistory(pike, [], '2026-07-12', 7, -38)).toBe('winter')
  })
  it('of warm-water fish lies far above 5 °C, that of cold-water fish at 5 °C (common practice)', () => {
    const below = (id: string) => winterBelowC(speciesOf(id) ?? spring)
    expect(below('snook')).toBeGreaterThan(15)
    expect(below('tarpon')).toBeGreaterThan(15)
    expect(below('dusky-flathead')).toBeGreaterThan(10)
    for (const id of ['pike', 'perch', 'char', 'lake-trout', 'cod']) expect(below(id)).toBe(5)
  })
  it('fish that are caught through ice feed at 1 °C; those of the tropics do not at 10 °C (common practice)', () => {
    const hunger = (id: string, tempC: number) => appetite(speciesOf(id) ?? spring, tempC)
    for (const id of [
      'pike',
      'perch',
      'yellow-perch',
      'zander',
      'walleye',
      'char',
      'lake-trout',
      'brown-trout',
      'rainbow-trout',
      'crappie',
    ])
      expect(hunger(id, 1)).toBeGreaterThan(0.1)
    for (const id of ['snook', 'tarpon', 'cobia', 'skipjack-tuna']) expect(hunger(id, 10)).toBe(0)
  })
  it('red drum go on feeding after their autumn spawn', () => {
    const drum = speciesOf('red-drum')
    expect(drum && seasonOf(drum, 19, false)).toBe('post-spawn')
    expect(drum && seasonOf(drum, 8, false)).toBe('winter')
  })
})

describe('appetite', () => {
  it.each([
    [4, 0],
    [3, 0],
    [6, 0.25],
    [8, 0.5],
    [12, 1],
    [18, 1],
    [24, 1],
    [27, 0.5],
    [28.5, 0.25],
    [30, 0],
    [33, 0],
  ])('at %f °C it is %f (worked by hand)', (tempC, share) => expect(appetite(spring, tempC)).toBeCloseTo(share, 12))
})

describe('what was kept', () => {
  const day = (date: string, tempC: number) => ({ date, tempC })
  it('is gone through in the order of its days, whatever the order it stands in', () => {
    const kept = [day('2026-05-20', 21), day('2026-04-20', 13), day('2026-05-05', 17)]
    expect(seasonFromHistory(spring, kept, '2026-05-24', 17, 60)).toBe('post-spawn')
    expect(seasonFromHistory(spring, [...kept].reverse(), '2026-05-24', 17, 60)).toBe('post-spawn')
    expect(
      seasonFromHistory(
        spring,
        [...kept].sort((a, b) => (a.date < b.date ? 1 : -1)),
        '2026-05-24',
        17,
        60,
      ),
    ).toBe('post-spawn')
  })
  it('a reading of the day itself gives way to the temperature asked about', () =>
    expect(seasonFromHistory(spring, [day('2026-05-24', 23)], '2026-05-24', 17, 60)).toBe('spawn'))
  it('what is a quarter of a year away says nothing: the spawn of last June does not hold in February', () => {
    // From after the spawn (21 °C) there is no way back to before it, as long as the two days belong together.
    expect(seasonFromHistory(spring, [day('2026-03-02', 21)], '2026-05-31', 10, 60)).toBe('post-spawn')
    expect(seasonFromHistory(spring, [day('2026-03-01', 21)], '2026-05-31', 10, 60)).toBe('pre-spawn')
    expect(seasonFromHistory(spring, [day('2025-06-25', 21)], '2026-02-20', 10, 60)).toBe('pre-spawn')
  })
  it('on a falling year a warm spell must go well past the threshold before autumn gives way to summer again', () => {
    const cooled = [day('2026-09-01', 23), day('2026-09-20', 20)]
    expect(seasonFromHistory(spring, cooled, '2026-09-24', 22, 60)).toBe('autumn')
    expect(seasonFromHistory(spring, cooled, '2026-09-24', 23, 60)).toBe('summer')
  })
  it('goes on at once, by up to half a year', () => {
    expect(seasonFromHistory(spring, [day('2026-03-01', 5)], '2026-05-24', 21, 60)).toBe('post-spawn')
    expect(seasonFromHistory(spring, [day('2026-10-01', 15)], '2026-12-01', 4, 60)).toBe('winter')
  })
})

describe('the change over three days', () => {
  const on = (date: string, tempC: number) => ({ date, tempC })
  it('is taken from the reading nearest to three days ago, brought to three days', () => {
    expect(tempChangeC([on('2026-05-03', 12)], '2026-05-06', 15)).toBeCloseTo(3, 12)
    expect(tempChangeC([on('2026-04-30', 12)], '2026-05-06', 15)).toBeCloseTo(1.5, 12)
    const kept = [on('2026-05-05', 14), on('2026-05-03', 12), on('2026-04-30', 9)]
    for (const list of [kept, [...kept].reverse(), [kept[1], kept[0], kept[2]].flatMap((r) => r ?? [])])
      expect(tempChangeC(list, '2026-05-06', 15)).toBeCloseTo(3, 12)
  })
  it('yesterday counts, today does not, and what is more than a week old says nothing', () => {
    expect(tempChangeC([on('2026-05-05', 14)], '2026-05-06', 15)).toBeCloseTo(3, 12)
    expect(tempChangeC([on('2026-05-06', 14)], '2026-05-06', 15)).toBeNull()
    expect(tempChangeC([on('2026-05-07', 14)], '2026-05-06', 15)).toBeNull()
    expect(tempChangeC([on('2026-04-29', 8)], '2026-05-06', 15)).toBeCloseTo(3, 12)
    expect(tempChangeC([on('2026-04-28', 7)], '2026-05-06', 15)).toBeNull()
  })
  it.each([
    [0.5, 'steady'],
    [0.51, 'rising'],
    [-0.5, 'steady'],
    [-0.51, 'falling'],
  ] as const)('%f °C is %s', (change, trend) => expect(trendOf(change, true)).toBe(trend))
})
