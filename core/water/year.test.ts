import { describe, expect, it } from 'vitest'
import {
  FORAGE,
  Place,
  SPECIES,
  forageLengthM,
  lengthAtAge,
  seasonFromHistory,
  speciesOf,
  startingWater,
  tempChangeC,
  trendOf,
  withReading,
  type TempReading,
} from '.'
import { PLACE, water } from '../../testing/world'

const bass = speciesOf('largemouth-bass')
if (!bass) throw new Error('no bass')
const days = (from: string, temps: readonly number[], every = 2): TempReading[] =>
  temps.map((tempC, i) => ({
    date: new Date(Date.parse(`${from}T00:00:00Z`) + i * every * 86_400_000).toISOString().slice(0, 10),
    tempC,
  }))

describe('season through the temperatures that were kept', () => {
  const spring = days('2026-03-01', [8, 9, 10, 11, 12, 13])
  it('with none it is that of the temperature alone', () =>
    expect(seasonFromHistory(bass, [], '2026-03-20', 13, 45)).toBe('pre-spawn'))
  it('once they have spawned, a cold spell does not bring the spawn back; before it, one does', () => {
    const [low, high] = bass.spawnC
    const spawned = days('2026-05-01', [low + 1, high - 1, high + 2, high + 4])
    expect(seasonFromHistory(bass, spawned, '2026-05-10', high + 4, 45)).toBe('post-spawn')
    expect(seasonFromHistory(bass, spawned, '2026-05-12', low + 1, 45)).toBe('post-spawn')
    expect(seasonFromHistory(bass, spawned, '2026-05-12', low - 5, 45)).toBe('post-spawn')
    const spawning = days('2026-05-01', [low - 3, low - 1, low + 2, low + 2])
    expect(seasonFromHistory(bass, spawning, '2026-05-12', low - 4, 45)).toBe('pre-spawn')
  })
  it('a cold spell that passes a threshold by a little does not set it back; one that goes well past does', () => {
    const threshold = bass.spawnC[0] - 6
    const upTo = days('2026-03-01', [threshold - 2, threshold - 1, threshold + 1, threshold + 2])
    expect(seasonFromHistory(bass, upTo, '2026-03-12', threshold - 1, 45)).toBe('pre-spawn')
    expect(seasonFromHistory(bass, upTo, '2026-03-12', threshold - 3, 45)).toBe('winter')
    expect(seasonFromHistory(bass, [], '2026-03-12', threshold - 1, 45)).toBe('winter')
  })
  it('after the spawn there is no way back to it', () => {
    const over = bass.spawnC[1]
    const kept = days('2026-04-20', [over - 3, over - 1, over + 1, over + 2])
    expect(seasonFromHistory(bass, kept, '2026-05-01', over - 0.5, 45)).toBe('post-spawn')
  })
  it('readings after the day, and those of last year, say nothing', () => {
    const later = [...spring, ...days('2026-07-01', [24, 25, 26])]
    expect(seasonFromHistory(bass, later, '2026-03-20', 13, 45)).toBe(
      seasonFromHistory(bass, spring, '2026-03-20', 13, 45),
    )
    expect(seasonFromHistory(bass, days('2024-06-01', [24, 25]), '2026-03-20', 13, 45)).toBe('pre-spawn')
  })
})

describe('trend', () => {
  it('is the change over three days', () => {
    const kept = days('2026-05-01', [12, 12, 12, 13, 14], 1)
    expect(tempChangeC(kept, '2026-05-06', 15)).toBeGreaterThan(1.5)
    expect(tempChangeC([], '2026-05-06', 15)).toBeNull()
  })
  it.each([
    [2, 'rising'],
    [-2, 'falling'],
    [0, 'steady'],
  ] as const)('%s °C is %s', (change, words) => expect(trendOf(change, true)).toBe(words))
  it('with nothing kept it is that of the year', () =>
    expect([trendOf(null, true), trendOf(null, false)]).toEqual(['rising', 'falling']))
})

describe('a place', () => {
  it('starts from what is usual there, at its last temperature', () => {
    const place = Place.parse({
      ...PLACE,
      id: 'new',
      usual: { depthM: 7, visibilityM: 1.2, cover: { kind: 'reeds', topM: 0.1, density: 0.5 } },
      temps: [{ date: '2026-06-01', tempC: 14 }],
    })
    const first = startingWater(place, water({ tempChangeC: 2, zone: { topM: 1, bottomM: 2 } }))
    expect(first).toMatchObject({
      placeId: 'new',
      depthM: 7,
      visibilityM: 1.2,
      waterTempC: 14,
      zone: null,
      tempChangeC: null,
    })
    expect(startingWater(PLACE, water({ depthM: 9 })).depthM).toBe(9)
  })
  it('keeps one temperature a day, in order', () => {
    const kept = withReading({ temps: days('2026-05-01', [10, 11]) }, '2026-05-02', 10.5)
    expect(kept.map((t) => t.tempC)).toEqual([10, 10.5, 11])
    expect(withReading({ temps: kept }, '2026-05-02', 9).map((t) => t.tempC)).toEqual([10, 9, 11])
  })
})

describe('forage through the year', () => {
  it('a whole number of years lies on the plain curve: L∞ = 0.2 m, k = 0.5, one year: 0.0787 m (worked by hand)', () => {
    expect(lengthAtAge({ asymptoticLengthM: 0.2, growthRatePerYear: 0.5, hatchM: 0 }, 0.4, 1, 60)).toBeCloseTo(
      0.2 * (1 - Math.exp(-0.5)),
      9,
    )
    expect(lengthAtAge({ asymptoticLengthM: 0.2, growthRatePerYear: 0.5, hatchM: 0 }, 0.4, 1, 60)).toBeCloseTo(
      0.0787,
      4,
    )
  })
  it('never shrinks with age, and grows faster in summer than in winter', () => {
    for (const forage of FORAGE) {
      const lengths = Array.from({ length: 25 }, (_, i) =>
        lengthAtAge(forage, (forage.hatchMonth - 1) / 12, i / 12, 60),
      )
      lengths.slice(1).forEach((l, i) => expect(l).toBeGreaterThanOrEqual((lengths[i] ?? 0) - 1e-9))
    }
    const of = (month: string) => forageLengthM('perch-fry', `2026-${month}-15`) ?? 0
    expect(of('08') - of('07')).toBeGreaterThan(of('02') - of('01'))
    expect(of('02')).toBe(of('03'))
  })
  it('young roach are some 45 mm long in their first autumn, bleak and minnow less, perch more (common practice)', () => {
    const of = (kind: string) => (forageLengthM(kind, '2026-10-25') ?? 0) * 1000
    expect(of('roach')).toBeGreaterThan(39)
    expect(of('roach')).toBeLessThan(50)
    expect(of('bleak')).toBeLessThan(of('roach'))
    expect(of('minnow')).toBeLessThan(of('bleak'))
    expect(of('perch-fry')).toBeGreaterThan(of('roach'))
  })
  it('in the cold it stands still, towards the tropics it does not', () => {
    expect(forageLengthM('shad', '2027-03-01', 50)).toBe(forageLengthM('shad', '2026-11-20', 50))
    expect(forageLengthM('shad', '2027-03-01', 20)).toBeGreaterThan(forageLengthM('shad', '2026-11-20', 20) ?? 1)
  })
  it('the south is half a year behind', () =>
    expect(forageLengthM('anchovy', '2026-01-10', -30)).toBeCloseTo(forageLengthM('anchovy', '2026-07-11', 30) ?? 0, 2))
  it('a kind that is not known has no length', () => expect(forageLengthM('krill', '2026-06-01')).toBeUndefined())
})

describe('species', () => {
  it('are at least 28, in fresh, brackish and salt water', () => {
    expect(SPECIES.length).toBeGreaterThanOrEqual(28)
    for (const kind of ['fresh', 'brackish', 'salt'] as const)
      expect(SPECIES.filter((s) => (s.waters as readonly string[]).includes(kind)).length).toBeGreaterThanOrEqual(6)
  })
  it.each(SPECIES.map((s) => [s.id, s] as const))('%s names a source for each of its figures', (_, s) => {
    for (const key of ['feedingRangeC', 'spawnC', 'designPullN'] as const)
      expect(s.source[key].length).toBeGreaterThan(5)
    const [none, low, high, over] = s.feedingRangeC
    expect(none < low && low < high && high < over).toBe(true)
    expect(s.spawnC[0]).toBeLessThan(s.spawnC[1])
  })
})
