import { sayFault, seriesWords as texts } from '../../words'
import {
  newSeries,
  profileFromTests,
  testsOf,
  weighedBy,
  withReading,
  withoutReading,
  type BenchTest,
  type TestKind,
} from '../../core/bench'
import { put, removal } from '../../storage/edits'
import { howTo, lastOf, startOf } from '~/components/bench/test-form'
import { createQueue } from '~/composables/queue'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useWater } from '~/stores/water'
import { newId } from '../../core/new-id'

type Fields = Record<string, unknown>

/** One test being run on one lure: what is held fixed, the reading under the hand, the series it goes into. Each reading is stored when it is taken. */
export function useSeries(lureId: Ref<string>, kind: Ref<TestKind>) {
  const box = useBox()
  const water = useWater()
  const how = computed(() => howTo(kind.value))
  const lure = computed(() => box.lureById.get(lureId.value) ?? null)
  const known = computed(() => lure.value && profileFromTests(lure.value, box.box.tests))

  /** The series under the hand; null until its first reading. */
  const seriesId = ref<string | null>(null)
  const series = computed(() => box.box.tests.find((t) => t.id === seriesId.value) ?? null)
  const earlier = computed(() =>
    lure.value ? testsOf(box.box.tests, lure.value.id, kind.value).filter((t) => t.id !== seriesId.value) : [],
  )
  const fixed = ref<Fields>({})
  const reading = ref<Fields>({})
  const tempC = ref(15)
  const salinity = ref(0)
  const problem = ref('')
  watch(
    // A plain word, which stands still while the box around it changes.
    () => `${kind.value}|${lure.value?.id}`,
    () => {
      fixed.value = startOf(how.value.settings, lastOf(box.box.tests, kind.value))
      reading.value = startOf(how.value.readings)
      seriesId.value = null
      problem.value = ''
    },
    { immediate: true },
  )
  watch(
    () => water.current?.placeId,
    () => {
      tempC.value = water.current?.waterTempC ?? 15
      salinity.value = water.place?.salinity ?? 0
    },
    { immediate: true },
  )

  /** Readings are taken one after another, however fast they come: each begins where the one before it ended. */
  const enqueue = createQueue()
  function takeReading() {
    const given = { ...reading.value }
    void enqueue(() => keep(given))
  }
  /** Whether what is held fixed is still what the series was begun with. */
  function sameHeld(test: BenchTest): boolean {
    const held = test as Fields
    return (
      test.tempC === tempC.value &&
      test.salinity === salinity.value &&
      how.value.settings.every((f) => held[f.key] === fixed.value[f.key])
    )
  }
  const words = (field: string) =>
    [...how.value.settings, ...how.value.readings].find((f) => f.key === field)?.label ?? field

  async function keep(given: Fields) {
    if (!lure.value) return
    const found =
      series.value && sameHeld(series.value)
        ? withReading(series.value, given)
        : newSeries({
            id: newId(),
            lure: lure.value,
            kind: kind.value,
            called: how.value.name.toLowerCase(),
            date: today(),
            tempC: tempC.value,
            salinity: salinity.value,
            settings: fixed.value,
            reading: given,
          })
    if (!found.ok) {
      problem.value = found.problems.map((p) => `${words(p.field)} ${sayFault(p.fault)}.`).join(' ')
      return
    }
    problem.value = ''
    const { test } = found
    seriesId.value = test.id
    await box.edit(texts.reading(test.readings.length, test.name), [
      put('tests', test),
      ...(kind.value === 'weigh' ? [put('lures', weighedBy(lure.value, test))] : []),
    ])
    // The live query brings it back a moment later; the next reading must find it.
    await untilStored(test)
  }
  function untilStored(test: BenchTest): Promise<void> {
    const there = () => (box.box.tests.find((t) => t.id === test.id)?.readings.length ?? 0) >= test.readings.length
    return new Promise((resolve) => {
      if (there()) return resolve()
      const stop = watch(
        () => box.box.tests,
        () => {
          if (!there()) return
          stop()
          resolve()
        },
      )
    })
  }
  async function takeOut(test: BenchTest, at: number) {
    const left = withoutReading(test, at)
    await box.edit(texts.tookOutAReading(test.name), [left ? put('tests', left) : removal('tests', test.id)])
  }
  function another() {
    seriesId.value = null
    reading.value = startOf(how.value.readings)
  }
  function goOn(test: BenchTest) {
    seriesId.value = test.id
    fixed.value = startOf(how.value.settings, test as Fields)
    tempC.value = test.tempC
    salinity.value = test.salinity
  }
  return {
    kind,
    how,
    lure,
    known,
    series,
    earlier,
    fixed,
    reading,
    tempC,
    salinity,
    problem,
    takeReading,
    takeOut,
    another,
    goOn,
  }
}
export type Series = ReturnType<typeof useSeries>
