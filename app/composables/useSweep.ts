import { proxy } from 'comlink'
import { markRaw } from 'vue'
import type { SweepParameterId, Sweep } from '../../core/match'
import { useMatch } from '~/stores/match'
import { plain } from './plain'
import { useMatchWorker } from './useMatchWorker'

/** Values looked at from one end of a condition to the other. */
const FINE = 15

/** One condition moved from end to end, for the picture; done anew when the water, the box or the condition changes. */
export function useSweep() {
  const match = useMatch()
  const knob = ref<SweepParameterId>('visibilityM')
  const sweep = shallowRef<Sweep | null>(null)
  const share = ref(0)
  let turn = 0
  watch(
    () => [knob.value, match.answer],
    async () => {
      const mine = ++turn
      sweep.value = null
      share.value = 0
      if (!match.asked || !match.answer) return
      const told = (done: number) => {
        if (mine === turn) share.value = done
      }
      const found = await useMatchWorker().sweep('sweep', knob.value, FINE, plain(match.asked), proxy(told))
      if (mine === turn && found) sweep.value = markRaw(found)
    },
    { immediate: true },
  )
  return { knob, sweep, share }
}
