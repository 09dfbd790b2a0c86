/** A note for the ear and a buzz for the hand; where a device has neither, nothing happens. */
export function useSignal() {
  let audio: AudioContext | null = null
  /** A browser gives sound only after a touch: called from one. */
  function wake() {
    audio ??= typeof AudioContext === 'undefined' ? null : new AudioContext()
    void audio?.resume()
  }
  function signal(hz: number, seconds = 0.15, buzzMs = 80) {
    if (typeof navigator !== 'undefined' && typeof navigator.vibrate === 'function') navigator.vibrate(buzzMs)
    if (!audio) return
    const tone = audio.createOscillator()
    const level = audio.createGain()
    tone.frequency.value = hz
    level.gain.setValueAtTime(0.2, audio.currentTime)
    level.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + seconds)
    tone.connect(level).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + seconds)
  }
  onBeforeUnmount(() => void audio?.close())
  return { wake, signal }
}
