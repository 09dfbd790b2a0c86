import { defineStore } from 'pinia'
import { PracticeRun, fishMinute, lakeSoFar, minutesOf, momentAt, type LessonId } from '../../core/practice'
import { isOver, type Entry, type NewEntry, type Outing } from '../../core/outing'
import { changedLog, type LogChange } from '../../storage/log'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { repository } from './repository'
import { newId } from '../../core/new-id'

/** Under this name a day of practice lies in the browser: beside the log, and in no archive. */
const KEY = 'practice-run'
/** The next answer is waited for so long at most, min. */
const LONGEST_WAIT_MIN = 15

/** The day on the practice lake that is under way, or was fished last. */
export const usePracticeLake = defineStore('practice-lake', () => {
  const run = shallowRef<PracticeRun | null>(null)
  const state = ref<'opening' | 'filling' | 'ready'>('opening')
  let lake: ReturnType<typeof lakeSoFar> | null = null
  const now = computed(() => (run.value ? momentAt(run.value, run.value.atMin) : ''))
  const leftMin = computed(() => (run.value ? minutesOf(run.value) - run.value.atMin : 0))
  const over = computed(() => run.value !== null && (leftMin.value <= 0 || isOver(run.value.outing)))

  const keep = () => repository.setSetting(KEY, plain(run.value))
  function put(next: PracticeRun) {
    run.value = next
    void keep()
  }
  async function open() {
    const kept = PracticeRun.safeParse(await repository.setting(KEY))
    run.value = kept.success ? kept.data : null
    lake = run.value && lakeSoFar(run.value)
    state.value = 'ready'
  }
  async function begin(lessonId: LessonId, seed: number) {
    state.value = 'filling'
    try {
      const next = await useMatchWorker().practise(lessonId, seed)
      lake = lakeSoFar(next)
      put(next)
    } finally {
      state.value = 'ready'
    }
  }
  function leave() {
    run.value = null
    void keep()
  }
  /** Fishes on for some minutes; with `untilShown` only until something shows itself. */
  function fishOn(minutes: number, untilShown = false) {
    let at = run.value
    if (!at || !lake) return
    for (let i = 0; i < minutes && at.atMin < minutesOf(at) && !isOver(at.outing); i++) {
      const done = fishMinute(at, lake)
      at = done.run
      if (untilShown && done.shown.length > 0) break
    }
    put(at)
  }
  const toNextAnswer = () => fishOn(LONGEST_WAIT_MIN, true)

  /** The log of the day, as a real outing’s is changed. */
  async function change(changed: LogChange) {
    if (!run.value || over.value) return
    put({ ...run.value, outing: changedLog(run.value.outing, changed).after })
    await keep()
  }
  async function log(outing: Outing, entry: NewEntry): Promise<Entry> {
    const stored = { id: newId(), at: now.value, ...entry } as Entry
    await change({ outingId: outing.id, add: [stored] })
    return stored
  }
  return { run, state, now, leftMin, over, open, begin, leave, fishOn, toNextAnswer, change, log }
})
