import { expect, it } from 'vitest'
import { latestOnly } from './latest'

it('runs the first and the newest of many requests, and never two at once', async () => {
  let running = 0
  const ran: number[] = []
  const gates: (() => void)[] = []
  let finish = () => {}
  const all = new Promise<void>((resolve) => (finish = resolve))
  const ask = latestOnly<number, number>(
    async (n) => {
      expect(++running).toBe(1)
      await new Promise<void>((resolve) => gates.push(resolve))
      running -= 1
      return n
    },
    (n) => {
      ran.push(n)
      if (n === 5) finish()
      else gates.shift()?.()
    },
  )
  for (const n of [1, 2, 3, 4, 5]) ask(n)
  gates.shift()?.()
  while (ran.length === 0) await Promise.resolve()
  while (gates.length === 0) await Promise.resolve()
  gates.shift()?.()
  await all
  expect(ran).toEqual([1, 5])
})
