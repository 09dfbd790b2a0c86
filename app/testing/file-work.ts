import { fileService } from '~/workers/file-service'
import { onThread } from './on-thread'

const service = onThread(fileService)

/** Work on a file as on the page, on this thread. */
export const onFile = (work: (of: typeof service) => Promise<unknown>) => work(service)
export const stopFiles = () => undefined
