import { describe, expect, it } from 'vitest'
import { logOf, RIG_A } from '../../testing/outing'
import { minutesBetween, Outing, type Entry } from './outing'
import { accountOf } from './stretches'
import { minutesSinceTake } from './patience'
import { steadied } from './steadied'

const rig = { kind: 'rig', carriedId: RIG_A.id, wayId: 'wind' } as const
const bite = { kind: 'answer', answer: 'lost', aim: null, fish: null } as const
const log = (...said: (readonly [string, object])[]) =>
  Outing.parse({
    ...logOf([]),
    startedAt: said[0]?.[0],
    entries: said.map(([at, one], i) => ({ id: `e${i}`, at, ...one }) as Entry),
  })
const minutes = (outing: Outing, now: string) => accountOf(outing, now).stretches.reduce((sum, s) => sum + s.minutes, 0)

describe('time on the water', () => {
  it('runs over midnight', () => {
    const night = log(['2026-06-12T23:30:00+02:00', rig], ['2026-06-13T00:10:00+02:00', bite])
    expect(minutes(night, '2026-06-13T00:30:00+02:00')).toBe(60)
    expect(steadied(night, '2026-06-13T00:30:00+02:00').outing).toBe(night)
  })
  it('runs over the night on which summer time begins, and the one on which it ends', () => {
    const spring = log(['2026-03-29T01:50:00+01:00', rig], ['2026-03-29T03:10:00+02:00', bite])
    expect(minutes(spring, '2026-03-29T03:20:00+02:00')).toBe(30)
    const autumn = log(['2026-10-25T02:50:00+02:00', rig], ['2026-10-25T02:10:00+01:00', bite])
    expect(minutes(autumn, '2026-10-25T02:20:00+01:00')).toBe(30)
    expect(steadied(autumn, '2026-10-25T02:20:00+01:00').outing).toBe(autumn)
  })
  it('goes on where the clock was set back: no hour is lost, and a take does not seem to be still to come', () => {
    const back = log(
      ['2026-06-12T10:00:00+02:00', rig],
      ['2026-06-12T10:40:00+02:00', bite],
      ['2026-06-12T09:50:00+02:00', { kind: 'cast', aim: null }],
      ['2026-06-12T10:05:00+02:00', rig],
    )
    const now = '2026-06-12T10:20:00+02:00'
    const { outing, now: steady } = steadied(back, now)
    expect(outing.entries.map((e) => e.at.slice(11, 16))).toEqual(['10:00', '10:40', '10:40', '10:55'])
    expect(steady).toBe('2026-06-12T11:10:00+02:00')
    expect(minutes(outing, steady)).toBe(70)
    expect(minutesSinceTake(accountOf(outing, steady).stretches, steady)).toBe(30)
    // Unsteadied, the take would seem to be just now for twenty minutes more.
    expect(minutesSinceTake(accountOf(back, now).stretches, now)).toBe(0)
  })
  it('now is never before the last entry, whatever the clock says', () => {
    const one = log(['2026-06-12T10:00:00+02:00', rig], ['2026-06-12T10:30:00+02:00', bite])
    const { now } = steadied(one, '2026-06-12T08:00:00+02:00')
    expect(minutesBetween('2026-06-12T10:30:00+02:00', now)).toBe(0)
    expect(now).toBe('2026-06-12T10:30:00+02:00')
  })
})
