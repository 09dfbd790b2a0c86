import { accountOf, adviceNow, steadied, type Account, type Advice, type Outing } from '../../core/outing'
import { useBox } from '~/stores/box'
import { useNow } from './useNow'

/** The outing under way as it stands this second, and what to do next in it. */
export function useLiveOuting(outing: () => Outing) {
  const now = useNow()
  const box = useBox()
  /** The clock may have been set back meanwhile. */
  const steady = computed(() => steadied(outing(), now.value))
  const account = computed<Account>(() => accountOf(steady.value.outing, steady.value.now))
  /** Advice is worked out by the minute and after every entry, not by the second. */
  const minute = computed(() => `${now.value.slice(0, 16)} ${outing().entries.length}`)
  const advice = shallowRef<Advice | null>(null)
  watch(
    minute,
    () => (advice.value = adviceNow(steady.value.outing, account.value, steady.value.now, box.practice.sides)),
    {
      immediate: true,
    },
  )
  return { now, account, advice }
}
