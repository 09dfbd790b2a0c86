import { useGeolocation, useWakeLock } from '@vueuse/core'
import { MOST_FIXES, isWorthKeeping, type Fix, type Outing } from '../../core/outing'
import { momentNow } from '~/stores/moment'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'

/** A phone asks for its position no oftener than this, ms; and points are written so many at once, or after so long. */
const POSITION = { enableHighAccuracy: true, maximumAge: 15_000, timeout: 60_000 } as const
const WRITE = { points: 8, everyMs: 60_000 } as const

/**
 * The phone in the hand of an angler: its screen kept awake while the outing is looked at, and its way noted where the angler lets it. Each is a choice; in a break nothing is noted. `problem`: why the phone
 * does not say where it is.
 */
export function usePhoneOutside(outing: () => Outing, paused: () => boolean) {
  const settings = useSettings()
  const outings = useOutings()
  const wake = useWakeLock()
  const awake = computed(() => wake.isSupported.value && settings.keepAwake)
  // A browser that refuses, on a low battery say, leaves the screen as it is.
  watch(awake, (on) => void (on ? wake.request('screen') : wake.release()).catch(() => undefined), { immediate: true })
  onBeforeUnmount(() => void wake.release().catch(() => undefined))

  const position = useGeolocation({ ...POSITION, immediate: false })
  const canLocate = position.isSupported
  const noting = computed(() => settings.noteTrack && canLocate.value && !paused())
  watch(noting, (on) => (on ? position.resume() : position.pause()), { immediate: true })
  const problem = computed(() => (settings.noteTrack ? (position.error.value?.code ?? null) : null))

  let waiting: Fix[] = []
  let writtenMs = Date.now()
  async function write() {
    const track = waiting
    waiting = []
    writtenMs = Date.now()
    if (track.length === 0) return
    // What cannot be stored now is tried again with the next.
    await outings.noteTrack(outing(), track).catch(() => (waiting = [...track, ...waiting].slice(-MOST_FIXES)))
  }
  watch(position.locatedAt, (at) => {
    if (at === null || !noting.value) return
    const { latitude: latDeg, longitude: lonDeg, accuracy: accuracyM } = position.coords.value
    if (!Number.isFinite(latDeg) || !Number.isFinite(lonDeg)) return
    const fix = { at: momentNow(), latDeg, lonDeg, accuracyM: Math.min(100_000, accuracyM) }
    if (!isWorthKeeping(fix, waiting.at(-1) ?? outing().track?.at(-1))) return
    waiting.push(fix)
    if (waiting.length >= WRITE.points || Date.now() - writtenMs >= WRITE.everyMs) void write()
  })
  onBeforeUnmount(() => void write())
  return { canWake: wake.isSupported, awake: wake.isActive, canLocate, noting, problem }
}
