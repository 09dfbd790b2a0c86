import { DOINGS } from '../../data/cadences'
import { beatAt, type Cadence } from '../../core/match'

/** Loudness of a note, and how long it takes to die away, s. */
const LOUD = 0.16
const DIES_S = 0.12

/** Plays a cadence: the moment it stands at, a note at every beat, a tick at every turn of the handle, and a buzz where the device has one. */
export function useCadencePlayer(cadence: () => Cadence) {
  const playing = ref(false)
  const atS = ref(0)
  const sound = ref(true)
  const canBuzz = computed(() => typeof navigator !== 'undefined' && typeof navigator.vibrate === 'function')
  const buzz = ref(true)
  let audio: AudioContext | null = null
  let frame = 0
  let startedMs = 0
  let lastBeat = ''
  let lastTurn = -1

  function note(hz: number, gain = LOUD) {
    if (!sound.value || !audio || hz <= 0) return
    const tone = audio.createOscillator()
    const level = audio.createGain()
    tone.frequency.value = hz
    level.gain.setValueAtTime(gain, audio.currentTime)
    level.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + DIES_S)
    tone.connect(level).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + DIES_S)
  }

  function step(nowMs: number) {
    if (!playing.value) return
    const score = cadence()
    atS.value = (nowMs - startedMs) / 1000
    const { index, inLead, through } = beatAt(score, atS.value)
    const beat = (inLead ? score.lead : score.loop)[index]
    const round = inLead ? 0 : Math.floor(atS.value / score.loopS)
    const key = `${inLead} ${index} ${round}`
    if (beat && key !== lastBeat) {
      lastBeat = key
      lastTurn = -1
      note(DOINGS[beat.does].hz)
      if (buzz.value && canBuzz.value && DOINGS[beat.does].buzzMs > 0) navigator.vibrate(DOINGS[beat.does].buzzMs)
    }
    if (beat?.does === 'wind' && score.turnsPerS) {
      const turn = Math.floor(through * beat.seconds * score.turnsPerS)
      if (turn !== lastTurn) {
        if (lastTurn >= 0) note(DOINGS.wind.hz, LOUD / 3)
        lastTurn = turn
      }
    }
    frame = requestAnimationFrame(step)
  }
  function play() {
    // A browser gives sound only after a touch, which this is.
    audio ??= typeof AudioContext === 'undefined' ? null : new AudioContext()
    void audio?.resume()
    startedMs = performance.now()
    lastBeat = ''
    playing.value = true
    frame = requestAnimationFrame(step)
  }
  function stop() {
    playing.value = false
    cancelAnimationFrame(frame)
    atS.value = 0
  }
  watch(() => JSON.stringify(cadence()), stop)
  onBeforeUnmount(() => {
    stop()
    void audio?.close()
  })
  return { playing, atS, sound, buzz, canBuzz, play, stop }
}
