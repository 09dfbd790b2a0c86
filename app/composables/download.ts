import type { ExportFormat, FileProblem } from '../../core/exchange'
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

/**
 * Something of the app, out in one of its formats. `label`: what it is of, where the format asks for it. A format that can be read again is read again
 * first: what would not come back is not called saved. Answers with what is wrong, or null.
 * `anyway`: saved all the same, where a file that has to be mended is better than none.
 */
export function saveAs<Input>(
  format: ExportFormat<Input>,
  input: Input,
  label = '',
  { anyway = false } = {},
): FileProblem | null {
  const text = format.write(input)
  const problem = format.problemOf?.(text) ?? null
  if (!problem || anyway) download(fileName(format.stem(label, today()), format.extension), format.mime, text)
  return problem
}
