import { coloursOfPhoto, type Pixels } from '../../core/tackle'

/** Longest side of a kept photo, px, and its quality: some 20 KB. */
const LONGEST = 520
const QUALITY = 0.82
/** Colours are read off a smaller one still. */
const READ_WIDE = 160

export interface ReadPhoto {
  readonly dataUrl: string
  readonly pixels: Pixels
}

function drawn(source: CanvasImageSource, width: number, height: number) {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) throw new Error('this browser cannot draw pictures')
  context.drawImage(source, 0, 0, width, height)
  return { canvas, context }
}

/** Shrinks a picture the angler picked. It stays on this machine. @throws when the file is no picture */
export async function shrinkPhoto(file: Blob, longestPx = LONGEST): Promise<ReadPhoto> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, longestPx / Math.max(picture.width, picture.height))
  const width = Math.max(1, Math.round(picture.width * scale))
  const height = Math.max(1, Math.round(picture.height * scale))
  const { canvas } = drawn(picture, width, height)
  return { dataUrl: canvas.toDataURL('image/jpeg', QUALITY), pixels: pixelsOf(canvas, width, height) }
}

function pixelsOf(source: CanvasImageSource, width: number, height: number): Pixels {
  const wide = Math.min(READ_WIDE, width)
  const high = Math.max(1, Math.round((height * wide) / width))
  return drawn(source, wide, high).context.getImageData(0, 0, wide, high)
}

/** Pixels of a photo that is kept already. */
export async function readPhoto(dataUrl: string): Promise<Pixels> {
  const image = new Image()
  image.src = dataUrl
  await image.decode()
  return pixelsOf(image, image.naturalWidth, image.naturalHeight)
}

export { coloursOfPhoto }
