import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { thenShow } from './then-show'

describe('a form and what is written from it', () => {
  it('shows what comes next once it is written', async () => {
    const open = ref<string | null>('lure')
    const shown = thenShow(open, 'its copy', () => Promise.resolve())
    expect(open.value).toBe('lure')
    await shown
    expect(open.value).toBe('its copy')
  })
  it('stays closed when it was closed before the write was done', async () => {
    const open = ref<string | null>('lure')
    const shown = thenShow(open, 'its copy', () => Promise.resolve())
    open.value = null
    await shown
    expect(open.value).toBeNull()
  })
  it('stays as it is when the write failed', async () => {
    const open = ref<string | null>('lure')
    await expect(thenShow(open, null, () => Promise.reject(new Error('full')))).rejects.toThrow('full')
    expect(open.value).toBe('lure')
  })
})
