import { momentNow } from '~/stores/moment'

/** The clock, to the second, while a part of the page looks at it. */
export function useNow(everyMs = 1000) {
  const now = ref(momentNow())
  let timer: ReturnType<typeof setInterval> | undefined
  onMounted(() => (timer = setInterval(() => (now.value = momentNow()), everyMs)))
  onBeforeUnmount(() => clearInterval(timer))
  return now
}
