import { settled, type ScaleReading, type Settled } from '../../core/tackle'

/** Anything that weighs: the simulated scale now, a real one behind the same two words later. */
export interface Scale {
  /** Begins to weigh what is laid on; answers with the way to stop. */
  weigh: (what: { id: string; labelKg: number }, onReading: (r: ScaleReading) => void, onLost: () => void) => () => void
}

/** The same lure always weighs the same on the simulated scale. */
function seedOf(text: string): number {
  let seed = 7
  for (const letter of text) seed = (Math.imul(seed, 31) + (letter.codePointAt(0) ?? 0)) >>> 0
  return seed
}

const simulatedScale: Scale = {
  weigh({ id, labelKg }, onReading, onLost) {
    const source = new EventSource(`/api/simulators/scale?labelKg=${labelKg}&seed=${seedOf(id)}`)
    source.onmessage = (event) => onReading(JSON.parse(String(event.data)) as ScaleReading)
    source.onerror = () => {
      source.close()
      onLost()
    }
    return () => source.close()
  },
}

/** Readings as they come, and whether they have settled. */
export function useScale(scale: Scale = simulatedScale) {
  const readings = shallowRef<readonly ScaleReading[]>([])
  const lost = ref(false)
  let stop: (() => void) | null = null

  function lift() {
    stop?.()
    stop = null
    readings.value = []
  }
  function lay(what: { id: string; labelKg: number }) {
    lift()
    lost.value = false
    stop = scale.weigh(
      what,
      (r) => (readings.value = [...readings.value.slice(-59), r]),
      () => (lost.value = true),
    )
  }
  onBeforeUnmount(lift)
  const state = computed<Settled>(() => settled(readings.value))
  const shown = computed(() => readings.value[readings.value.length - 1]?.massKg ?? 0)
  return { readings, state, shown, lost, lay, lift }
}
