import { expect, it } from 'vitest'
import { createQueue } from './queue'

const later = (ms: number) => new Promise((done) => setTimeout(done, ms))

it('work is done one after another, however fast it comes', async () => {
  const enqueue = createQueue()
  const done: number[] = []
  await Promise.all(
    [30, 1, 10].map((ms, i) =>
      enqueue(async () => {
        await later(ms)
        done.push(i)
      }),
    ),
  )
  expect(done).toEqual([0, 1, 2])
})
it('what fails is told to whoever asked, and the next is done all the same', async () => {
  const enqueue = createQueue()
  await expect(enqueue(() => Promise.reject(new Error('no room')))).rejects.toThrow('no room')
  let done = false
  await enqueue(async () => void (done = true))
  expect(done).toBe(true)
})
it('with somebody to hear of failures nobody else does', async () => {
  const heard: string[] = []
  const enqueue = createQueue((error) => heard.push(String(error)))
  await enqueue(() => Promise.reject(new Error('no room')))
  expect(heard).toEqual(['Error: no room'])
})
