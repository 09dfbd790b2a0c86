import { describe, expect, it } from 'vitest'
import { LAWS, someSeason } from '../../testing/logs'
import { at, logOf, RIG_A, RIG_B } from '../../testing/outing'
import type { NewEntry } from '../outing'
import { effortRows } from './record'
import { dayLeanings } from './day-learned'

const take = (carriedId: string): NewEntry => ({ kind: 'rig', carriedId, wayId: 'wind' })
const bite: NewEntry = { kind: 'answer', answer: 'lost', aim: null, fish: null }
const day = (onA: number[], onB: number[]) =>
  effortRows(
    [
      logOf([
        [0, take(RIG_A.id)],
        ...onA.map((min) => [min, bite] as const),
        [60, take(RIG_B.id)],
        ...onB.map((min) => [60 + min, bite] as const),
        [120, { kind: 'end' }],
      ]),
    ],
    at(120),
  )
const SPREAD = [4, 11, 18, 25, 32, 39, 46, 53]

describe('what a day leans to', () => {
  it('is told where one lure was taken by eight schools and the other by none, with how much', () => {
    const [first] = dayLeanings(day(SPREAD, []))
    expect(first).toMatchObject({ factor: 'Lure', label: RIG_A.name, schools: 8, minutes: 60 })
    expect(first?.times.low).toBeGreaterThan(1.5)
    expect(first?.times.median).toBeGreaterThan(first?.times.low ?? 99)
    expect(first?.times.high).toBeGreaterThan(first?.times.median ?? 99)
  })
  it('is not told of one school that took eight times, nor of few', () => {
    expect(dayLeanings(day([4, 5, 6, 7, 8, 9, 10, 11], []))).toEqual([])
    expect(dayLeanings(day([4, 20], []))).toEqual([])
    expect(dayLeanings(day(SPREAD, SPREAD))).toEqual([])
    expect(dayLeanings([])).toEqual([])
  })
  it('what was always fished together is told once', () => {
    expect(dayLeanings(day(SPREAD, []))).toHaveLength(1)
  })
  it('is seldom told of days on which nothing mattered, whatever the law of their bites', () => {
    const wrong = LAWS.map((law) => {
      const told = Array.from({ length: 40 }, (_, seed) => someSeason(seed, law, { outings: 1, perH: 3 }))
      return told.filter((rows) => dayLeanings(rows).length > 0).length / told.length
    })
    console.info(`days that lean where nothing does: ${LAWS.map((law, i) => `${law} ${wrong[i]}`).join(', ')}`)
    expect(Math.max(...wrong.filter((_, i) => LAWS[i] !== 'hot'))).toBeLessThanOrEqual(0.15)
  })
})
