import {
  guessColumns,
  planImport,
  readSheet,
  type FileProblem,
  type ImportPlan,
  type Mapping,
  type Sheet,
} from '../../core/exchange'
import type { Box } from '../../core/box'

export type SheetReply = { ok: true; sheet: Sheet; mapping: Mapping } | { ok: false; problem: FileProblem }

let stopped = false

/** Spreadsheets are read off the page's own thread; plain data crosses. */
export const sheetService = {
  read(source: string): SheetReply {
    const read = readSheet(source)
    return read.ok ? { ok: true, sheet: read.sheet, mapping: guessColumns(read.sheet.headings) } : read
  },
  /** The plan, or null when it was stopped. */
  async plan(
    sheet: Sheet,
    mapping: Mapping,
    box: Box,
    onProgress: (done: number, of: number) => void,
  ): Promise<ImportPlan | null> {
    stopped = false
    return planImport(
      sheet,
      mapping,
      box,
      () => crypto.randomUUID(),
      async (done, of) => {
        onProgress(done, of)
        // A yieldToEventLoop, in which a call to stop is heard.
        await new Promise((resolve) => setTimeout(resolve))
        return !stopped
      },
    )
  },
  stop() {
    stopped = true
  },
}
export type SheetService = typeof sheetService
