import { expect, it } from 'vitest'
import { gather, inPieces } from './pieces'

const long = (n: number) => Array.from({ length: n }, (_, i) => ({ id: `l${i}` }))

it('long lists go ahead in pieces, and come together again', async () => {
  const answer = { ok: true, box: { lures: long(1201), rods: long(3) }, places: long(500), note: null, text: 'x' }
  const { send, whole } = gather()
  const sizes: number[] = []
  const rest = await inPieces(answer, (path, piece) => {
    sizes.push(piece.length)
    // As it crosses between threads.
    send(structuredClone(path), structuredClone(piece))
  })
  expect(sizes).toEqual([500, 500, 201])
  expect(rest.box).toEqual({ lures: [], rods: long(3) })
  expect(whole(structuredClone(rest))).toEqual(answer)
})
