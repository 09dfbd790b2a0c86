import 'fake-indexeddb/auto'
import { vi } from 'vitest'

/** What a browser has and the tests' page lacks. */
class SilentObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver ??= SilentObserver
// Lists that draw only what is on screen need a screen.
for (const made of [Element, HTMLElement])
  Object.defineProperties(made.prototype, {
    clientWidth: { configurable: true, get: () => 1200 },
    clientHeight: { configurable: true, get: () => 700 },
  })
globalThis.visualViewport ??= new EventTarget() as VisualViewport

vi.mock('~/composables/useMatchWorker', () => import('./match-on-thread'))
vi.mock('~/composables/usePlanWorker', async () => {
  const { onThread } = await import('./on-thread')
  const { planService } = await import('~/workers/plan-service')
  const service = onThread(planService)
  return { usePlanWorker: () => service }
})
vi.mock('~/composables/file-work', () => import('./file-work'))
// Drags need a page that is laid out: the browser tests have one.
vi.mock('~/composables/useTrayDrag', () => ({ useTrayDrag: () => undefined }))
