import { expect, it } from 'vitest'
import { newestOnly } from './useDraft'

it('a fast hand before a slow disk: the newest is written next, whatever was typed between', async () => {
  const written: string[] = []
  let release: () => void = () => undefined
  const write = newestOnly((text: string) => {
    written.push(text)
    return new Promise<void>((resolve) => (release = resolve))
  })
  const typed = 'ordinary words'
  for (let i = 1; i <= typed.length; i += 1) void write(typed.slice(0, i))
  const all = write(typed)
  expect(written).toEqual(['o'])
  release()
  await Promise.resolve()
  await Promise.resolve()
  expect(written).toEqual(['o', typed])
  release()
  await all
  // And it writes again, once all was written.
  void write('more')
  expect(written).toEqual(['o', typed, 'more'])
})
