/**
 * Runs only the newest of many requests: while one is under way the next waits, and a newer one takes its place. So a drag never queues up work.
 * `rest` is kept between two runs, so that they leave time for drawing; it is told how long the run took, ms.
 */
export function latestOnly<In, Out>(
  run: (input: In) => Promise<Out>,
  done: (out: Out, input: In) => void,
  rest: (tookMs: number) => Promise<void> = () => Promise.resolve(),
) {
  let waiting: { input: In } | null = null
  let busy = false
  async function next(): Promise<void> {
    while (waiting) {
      const { input } = waiting
      waiting = null
      const from = performance.now()
      done(await run(input), input)
      await rest(performance.now() - from)
    }
    busy = false
  }
  return (input: In) => {
    waiting = { input }
    if (busy) return
    busy = true
    void next()
  }
}
