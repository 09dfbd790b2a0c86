import { fileService } from '~/workers/file-service'
import { gather, type Send } from '~/workers/pieces'
import { onThread } from './on-thread'

const service = onThread(fileService)

/** Work on a file as on the page, on this thread. */
export async function onFile(work: (of: typeof service, send: Send) => Promise<unknown>): Promise<unknown> {
  const { send, whole } = gather()
  return whole(await work(service, send))
}
export const stopFiles = () => undefined
