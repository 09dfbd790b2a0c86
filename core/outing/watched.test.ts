import { describe, expect, it } from 'vitest'
import { seededRandom } from '../random'
import { at, logOf } from '../../testing/outing'
import { adviceNow } from './advice-now'
import { accountOf } from './stretches'
import type { NewEntry } from './outing'
import type { Watched } from './told'
import { conversionsOf, didCome, fitWindow, snapsOf, watchedFish, type WatchedFish } from './watched'

const RIG = { kind: 'rig', carriedId: 'a', wayId: 'wind' } as const
const OTHER = { ...RIG, carriedId: 'b' }
const answer = (id: 'follow' | 'seen' | 'landed' | 'peck', watched?: Watched): NewEntry => ({
  kind: 'answer',
  answer: id,
  aim: null,
  fish: null,
  ...(watched && { watched }),
})
const ledger = (...said: (readonly [number, NewEntry])[]) => watchedFish(logOf([[0, RIG], ...said]), at(600))

describe('the ledger of fish that were watched', () => {
  it('holds followers, fish on the sounder and takes that were watched; a take of which nothing was told is none', () => {
    const fish = ledger(
      [1, answer('follow')],
      [10, answer('seen', { by: 'sounder', where: 'below', offM: 1.2, lureDid: 'snapped', fishDid: 'turned-away' })],
      [20, answer('landed')],
      [30, answer('landed', { offM: 0.6, lureDid: 'stopped' })],
    )
    expect(fish.map((f) => [f.did, f.offM, f.lureDid])).toEqual([
      ['followed', null, null],
      ['turned-away', 1.2, 'snapped'],
      ['took', 0.6, 'stopped'],
    ])
    expect(fish.map(didCome)).toEqual([true, false, true])
  })
  it('a take soon after a follower is that follower’s; a second lure is seen from the log, and one follower is not counted twice', () => {
    const fish = ledger(
      [1, answer('follow', { then: 'drop' })],
      [2, answer('landed')],
      [20, answer('follow')],
      [21, answer('follow')],
      [22, OTHER],
      [23, answer('landed')],
      [40, answer('follow', { then: 'drop' })],
      [50, answer('landed')],
    )
    expect(fish.map((f) => [f.then, f.tookThen])).toEqual([
      ['drop', true],
      [null, false],
      ['second-lure', true],
      ['drop', false],
    ])
    expect(conversionsOf(fish).map((c) => [c.id, c.came, c.of])).toEqual([
      ['drop', 1, 2],
      ['second-lure', 1, 1],
    ])
  })
  it('a second lure is a try whatever comes of it: of 24 with 6 takes it converts 6 of 24', () => {
    const fish = ledger(
      ...Array.from({ length: 24 }, (_, i) => [
        [20 * i + 1, answer('follow')] as const,
        [20 * i + 2, i % 2 ? RIG : OTHER] as const,
        ...(i % 4 === 0 ? [[20 * i + 3, answer('landed')] as const] : []),
      ]).flat(),
    )
    expect(conversionsOf(fish).map((c) => [c.id, c.came, c.of])).toEqual([['second-lure', 6, 24]])
    // Changed long after, it was for another reason.
    expect(ledger([1, answer('follow')], [9, OTHER])[0]?.then).toBeNull()
  })
})

/** Fish that come by a law of their own: all within a reach do, so many in a hundred of them; none beyond. */
function seenBy(seed: number, fish: number, reachM: number, near: number): Pick<WatchedFish, 'offM' | 'did'>[] {
  const random = seededRandom(seed)
  return Array.from({ length: fish }, () => {
    const offM = 4 * random.next()
    return { offM, did: offM < reachM && random.next() < near ? 'followed' : 'stayed' }
  })
}

describe('the window', () => {
  it('is not told from a handful', () => {
    expect(fitWindow(seenBy(1, 7, 1, 0.8))).toBeNull()
    expect(fitWindow([...Array(20)].map(() => ({ offM: null, did: 'followed' as const })))).toBeNull()
  })
  it('is found where fish come by the law that is fitted: within its interval in nine of ten logs', () => {
    const [halfM, near] = [1.3, 0.75]
    const held = Array.from({ length: 60 }, (_, seed) => {
      const random = seededRandom(seed * 31 + 5)
      const fish = Array.from({ length: 40 }, () => {
        const offM = 4 * random.next()
        const came = random.next() < near * 2 ** -((offM / halfM) ** 2)
        return { offM, did: came ? ('came' as const) : ('stayed' as const) }
      })
      const found = fitWindow(fish)
      return found && found.halfM.low <= halfM && halfM <= found.halfM.high
    }).filter(Boolean).length
    expect(held).toBeGreaterThanOrEqual(50)
  })
  it('is near the reach of fish that come by another law, and the wider the farther they come', () => {
    const [short, long] = [0.8, 2.4].map((reach) => fitWindow(seenBy(3, 200, reach, 0.9)))
    expect(short?.halfM.median).toBeGreaterThan(0.5)
    expect(short?.halfM.median).toBeLessThan(1.2)
    expect(long?.halfM.low).toBeGreaterThan(short?.halfM.high ?? 9)
  })
  it('holds its figures where all came, none came, or all stood in one place', () => {
    for (const did of ['followed', 'stayed'] as const)
      for (const offM of [0, 0.5, 30]) {
        const found = fitWindow(Array.from({ length: 12 }, () => ({ offM, did })))
        expect(Object.values(found?.halfM ?? {}).every((v) => Number.isFinite(v) && v > 0)).toBe(true)
        expect(found?.near.low).toBeLessThanOrEqual(found?.near.high ?? 0)
      }
  })
})

describe('what brings them', () => {
  const many = (lureDid: 'snapped' | 'steady', came: number, of: number) =>
    Array.from({ length: of }, (_, i) => ({ lureDid, did: i < came ? ('came' as const) : ('stayed' as const) }))
  it('is told with its spread: one of one is no proof against nine of ten', () => {
    const { rows, sure } = snapsOf([...many('snapped', 1, 1), ...many('steady', 9, 10)])
    expect(rows[0]?.id).toBe('steady')
    expect(sure).toBeLessThan(0.8)
  })
  it('grows sure with what is seen', () => {
    const { rows, sure } = snapsOf([...many('snapped', 16, 20), ...many('steady', 4, 20)])
    expect(rows[0]?.id).toBe('snapped')
    expect(sure).toBeGreaterThan(0.99)
  })
  it('says nothing where nothing was told', () => expect(snapsOf([]).sure).toBeNull())
})

describe('the next one that follows', () => {
  const advisedBy = (sides: Parameters<typeof adviceNow>[3], ...said: (readonly [number, NewEntry])[]) => {
    const log = logOf([[0, RIG], ...said])
    const now = at(26)
    return adviceNow(log, accountOf(log, now), now, sides)
  }
  const advised = (...said: (readonly [number, NewEntry])[]) => advisedBy({}, ...said)
  const tried = (advice: ReturnType<typeof advised>) =>
    advice?.kind === 'change' && advice.does.code === 'on-follower' ? advice.does.tried : null
  const given = { kind: 'advice', variable: 'cadence', says: 'Stop it dead.', giveMin: 12, taken: true } as const
  const gain = (advice: ReturnType<typeof advised>) => (advice?.kind === 'change' ? advice.gain.median : 0)

  it('is answered as practice and the chosen school name it, with its odds', () => {
    const advice = advised([20, answer('follow')], [23, answer('follow')])
    expect(tried(advice)).toBe('stop')
    expect(
      advice?.kind === 'change' && advice.gain.low < advice.gain.median && advice.gain.median < advice.gain.high,
    ).toBe(true)
    expect(tried(advisedBy({ S3: 'first' }, [20, answer('follow')], [23, answer('follow')]))).toBe('nothing')
  })
  it('nothing is advised without followers, once one took, or while it was just advised', () => {
    expect(tried(advised([20, answer('peck')]))).toBeNull()
    expect(tried(advised([20, answer('follow')], [24, answer('landed')]))).toBeNull()
    expect(tried(advised([20, answer('follow')], [24, given]))).toBeNull()
  })
  it('nothing is advised for followers of before other advice, not even of the same second', () => {
    const other = { kind: 'advice', variable: 'size', says: 'Go smaller.', giveMin: 12, taken: true } as const
    expect(tried(advised([20, answer('follow')], [20, other], [20, OTHER]))).toBeNull()
    expect(tried(advised([20, other], [20, OTHER], [21, answer('follow')]))).not.toBeNull()
  })
  it('once it is heard, it is given its time: nothing else is advised meanwhile', () => {
    const advice = advised([20, answer('follow')], [24, given])
    expect(advice?.kind).toBe('stay')
    // Left, or another rig taken, it no longer stands in the way of other advice.
    const other = advised([20, answer('follow')], [24, given], [25, OTHER])
    expect(other?.kind === 'stay' && other.forMin).not.toBe(10)
  })
  const followed = (then?: Watched['then']) =>
    [1, 5, 9, 13, 17].map((min) => [min, answer('follow', then && { then })] as const)
  it('what was seen to fail is advised no longer, and what converts them is', () => {
    expect(tried(advised(...followed(), [24, answer('follow')]))).toBe('stop')
    expect(tried(advised(...followed('stop'), [24, answer('follow')]))).toBe('faster')
    expect(gain(advised(...followed(), [24, answer('follow')]))).toBeGreaterThan(
      gain(advised(...followed('stop'), ...followed('faster'), [24, answer('follow')])),
    )
    const took = [1, 5, 9, 13].flatMap((min) => [
      [min, answer('follow', { then: 'drop' })] as const,
      [min + 1, answer('landed')] as const,
    ])
    expect(tried(advised(...took, [24, answer('follow')]))).toBe('drop')
  })
})
