import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { Sweep, SweepParameterId } from '../../core/match'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useMatch } from './match'

/** Values looked at from one end of a condition to the other; where the first place changes between two of them is halved further. */
const VALUES = 11

interface Asked {
  readonly found: Promise<Sweep | null>
  readonly told: ((share: number) => void)[]
}

/**
 * Conditions moved from end to end under the answer as it stands. Each is worked out once: the sentence beside the answer and the picture tell of the
 * same sweep, with the same borders.
 */
export const useSweeps = defineStore('sweeps', () => {
  const match = useMatch()
  const asked = new Map<SweepParameterId, Asked>()
  watch(
    () => match.answer,
    () => asked.clear(),
    { flush: 'sync' },
  )

  /** null where the water moved meanwhile, or another sweep of the same sort was asked for. */
  function along(
    sort: 'holds' | 'sweep',
    knob: SweepParameterId,
    onShare?: (share: number) => void,
  ): Promise<Sweep | null> {
    const known = asked.get(knob)
    if (known) {
      if (onShare) known.told.push(onShare)
      return known.found
    }
    if (!match.asked || !match.answer) return Promise.resolve(null)
    const told = onShare ? [onShare] : []
    const tell = (share: number) => told.forEach((one) => one(share))
    const found = useMatchWorker()
      .sweep(sort, knob, VALUES, plain(match.asked), proxy(tell))
      .then((sweep) => {
        if (!sweep && asked.get(knob)?.told === told) asked.delete(knob)
        return sweep && markRaw(sweep)
      })
    asked.set(knob, { found, told })
    return found
  }
  return { along }
})
