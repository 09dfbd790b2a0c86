import { expect, it } from 'vitest'
import { inPieces } from './pieces'

it('every row is written once, in order, never more than 500 at once', async () => {
  const rows = Array.from({ length: 1203 }, (_, i) => i)
  const pieces: (readonly number[])[] = []
  await inPieces(rows, async (piece) => pieces.push(piece))
  expect(pieces.map((p) => p.length)).toEqual([500, 500, 203])
  expect(pieces.flat()).toEqual(rows)
})
it('nothing to write is no write', async () => {
  let writes = 0
  await inPieces([], async () => writes++)
  expect(writes).toBe(0)
})
it('a piece that is refused stops the rest', async () => {
  const written: number[] = []
  const write = async (piece: readonly number[]) => {
    if (piece[0] === 500) throw new Error('full')
    written.push(piece.length)
  }
  await expect(
    inPieces(
      Array.from({ length: 1500 }, (_, i) => i),
      write,
    ),
  ).rejects.toThrow('full')
  expect(written).toEqual([500])
})
