import 'fake-indexeddb/auto'

/** What a browser has and the tests' page lacks. */
class SilentObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver ??= SilentObserver
globalThis.visualViewport ??= new EventTarget() as VisualViewport
