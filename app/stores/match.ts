import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { Improvement, MatchAnswer, MatchRow, Mend } from '../../core/match'
import { latestOnly } from '~/composables/latest'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import type { MatchRequest, MatchReply, MatchService } from '~/workers/match-service'
import { useBox } from './box'
import { useRecord } from './record'
import { useWater } from './water'

type Status = 'idle' | 'working' | 'ready' | { problem: string }

const SHOWN = 12
/** Between two rankings of a drag, ms, and as a share of what the last one took: two cores also have to draw. */
const BREATH = { least: 110, most: 600, share: 0.8 }
/** The lift is worked out once the water has stood still this long, ms. */
const SETTLED_MS = 200

/** Asks the worker whenever water, box or judgement change, and keeps its newest answer. */
export const useMatch = defineStore('match', () => {
  const status = ref<Status>('idle')
  const answer = shallowRef<MatchAnswer | null>(null)
  /** First rows of an answer that is still being worked out. */
  const early = shallowRef<readonly MatchRow[] | null>(null)
  const progress = ref<{ done: number; of: number } | null>(null)
  const ms = ref(0)
  const stopped = ref(false)
  /** The question that the answer is to. */
  const answered = ref('')
  const chosenLureId = ref<string | null>(null)
  const chosenRigId = ref<string | null>(null)

  /** Sizes and colours that were opened behind a row, by its lure. */
  const opened = shallowRef<ReadonlyMap<string, readonly MatchRow[]>>(new Map())

  /** All ways of the lure that is looked at, and the one of them that was chosen. */
  const ways = shallowRef<Awaited<ReturnType<MatchService['ways']>>>(null)
  const chosenWayKey = ref<string | null>(null)

  const box = useBox()
  const water = useWater()
  const record = useRecord()

  /** A store that is done with asks no more: its question would take the place of the one that is looked at. */
  let done = false
  onScopeDispose(() => (done = true))
  const ask = latestOnly(
    async (asked: MatchRequest): Promise<MatchReply> => {
      if (done) return null
      stopped.value = false
      const onProgress = (done: number, of: number, rows: readonly MatchRow[] | null) => {
        progress.value = { done, of }
        if (rows) early.value = markRaw(rows)
      }
      return useMatchWorker().match(asked, SHOWN, proxy(onProgress))
    },
    (out, question) => {
      progress.value = null
      early.value = null
      if (out === null) return
      if (!out.ok) {
        status.value = { problem: out.problem }
        return
      }
      answer.value = markRaw(out.answer)
      answered.value = JSON.stringify(question)
      ways.value = null
      void reopen()
      ms.value = out.ms
      status.value = 'ready'
    },
    (tookMs) =>
      new Promise((resolve) =>
        setTimeout(resolve, Math.min(BREATH.most, Math.max(BREATH.least, BREATH.share * tookMs))),
      ),
  )

  /** The question that the page stands at. */
  const asked = computed<MatchRequest | null>(() => {
    const { current: c, place } = water
    return c && place ? { c, place, practice: box.practice } : null
  })

  /** Whether the answer is the whole answer to the question that the page stands at: only then may it be acted on. */
  const whole = computed(
    () =>
      status.value === 'ready' &&
      !stopped.value &&
      early.value === null &&
      progress.value === null &&
      answered.value === JSON.stringify(asked.value),
  )

  /** How many parts of the page look at the answer; without any there is none to work out. */
  const shown = ref(0)

  function refresh() {
    if (done || !asked.value || shown.value === 0) return
    if (status.value === 'idle') status.value = 'working'
    // Box or log may have changed under the same water: what stands there is no longer the answer.
    answered.value = ''
    // A long ranking that has shown its first rows makes room for the newer question.
    if (early.value) void useMatchWorker().stop()
    ask(plain(asked.value))
  }

  /** Ends a long ranking where it stands; the rows so far stay. */
  function stop() {
    stopped.value = true
    if (early.value && answer.value) answer.value = markRaw({ ...answer.value, rows: early.value })
    void useMatchWorker().stop()
  }

  /** Box and log as the worker has them. They are long and seldom change: they go over once, not with every question, and only when one is asked. */
  let sentBox: unknown = null
  let sentRecord: unknown = null
  async function sendInputs(): Promise<void> {
    const work: Promise<void>[] = []
    if (sentRecord !== record.entries) work.push(useMatchWorker().setRecord(plain((sentRecord = record.entries))))
    if (sentBox !== box.box) work.push(useMatchWorker().setBox(plain((sentBox = box.box))))
    await Promise.all(work)
  }

  function start() {
    // Each for itself: a further part of the page that looks on is no new question.
    watch(
      [() => shown.value > 0, () => record.entries, () => box.box],
      async ([looked]) => {
        if (!looked) return
        await sendInputs()
        refresh()
      },
      { immediate: true },
    )
    watch(() => JSON.stringify(asked.value), refresh)
  }

  const lureOf = (row: MatchRow) => row.setUp.build.lure.id
  async function openBehind(row: MatchRow) {
    if (!asked.value) return
    const found = await useMatchWorker().behind(...plain([{ alike: row.alike }, asked.value] as const))
    opened.value = new Map([...opened.value, [lureOf(row), markRaw(found)]])
  }
  /** Opens what stands behind a row, or closes it. */
  async function toggleBehind(row: MatchRow) {
    if (!opened.value.has(lureOf(row))) return openBehind(row)
    opened.value = new Map([...opened.value].filter(([id]) => id !== lureOf(row)))
  }
  /** A new answer has new scores for what is open, too. */
  async function reopen() {
    const open = (answer.value?.rows ?? []).filter((row) => opened.value.has(lureOf(row)))
    opened.value = new Map()
    for (const row of open) await openBehind(row)
  }

  const rows = computed(() => early.value ?? answer.value?.rows ?? [])
  /** What was opened or chosen beside the rows: sizes, colours, and another way of one of them. */
  const beside = computed(() => {
    const way = ways.value?.ways.find((r) => r.key === chosenWayKey.value)
    const all = [...[...opened.value.values()].flat(), ...(way ? [way] : [])]
    return all.filter((r) => rows.value.every((row) => row.key !== r.key))
  })
  /** The set-up looked at: the one chosen while it is still ranked, else the first. */
  const rigs = computed(() => answer.value?.rigs ?? [])
  const chosen = computed<MatchRow | undefined>(
    () =>
      rigs.value.find((r) => r.rig.id === chosenRigId.value)?.row ??
      ways.value?.ways.find((r) => r.key === chosenWayKey.value) ??
      [...rows.value, ...beside.value].find((r) => r.setUp.build.lure.id === chosenLureId.value) ??
      // While a new answer is being worked out, its first rows may lack the one that is looked at.
      answer.value?.rows.find((r) => early.value && r.setUp.build.lure.id === chosenLureId.value) ??
      rows.value[0],
  )
  const lift = shallowRef<Improvement | null>(null)
  let settling: ReturnType<typeof setTimeout> | undefined
  watch(
    () => [chosen.value?.key, answer.value],
    () => {
      lift.value = null
      clearTimeout(settling)
      settling = setTimeout(async () => {
        const row = chosen.value
        if (!row || !asked.value) return
        const found = await useMatchWorker().lift(...plain([row.setUp, asked.value] as const))
        if (chosen.value?.key === row.key) lift.value = found
      }, SETTLED_MS)
    },
  )
  /** Works out all ways of the lure that is looked at. */
  async function findWays() {
    const id = chosen.value && lureOf(chosen.value)
    if (id === undefined || !asked.value) return
    const found = await useMatchWorker().ways(id, plain(asked.value))
    if (chosen.value && lureOf(chosen.value) === id) ways.value = found && markRaw(found)
  }
  function chooseWay(row: MatchRow) {
    chosenRigId.value = null
    chosenLureId.value = lureOf(row)
    chosenWayKey.value = row.key
  }
  /** What would mend a poor answer most; worked out once the water has stood still. */
  const mend = shallowRef<Mend | null>(null)
  let mending: ReturnType<typeof setTimeout> | undefined
  watch(answer, (now) => {
    mend.value = null
    clearTimeout(mending)
    const first = now?.poor ? now.rows[0] : undefined
    if (!first) return
    mending = setTimeout(async () => {
      if (!asked.value) return
      const found = await useMatchWorker().mend(...plain([first.setUp, asked.value] as const))
      if (answer.value === now) mend.value = found
    }, SETTLED_MS)
  })
  function choose(lureId: string) {
    chosenRigId.value = null
    chosenWayKey.value = null
    chosenLureId.value = lureId
  }
  function chooseRig(rigId: string) {
    chosenWayKey.value = null
    chosenRigId.value = rigId
  }
  return {
    shown,
    status,
    answer,
    progress,
    stopped,
    ms,
    asked,
    rows,
    whole,
    opened,
    beside,
    toggleBehind,
    ways,
    findWays,
    chooseWay,
    rigs,
    chosen,
    chosenRigId,
    lift,
    mend,
    choose,
    chooseRig,
    stop,
    start,
    sendInputs,
  }
})
