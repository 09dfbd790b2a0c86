import { useIntervalFn } from '@vueuse/core'
import { momentNow } from '~/stores/moment'
import { usePractised } from './usePractised'

/** The clock, to the second, while a part of the page looks at it; on the practice lake its own. */
export function useNow(everyMs = 1000) {
  const practised = usePractised()
  if (practised) return practised.now
  const now = ref(momentNow())
  useIntervalFn(() => (now.value = momentNow()), everyMs)
  return now
}
