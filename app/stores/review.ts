import { defineStore } from 'pinia'
import type { FactorId, MeasureId, EffortRow } from '../../core/review'
import { useRecord } from './record'

/** What of the log is looked at, and by what. */
export const useReview = defineStore('review', () => {
  const record = useRecord()
  const measure = ref<MeasureId>('bites')
  const rowBy = ref<FactorId>('colour')
  const columnBy = ref<FactorId | null>(null)
  const placeId = ref<string | null>(null)
  const year = ref<string | null>(null)
  const years = computed(() => [...new Set(record.tried.map((t) => t.date.slice(0, 4)))].sort().reverse())
  const tried = computed<readonly EffortRow[]>(() =>
    record.tried.filter(
      (t) =>
        (placeId.value === null || t.placeId === placeId.value) &&
        (year.value === null || t.date.startsWith(year.value)),
    ),
  )
  return { measure, rowBy, columnBy, placeId, year, years, tried }
})
