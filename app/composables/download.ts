import { FORMATS, type ArchiveContent, type ExportFormat, type FileProblem } from '../../core/exchange'
import { onFile } from '~/composables/file-work'
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
export async function saveAs<Input>(format: ExportFormat<Input>, input: Input, label = ''): Promise<void> {
  download(nameOf(format, label), format.mime, await format.write(input))
}
const nameOf = ({ stem, extension }: ExportFormat<never>, label: string) => fileName(stem(label, today()), extension)

/**
 * Everything, out as an archive. It is read again first: what would not come back is not called saved. Answers with what is wrong, or null.
 * `anyway`: saved all the same, where a file that has to be mended is better than none.
 */
export async function saveArchive(content: ArchiveContent, { anyway = false } = {}): Promise<FileProblem | null> {
  const written = await onFile((files) => files.writeArchive(content))
  if (!written) return null
  const { texts, problem } = written
  const { extension, mime } = FORMATS.archive
  if (!problem || anyway)
    for (const [i, text] of texts.entries()) {
      const stem = FORMATS.archive.stem('', today())
      download(fileName(texts.length > 1 ? `${stem} ${i + 1} ${texts.length}` : stem, extension), mime, text)
    }
  return problem
}
