import { useIntervalFn } from '@vueuse/core'
import { momentNow } from '~/stores/moment'

/** The clock, to the second, while a part of the page looks at it. */
export function useNow(everyMs = 1000) {
  const now = ref(momentNow())
  useIntervalFn(() => (now.value = momentNow()), everyMs)
  return now
}
