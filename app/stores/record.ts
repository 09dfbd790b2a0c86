import { defineStore } from 'pinia'
import { recordEntries, effortRows, type EffortRow } from '../../core/review'
import type { RecordEntry } from '../../core/match'
import { momentNow } from './moment'
import { useOutings } from './outings'
import { useSettings } from './settings'

/** All effort that is written down, and how the match hears it. Worked out anew when the log changes, not by the clock. */
export const useRecord = defineStore('record', () => {
  const outings = useOutings()
  const settings = useSettings()
  const ended = computed(() => outings.all.filter((o) => o.entries.some((e) => e.kind === 'end')))
  const tried = computed<readonly EffortRow[]>(() => effortRows(ended.value, momentNow()))
  const none: readonly RecordEntry[] = []
  /** What is not ended yet does not move the match under the angler's feet. */
  const key = computed(() => ended.value.map((o) => `${o.id} ${o.entries.length}`).join())
  const entries = shallowRef<readonly RecordEntry[]>(none)
  watch(
    [key, () => settings.ownRecord],
    () => (entries.value = settings.ownRecord ? recordEntries(tried.value) : none),
    { immediate: true },
  )
  return { tried, entries }
})
