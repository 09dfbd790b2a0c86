import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import { Place } from '../../water'
import { usualHooks, type Lure } from '../../tackle'
import { EMPTY_BOX, type Box } from '../../box'
import { matchWater, withPieces, type Piece } from '..'

/** A box that has no answer: what is missing, and the cheapest change that works. */

const { box } = WORLD
const perch = water({ speciesId: 'perch' })
const answer = (of: Box, c = perch, place = PLACE) => matchWater(c, place, of, { sides: {}, limit: 3, lifts: 0 })
const kinds = (pieces: readonly Piece[] | undefined) => pieces?.map((p) => p.kind)
const few = { ...box, lures: box.lures.filter((_, i) => i % 5 === 0) }
const softs = box.lures.filter((l) => ['grub', 'paddle-tail', 'creature'].includes(l.family)).slice(0, 4)

describe('soft bodies without a hook beside an answer', () => {
  const bodies = box.lures.filter((l) => ['grub', 'paddle-tail', 'creature'].includes(l.family))
  const bare = { ...box, lures: [...few.lures, ...bodies], heads: [], hooks: [] }
  const lacking = (over: Partial<Place> = {}) =>
    answer(bare, perch, Place.parse({ ...PLACE, ...over })).leftOut.find(({ why }) => why.code === 'no-hook-fits')
  it('are told with the one pack of heads that serves for most of them, and it does', () => {
    const found = lacking()
    if (!found?.lacks) throw new Error('nothing is lacking')
    const { piece, serves } = found.lacks
    expect(piece.kind).toBe('heads')
    expect(serves).toBeGreaterThan(found.lures / 3)
    const mended = answer(withPieces(bare, [piece])).leftOut.find(({ why }) => why.code === 'no-hook-fits')
    expect(mended?.lures ?? 0).toBe(found.lures - serves)
  })
  it('are not sent for lead where lead is forbidden', () => {
    expect(lacking({ noLead: true })?.lacks?.piece.kind).not.toBe('heads')
  })
})

describe('an empty answer', () => {
  it.each<[string, Box, string, string[]]>([
    ['no rod', { ...few, rods: [] }, 'no-rod', ['rods']],
    ['no line at all', { ...few, lines: [] }, 'no-line', ['lines']],
    [
      'lines only in the drawer',
      { ...few, lines: few.lines.map((l) => ({ ...l, reelId: null })) },
      'no-line-on-reel',
      ['respool'],
    ],
    ['no reel', { ...few, reels: [] }, 'no-reel', ['reels', 'lines']],
    ['bodies without a hook', { ...few, lures: softs, hooks: [], heads: [] }, 'no-hook-fits', ['heads']],
    ['nothing but a lure', { ...EMPTY_BOX, lures: few.lures.slice(0, 3) }, 'no-rod', ['rods', 'reels', 'lines']],
  ])('names what is missing, and the cheapest piece that mends it: %s', (_, of, code, asked) => {
    const { rows, leftOut, remedy } = answer(of)
    expect(rows).toEqual([])
    expect(leftOut[0]?.why.code).toBe(code)
    expect(kinds(remedy?.pieces)).toEqual(asked)
  })
  it('teeth ask for a leader', () => {
    const { leftOut, remedy, rows } = answer({ ...few, leaders: [] }, water({ speciesId: 'pike' }))
    expect(rows).toEqual([])
    expect(leftOut[0]?.why.code).toBe('not-bite-proof')
    expect(kinds(remedy?.pieces)).toEqual(['leaders'])
  })
  it('trebles where only single hooks are allowed are changed for singles', () => {
    const plugs = box.lures
      .filter((l) => l.family === 'crankbait')
      .slice(0, 3)
      .map((l) => ({ ...l, hooks: usualHooks(l.family, l.lengthM) }) as Lure)
    const { leftOut, remedy } = answer({ ...few, lures: plugs }, perch, Place.parse({ ...PLACE, singlesOnly: true }))
    expect(leftOut).toEqual([{ why: { code: 'trebles' }, lures: 3 }])
    expect(kinds(remedy?.pieces)).toEqual(['singles'])
  })
  it('what is named works, and nothing of it can be left away', () => {
    const broken: [Box, typeof perch][] = [
      [{ ...few, rods: [] }, perch],
      [{ ...few, reels: [] }, perch],
      [{ ...EMPTY_BOX, lures: few.lures.slice(0, 3) }, water({ speciesId: 'pike' })],
      [few, water({ speciesId: 'amberjack', depthM: 30, cover: { kind: 'rock', topM: 20, density: 0.9 } })],
    ]
    for (const [of, c] of broken) {
      const { remedy } = answer(of, c)
      if (!remedy) throw new Error('no remedy')
      expect(answer(withPieces(of, remedy.pieces), c).rows.length).toBeGreaterThan(0)
      for (const piece of remedy.pieces)
        expect(
          answer(
            withPieces(
              of,
              remedy.pieces.filter((p) => p !== piece),
            ),
            c,
          ).rows,
        ).toEqual([])
    }
  })
  it('an empty box asks for lures, not for tackle', () => {
    expect(answer(EMPTY_BOX)).toMatchObject({ rows: [], leftOut: [], remedy: null })
  })
})

describe('a full answer', () => {
  it('counts what breaks a limit, with the limit; nobody is counted who is ranked', () => {
    const singles = Place.parse({ ...PLACE, singlesOnly: true })
    const { rows, leftOut, remedy } = matchWater(perch, singles, box, { sides: {}, limit: 100, lifts: 0 })
    expect(remedy).toBeNull()
    const counted = leftOut.find((l) => l.why.code === 'trebles')?.lures ?? 0
    expect(counted).toBeGreaterThan(10)
    const ranked = rows.length + rows.reduce((n, r) => n + r.alike.length, 0)
    const left = leftOut.reduce((n, l) => n + l.lures, 0)
    expect(ranked + left).toBeLessThanOrEqual(box.lures.length + rows.reduce((n, r) => n + r.alike.length, 0))
    for (const row of rows) expect(row.setUp.build.lure.hooks?.style ?? 'single').not.toMatch(/treble/)
  })
})
