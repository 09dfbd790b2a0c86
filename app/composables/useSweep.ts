import type { SweepParameterId, Sweep } from '../../core/match'
import { useMatch } from '~/stores/match'
import { useSweeps } from '~/stores/sweeps'

/** One condition moved from end to end, for the picture; done anew when the water, the box or the condition changes. */
export function useSweep() {
  const match = useMatch()
  const sweeps = useSweeps()
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
      const found = await sweeps.along('sweep', knob.value, (done) => {
        if (mine === turn) share.value = done
      })
      if (mine === turn && found) sweep.value = found
    },
    { immediate: true },
  )
  return { knob, sweep, share }
}
