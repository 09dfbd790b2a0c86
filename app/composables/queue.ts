/**
 * Work that waits for the work before it: a tap is done only when the one before it is stored. One that fails does not hold up the next; `failed` hears
 * of it, and without it whoever asked does.
 */
export function createQueue(failed?: (error: unknown) => void) {
  let last: Promise<unknown> = Promise.resolve()
  return function enqueue(work: () => Promise<unknown>): Promise<void> {
    const mine = last.then(work).then(() => undefined)
    const heard = failed ? mine.catch(failed) : mine
    last = heard.catch(() => undefined)
    return heard
  }
}
