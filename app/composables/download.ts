import type { ExportFormat } from '../../core/exchange'
import { today } from '~/stores/repository'

/** A name that every file system takes. */
export const fileName = (stem: string, extension: string) =>
  `${stem.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')}.${extension}`

/** Hands a text to the browser as a file to keep. */
export function download(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

/** Something of the app, out in one of its formats. `label`: what it is of, where the format asks for it. */
export function saveAs<Input>(format: ExportFormat<Input>, input: Input, label = ''): void {
  download(fileName(format.stem(label, today()), format.extension), format.mime, format.write(input))
}
