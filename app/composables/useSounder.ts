import { onFile } from '~/composables/file-work'
import { sounderWords as words, sayFileProblem } from '../../words'
import { middleOf, readSentence, type NmeaReading } from '../../core/exchange'

/** Anything that speaks NMEA 0183: the simulated boat now, a real bridge behind the same word later. */
export interface Sounder {
  /** Begins to listen; answers with the way to stop. */
  listen: (over: SounderPlace, onSentence: (line: string) => void, onLost: () => void) => () => void
}
export interface SounderPlace {
  readonly depthM: number
  readonly waterTempC: number
  readonly latDeg: number
  readonly lonDeg: number
  readonly driftMps: number
  readonly fromMs: number
}

const simulatedSounder: Sounder = {
  listen(over, onSentence, onLost) {
    const query = new URLSearchParams(Object.entries(over).map(([key, value]) => [key, String(value)]))
    const source = new EventSource(`/api/simulators/sounder?${query}`)
    source.onmessage = (event) => String(event.data).split('\n').forEach(onSentence)
    source.onerror = () => {
      source.close()
      onLost()
    }
    return () => source.close()
  },
}

/** Readings kept while listening: about two minutes. */
const KEPT = 600
/** Readings of a file that are kept, the newest. */
const MOST_READINGS = 20_000
const MOST_PROBLEMS = 20

/** Readings as they come from a stream or a log, and the middle of them. */
export function useSounder(sounder: Sounder = simulatedSounder) {
  const readings = shallowRef<readonly NmeaReading[]>([])
  const problems = shallowRef<readonly string[]>([])
  const source = ref('')
  const listening = ref(false)
  const lost = ref(false)
  let end: (() => void) | null = null

  function stop() {
    end?.()
    end = null
    listening.value = false
  }
  function begin(from: string) {
    stop()
    readings.value = []
    problems.value = []
    lost.value = false
    source.value = from
  }
  function listen(over: SounderPlace) {
    begin(words.theSimulatedSounder)
    listening.value = true
    end = sounder.listen(
      over,
      (line) => {
        const found = readSentence(line)
        if (!found.ok) problems.value = [...problems.value, sayFileProblem(found.problem)].slice(-MOST_PROBLEMS)
        else if (found.reading) readings.value = [...readings.value.slice(1 - KEPT), found.reading]
      },
      () => {
        lost.value = true
        listening.value = false
      },
    )
  }
  async function open(file: File) {
    begin(file.name)
    const log = await onFile((files) => files.sounder(file))
    if (!log) return
    if ('ok' in log) {
      problems.value = [sayFileProblem(log.problem)]
      return
    }
    readings.value = log.readings.slice(-MOST_READINGS)
    problems.value = log.problems.slice(0, MOST_PROBLEMS).map((p) => words.line(p.line, sayFileProblem(p.problem)))
  }
  onBeforeUnmount(stop)
  const middle = computed(() => middleOf(readings.value))
  return { readings, problems, source, listening, lost, middle, listen, open, stop }
}
