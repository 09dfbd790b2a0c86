import QRCode from 'qrcode'

export interface QrPicture {
  /** Modules along a side. */
  readonly size: number
  /** All dark modules as one SVG path, a module to a unit. */
  readonly d: string
}

/** A text as a QR code. Middle error correction: labels get wet and scratched; low for what is read off a screen, where it holds more. */
export function qrPicture(text: string, errorCorrectionLevel: 'L' | 'M' = 'M'): QrPicture {
  const { modules } = QRCode.create(text, { errorCorrectionLevel })
  let d = ''
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++) if (modules.get(y, x)) d += `M${x} ${y}h1v1h-1z`
  return { size: modules.size, d }
}
