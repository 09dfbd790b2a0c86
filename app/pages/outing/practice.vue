<script setup lang="ts">
import { answerWords, practiceDebrief, practicePage as words } from '../../../words'
import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { momentAt, type Debrief, type LessonId, type PracticeRun } from '../../../core/practice'
import { plain } from '~/composables/plain'
import { sayError } from '~/composables/say-error'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { PRACTISED } from '~/composables/usePractised'
import { usePracticeLake } from '~/stores/practice-lake'

/** A simulated lake on the very screen of an outing, in fast time; afterwards what it was worth. It never touches the log. */
useHead({ title: words.practiceYgrion })
const practice = usePracticeLake()
const problem = ref('')
onMounted(() => practice.open())

/** Nothing that is not there can be taken along, and what the lake showed is not taken back. */
const nothing = () => Promise.resolve()
provide(PRACTISED, {
  log: {
    log: practice.log,
    change: practice.change,
    takeAlong: () => Promise.resolve(null),
    removeEntry: nothing,
    undoLast: nothing,
  },
  now: computed(() => practice.now),
  lureOf: (id) => practice.run?.lures.find((l) => l.id === id),
})

/** A minute of fishing in so long, ms, while it runs. */
const MINUTE_MS = 500
const visible = useDocumentVisibility()
const { isActive, pause, resume } = useIntervalFn(() => practice.fishOn(1), MINUTE_MS, { immediate: false })
// Nobody sees it: then no time goes by.
watch(visible, (now) => now === 'hidden' && pause())
/** What showed itself in the minute before. */
const shown = computed(() => {
  const { run } = practice
  if (!run) return ''
  const last = momentAt(run, run.atMin - 1)
  return run.outing.entries
    .flatMap((e) => (e.kind === 'answer' && e.at === last ? [answerWords(e.answer).says] : []))
    .join(', ')
})
const halted = (does: () => void) => {
  pause()
  does()
}

const found = shallowRef<Debrief | null>(null)
const nothingFished = ref(false)
const debriefed = (run: PracticeRun) => useMatchWorker().debrief(plain(run))
watch(
  () => (practice.over ? practice.run : null),
  async (run) => {
    pause()
    found.value = null
    nothingFished.value = false
    if (!run) return
    try {
      const told = await debriefed(run)
      if (practice.run !== run) return
      found.value = told
      nothingFished.value = told === null
    } catch (error) {
      problem.value = words.notNow(sayError(error))
    }
  },
  { immediate: true },
)
const MOST_SEEDS = 999_999
/** The lake of the day: the same number for all, another each day. */
const seed = ref(1 + (Math.floor(Date.now() / 86_400_000) % MOST_SEEDS))
async function begin(lessonId: LessonId, number: number) {
  problem.value = ''
  seed.value = number
  try {
    await practice.begin(lessonId, number)
  } catch (error) {
    problem.value = words.notNow(sayError(error))
  }
}
const again = () => practice.run && begin(practice.run.lessonId, practice.run.seed)
function another() {
  seed.value = (practice.run?.seed ?? 0) + 1
  practice.leave()
}
</script>

<template>
  <div class="page practice">
    <p v-if="practice.state === 'opening'" role="status">{{ words.opening }}</p>
    <PracticeStart
      v-else-if="!practice.run"
      :key="seed"
      :seed="seed"
      :filling="practice.state === 'filling'"
      @begin="begin"
    />
    <template v-else-if="!practice.over">
      <p class="banner">
        <span>{{ words.banner(practice.run.seed) }}</span>
        <button type="button" @click="practice.leave()">{{ words.leave }}</button>
      </p>
      <LiveOuting :key="practice.run.outing.id" :outing="practice.run.outing">
        <template #next><PracticeNext :run="practice.run" :now="practice.now" /></template>
        <template #thumb="{ status }">
          <PracticeBar
            :status="shown || status"
            :running="isActive"
            :left-min="practice.leftMin"
            @run="isActive ? pause() : resume()"
            @five="halted(() => practice.fishOn(5))"
            @next="halted(practice.toNextAnswer)"
          />
        </template>
      </LiveOuting>
    </template>
    <template v-else>
      <PracticeDebrief v-if="found" :run="practice.run" :found="found" @again="again" @another="another" />
      <section v-else class="panel wait" :aria-label="practiceDebrief.howItWent">
        <p v-if="nothingFished" role="status">{{ practiceDebrief.nothingFished }}</p>
        <p v-else role="status">{{ practiceDebrief.workingOut }}</p>
        <button v-if="nothingFished" type="button" @click="another">{{ practiceDebrief.anotherLake }}</button>
      </section>
    </template>
    <p v-if="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.practice {
  display: grid;
  gap: var(--space-12);
  max-width: 1100px;
}
.banner {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-8) var(--space-16);
  max-width: 640px;
  width: 100%;
  margin: 0 auto;
  padding: 0 0 0 var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px dashed rgb(var(--v-theme-primary));
  background: rgba(var(--v-theme-primary), 0.08);
  font-weight: 650;
}
.banner button {
  min-height: 48px;
  padding: 0 var(--space-12);
  text-decoration: underline;
}
.wait {
  padding: var(--space-24);
  display: grid;
  gap: var(--space-12);
  justify-items: start;
}
.wait button {
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
</style>
