import { describe, expect, it } from 'vitest'
import { COLOURS, colourAt, coloursOfPhoto, nearestColour, type Pixels } from '.'

const rgb = (hex: string) => [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16)) as [number, number, number]
const hexOf = (id: string) => COLOURS.find((c) => c.id === id)?.hex ?? '#000000'

/** A lure of three bands on a plain ground. */
function picture(
  ground: string,
  [back, flank, belly]: readonly [string, string, string],
  width = 60,
  height = 40,
): Pixels {
  const data: number[] = []
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const inside = x >= 12 && x < 48 && y >= 11 && y < 29
      const band = Math.floor((y - 11) / 6)
      data.push(...rgb(inside ? hexOf([back, flank, belly][band] ?? flank) : ground), 255)
    }
  return { width, height, data }
}

describe('colours off a photo', () => {
  it('every named colour is nearest to itself', () => {
    for (const c of COLOURS) expect(nearestColour(...rgb(c.hex))).toBe(c.id)
  })
  it('a little darker or paler is still the same colour', () => {
    for (const id of ['orange', 'black', 'chartreuse', 'red'] as const) {
      const shade = (by: number) =>
        rgb(hexOf(id)).map((v) => Math.min(255, Math.max(0, v + by))) as [number, number, number]
      expect([id, nearestColour(...shade(8)), nearestColour(...shade(-8))]).toEqual([id, id, id])
    }
  })
  it.each(['#ffffff', '#202428', '#7fa6c9'])('back, flank and belly are read on a ground of %s', (ground) => {
    expect(coloursOfPhoto(picture(ground, ['olive', 'gold', 'orange']))).toEqual({
      back: 'olive',
      flank: 'gold',
      belly: 'orange',
    })
  })
  it('a ground alone is no lure', () => {
    const ground = picture('#ffffff', ['olive', 'gold', 'orange'])
    const plain: Pixels = { ...ground, data: Array.from({ length: ground.width * ground.height * 4 }, () => 255) }
    expect(coloursOfPhoto(plain)).toBeNull()
  })
  it('a tap reads what is under it, at the edges too', () => {
    const photo = picture('#ffffff', ['olive', 'gold', 'orange'])
    expect(colourAt(photo, 0.5, 14 / 40)).toBe('olive')
    expect(colourAt(photo, 0.5, 26 / 40)).toBe('orange')
    for (const [x, y] of [
      [0, 0],
      [1, 1],
      [0, 1],
    ] as const)
      expect(colourAt(photo, x, y)).toBe('white')
  })
})
