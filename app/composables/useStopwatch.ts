/** Nothing is timed in less than this, s. */
const BOUNCE_S = 0.2

/** A stopwatch: one press starts it, the next stops it and tells the seconds. Runs on the page's own clock, not on ticks, so that a slow machine only shows late. */
export function useStopwatch(onStop: (seconds: number) => void) {
  const startedAt = ref<number | null>(null)
  const shown = ref(0)
  let frame = 0
  const nowS = () => performance.now() / 1000

  function tick() {
    if (startedAt.value === null) return
    shown.value = nowS() - startedAt.value
    frame = requestAnimationFrame(tick)
  }
  function press() {
    if (startedAt.value === null) {
      startedAt.value = nowS()
      shown.value = 0
      tick()
      return
    }
    const seconds = nowS() - startedAt.value
    // A finger that bounces is no reading.
    if (seconds < BOUNCE_S) return cancel()
    startedAt.value = null
    cancelAnimationFrame(frame)
    shown.value = seconds
    onStop(seconds)
  }
  function cancel() {
    startedAt.value = null
    cancelAnimationFrame(frame)
    shown.value = 0
  }
  onBeforeUnmount(() => cancelAnimationFrame(frame))
  return { running: computed(() => startedAt.value !== null), shown, press, cancel }
}
