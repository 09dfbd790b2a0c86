import { beforeEach, expect, it, vi } from 'vitest'
import { demoWorld } from '../core/demo/world'
import { stashUnsaved, popUnsaved } from './unsaved'

const kept = new Map<string, string>()
beforeEach(() => {
  kept.clear()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  })
})
const [water] = demoWorld('2026-06-12').waters
if (!water) throw new Error('no water')

it('gives back what was kept aside, once', () => {
  stashUnsaved(water)
  expect(popUnsaved()).toEqual(water)
  expect(popUnsaved()).toBeNull()
})

it('takes nothing that cannot be water', () => {
  kept.set('ygrion-unsaved-water', '{"waterTempC": 900}')
  expect(popUnsaved()).toBeNull()
  kept.set('ygrion-unsaved-water', 'not json')
  expect(popUnsaved()).toBeNull()
})

it('a browser that refuses does not stop the page', () => {
  vi.stubGlobal('localStorage', {
    setItem: () => {
      throw new Error('full')
    },
  })
  expect(() => stashUnsaved(water)).not.toThrow()
  expect(popUnsaved()).toBeNull()
})
