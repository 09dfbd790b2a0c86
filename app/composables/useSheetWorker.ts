import type { Remote } from 'comlink'
import { startWorker } from '~/composables/start-worker'
import type { SheetService } from '~/workers/sheet-service'

let service: Remote<SheetService> | null = null

/** The one bridge to the worker that reads spreadsheets; started on first use. */
export function useSheetWorker(): Remote<SheetService> {
  service ??= startWorker<SheetService>(
    new Worker(new URL('../workers/sheet.worker.ts', import.meta.url), { type: 'module' }),
  )
  return service
}
