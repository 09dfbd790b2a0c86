import { wrap, type Remote } from 'comlink'
import { StoreError } from '../../storage/problem'
import { useCommands } from '~/stores/commands'

/** The bridge to a worker. One that cannot be loaded (a newer Ygrion took its place) is told of, instead of never answering. */
export function startWorker<Service>(worker: Worker): Remote<Service> {
  const commands = useCommands()
  worker.addEventListener('error', (event) => {
    // An error inside it comes back to whoever asked; one without a message means that it never started.
    if (!event.message) commands.tell(new StoreError({ code: 'part-missing' }))
  })
  return wrap<Service>(worker)
}
