import { itemAt } from '../list'
import { converter, differenceCiede2000, nearest, type Rgb } from 'culori'
import { COLOURS, type ColourId } from './colour'

/** A picture as a canvas gives it: four bytes a pixel, row by row. */
export interface Pixels {
  readonly width: number
  readonly height: number
  readonly data: ArrayLike<number>
}

const NAMED = COLOURS.map((c) => c.hex)
const nearestHex = nearest(NAMED, differenceCiede2000())
const apart = differenceCiede2000()
const toLab = converter('lab')

/** The named colour that looks nearest (CIEDE2000) to red, green and blue of 0 … 255. */
export function nearestColour(red: number, green: number, blue: number): ColourId {
  const rgb: Rgb = { mode: 'rgb', r: red / 255, g: green / 255, b: blue / 255 }
  const [hex] = nearestHex(rgb, 1)
  return COLOURS[NAMED.indexOf(hex ?? '')]?.id as ColourId
}

type Sum = [red: number, green: number, blue: number, count: number]
const average = ([r, g, b, count]: Sum) => (count === 0 ? null : nearestColour(r / count, g / count, b / count))
function add(sum: Sum, { data, width }: Pixels, x: number, y: number) {
  const at = 4 * (y * width + x)
  for (let i = 0; i < 3; i++) sum[i as 0 | 1 | 2] += itemAt(data, at + i)
  sum[3] += 1
}

/** Half the side of the patch read around a point that was tapped, as a share of the picture's width. */
const PATCH = 0.02

/** The colour of the patch around a point; x and y as shares of width and height. */
export function colourAt(picture: Pixels, x: number, y: number): ColourId | null {
  const half = Math.max(1, Math.round(PATCH * picture.width))
  const sum: Sum = [0, 0, 0, 0]
  const cx = Math.round(x * (picture.width - 1))
  const cy = Math.round(y * (picture.height - 1))
  for (let py = Math.max(0, cy - half); py <= Math.min(picture.height - 1, cy + half); py++)
    for (let px = Math.max(0, cx - half); px <= Math.min(picture.width - 1, cx + half); px++) add(sum, picture, px, py)
  return average(sum)
}

/** A pixel that differs from the background by this much (CIEDE2000) belongs to the lure. */
const LURE_APART = 11
/** Fewer pixels than this share of the picture are no lure. */
const LEAST_SHARE = 0.01

/**
 * Back, flank and belly of a lure photographed from the side on a plain ground: what differs from the corners is the lure; each column of it is
 * read in three parts from the top. Null where nothing stands out.
 */
export function coloursOfPhoto(picture: Pixels): { back: ColourId; flank: ColourId; belly: ColourId } | null {
  const { width, height, data } = picture
  const pixel = (x: number, y: number) => {
    const at = 4 * (y * width + x)
    return toLab({
      mode: 'rgb',
      r: itemAt(data, at) / 255,
      g: itemAt(data, at + 1) / 255,
      b: itemAt(data, at + 2) / 255,
    })
  }
  const corners = [pixel(0, 0), pixel(width - 1, 0), pixel(0, height - 1), pixel(width - 1, height - 1)]
  const stands = (x: number, y: number) => corners.every((corner) => apart(pixel(x, y), corner) > LURE_APART)
  const parts: [Sum, Sum, Sum] = [
    [0, 0, 0, 0],
    [0, 0, 0, 0],
    [0, 0, 0, 0],
  ]
  for (let x = 0; x < width; x++) {
    const rows: number[] = []
    for (let y = 0; y < height; y++) if (stands(x, y)) rows.push(y)
    rows.forEach((y, i) => add(parts[Math.min(2, Math.floor((3 * i) / rows.length)) as 0 | 1 | 2], picture, x, y))
  }
  if (parts[0][3] + parts[1][3] + parts[2][3] < LEAST_SHARE * width * height) return null
  const [back, flank, belly] = parts.map(average)
  return back && flank && belly ? { back, flank, belly } : null
}
