import { proxy, type Remote } from 'comlink'
import { startWorker } from '~/composables/start-worker'
import type { FileService } from '~/workers/file-service'
import { gather, type Send } from '~/workers/pieces'

/** The service as it is asked from here: everything comes with a promise. */
type FileWorker = {
  readonly [K in keyof FileService]: (
    ...given: Parameters<FileService[K]>
  ) => Promise<Awaited<ReturnType<FileService[K]>>>
}

let worker: Worker | null = null
let service: Remote<FileService> | null = null
/** Ends of the works under way, for when they are stopped. */
const under = new Set<() => void>()

/** Work on a file, off the page's own thread; long lists come on ahead by `send`. Null where it was stopped. */
export async function onFile<T>(work: (service: FileWorker, send: Send) => Promise<T>): Promise<T | null> {
  worker ??= new Worker(new URL('../workers/file.worker.ts', import.meta.url), { type: 'module' })
  service ??= startWorker<FileService>(worker)
  const now: FileWorker = service
  let stop = () => {}
  const stopped = new Promise<null>((resolve) => {
    stop = () => {
      resolve(null)
    }
  })
  under.add(stop)
  try {
    const { send, whole } = gather()
    const answer = await Promise.race([work(now, proxy(send)), stopped])
    return answer === null ? null : whole(answer)
  } finally {
    under.delete(stop)
  }
}

/** Ends all work on files at once, in the middle of whatever it is doing. */
export function stopFiles(): void {
  worker?.terminate()
  worker = null
  service = null
  for (const stop of under) stop()
}
