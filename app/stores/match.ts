import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { Lift, MatchAnswer, MatchRow, SchoolChoice } from '../../core/match'
import type { Conditions, Place } from '../../core/water'
import { latestOnly } from '~/composables/latest'
import { useMatchWorker } from '~/composables/useMatchWorker'
import type { MatchReply } from '~/workers/match.worker'
import { useBox } from './box'
import { useSettings } from './settings'
import { useWater } from './water'

type Status = 'idle' | 'working' | 'ready' | { problem: string }

const SHOWN = 12
/** Between two rankings of a drag, ms: two cores also have to draw. */
const BREATH_MS = 110
/** The lift is worked out once the water has stood still this long, ms. */
const SETTLED_MS = 200

interface Request {
  c: Conditions
  place: Place
  schools: SchoolChoice
}

/** Asks the worker whenever water, box or schools change, and keeps its newest answer. */
export const useMatch = defineStore('match', () => {
  const status = ref<Status>('idle')
  const answer = shallowRef<MatchAnswer | null>(null)
  const ms = ref(0)
  const chosenLureId = ref<string | null>(null)
  const chosenRigId = ref<string | null>(null)

  const box = useBox()
  const water = useWater()
  const settings = useSettings()

  const ask = latestOnly(
    async ({ c, place, schools }: Request): Promise<MatchReply> =>
      useMatchWorker().match(c, place, { schools, limit: SHOWN, lifts: 0 }),
    (out) => {
      if (!out.ok) {
        status.value = { problem: out.problem }
        return
      }
      answer.value = markRaw(out.answer)
      ms.value = out.ms
      status.value = 'ready'
    },
    () => new Promise((resolve) => setTimeout(resolve, BREATH_MS)),
  )

  function refresh() {
    const c = water.current
    const place = water.place
    if (!c || !place) return
    if (status.value === 'idle') status.value = 'working'
    ask(plain({ c, place, schools: settings.schools }))
  }

  function start() {
    watch(
      () => box.box,
      async (now) => {
        await useMatchWorker().setBox(plain(now))
        refresh()
      },
      { immediate: true },
    )
    watch(() => [water.current, water.place, settings.schools], refresh, { deep: true })
  }

  const rows = computed(() => answer.value?.rows ?? [])
  /** The set-up looked at: the one chosen while it is still ranked, else the first. */
  const rigs = computed(() => answer.value?.rigs ?? [])
  const chosen = computed<MatchRow | undefined>(
    () =>
      rigs.value.find((r) => r.rig.id === chosenRigId.value)?.row ??
      rows.value.find((r) => r.setUp.build.lure.id === chosenLureId.value) ??
      rows.value[0],
  )
  const lift = shallowRef<Lift | null>(null)
  let settling: ReturnType<typeof setTimeout> | undefined
  watch(
    () => [chosen.value?.key, answer.value],
    () => {
      lift.value = null
      clearTimeout(settling)
      settling = setTimeout(async () => {
        const row = chosen.value
        const { current: c, place } = water
        if (!row || !c || !place) return
        const found = await useMatchWorker().lift(...plain([row.setUp, c, place, settings.schools] as const))
        if (chosen.value?.key === row.key) lift.value = found
      }, SETTLED_MS)
    },
  )
  function choose(lureId: string) {
    chosenRigId.value = null
    chosenLureId.value = lureId
  }
  function chooseRig(rigId: string) {
    chosenRigId.value = rigId
  }
  return { status, answer, ms, rows, rigs, chosen, chosenRigId, lift, choose, chooseRig, start }
})

/** Without Vue's proxies, which cannot be sent to a worker. */
function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}
