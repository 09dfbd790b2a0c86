<script setup lang="ts">
import { answerPanel as words, sayCaution, sayHandling, sayLift, sayRig } from '../../../words'
import { cautionsFor } from '../../../core/match'
import { useMatchShown } from '~/composables/useMatchShown'
import { useCompare } from '~/stores/compare'
import { useDoubts } from '~/stores/doubts'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

/** The set-up that is looked at: its rig and hand, why it stands where it does, how it is fished, and beside what. */
const match = useMatchShown()
const water = useWater()
const settings = useSettings()
const compare = useCompare()
const doubts = useDoubts()

const VIEWS = [
  { id: 'why', name: words.why },
  { id: 'how', name: words.howToFish },
  { id: 'ways', name: words.itsWays },
  { id: 'compare', name: words.sideBySide },
  { id: 'if', name: words.whatIf },
  { id: 'not', name: words.whyNot },
] as const
type View = (typeof VIEWS)[number]['id']
const view = ref<View>('why')
watch(view, (now) => (doubts.active = now === 'why'), { immediate: true })
onBeforeUnmount(() => (doubts.active = false))
const tabs = ref<HTMLElement | null>(null)
/** One stop for the Tab key; arrows go from part to part. */
async function along(by: number) {
  const next = VIEWS[(VIEWS.findIndex((v) => v.id === view.value) + by + VIEWS.length) % VIEWS.length]
  if (next) view.value = next.id
  await nextTick()
  tabs.value?.querySelector<HTMLElement>('[aria-selected=true]')?.focus()
}

const chosen = computed(() => match.chosen)
/** The first caution alone: the others stand with how to fish it. */
const caution = computed(() => {
  const { current, reading } = water
  return current && reading ? (cautionsFor(current, reading)[0] ?? null) : null
})
</script>

<template>
  <article v-if="chosen" class="panel answer" aria-live="polite">
    <header>
      <div class="title">
        <h2>{{ chosen.setUp.build.lure.name }}</h2>
        <p class="rigline">{{ sayRig(chosen.setUp) }}</p>
        <p class="hand">{{ sayHandling(chosen, settings.system) }}</p>
      </div>
      <p class="points">
        <b>{{ chosen.score.toFixed(1) }}</b><span :title="words.ofBestHere">{{ words.ofPoints }}</span>
      </p>
    </header>
    <div ref="tabs" class="tabs" role="tablist" :aria-label="words.aboutThisSetUp">
      <button
        v-for="v in VIEWS"
        :id="`tab-${v.id}`"
        :key="v.id"
        type="button"
        role="tab"
        :aria-selected="view === v.id"
        aria-controls="about"
        :tabindex="view === v.id ? 0 : -1"
        @click="view = v.id"
        @keydown.right.prevent="along(1)"
        @keydown.left.prevent="along(-1)"
      >
        {{ v.name
        }}<template v-if="v.id === 'compare' && compare.setUps.length"> ({{ compare.setUps.length }})</template>
      </button>
    </div>
    <div id="about" role="tabpanel" :aria-labelledby="`tab-${view}`" class="about">
      <template v-if="view === 'why'">
        <WhatFishes :by-duty="chosen.thrown.share.byDuty" />
        <SeenColours :lure="chosen.setUp.build.lure" />
        <p v-if="match.lift" class="lift">
          <b>{{ words.bestSingleChange }}</b> {{ sayLift(match.lift, settings.system) }}
        </p>
        <p v-if="caution" class="caution"><b>{{ words.careful }}</b> {{ sayCaution(caution) }}</p>
        <WhatHangs />
        <ReasonChain :row="chosen" />
      </template>
      <LazyHowToFish v-else-if="view === 'how'" :row="chosen" />
      <LazyBaitWays v-else-if="view === 'ways'" />
      <LazyCompareTable v-else-if="view === 'compare'" />
      <LazyWhatIf v-else-if="view === 'if'" />
      <LazyWhyNot v-else />
    </div>
  </article>
</template>

<style scoped>
.answer {
  padding: var(--space-16) var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-12);
}
.answer header {
  display: flex;
  gap: var(--space-20);
  justify-content: space-between;
}
.answer h2 {
  font-size: var(--text-6);
}
.rigline {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
  margin-top: var(--space-2);
}
.hand {
  margin-top: var(--space-8);
  font-size: var(--text-4);
  font-weight: 550;
}
.points {
  display: grid;
  justify-items: end;
  align-content: start;
  white-space: nowrap;
  font-size: var(--text-2);
}
.points b {
  font-family: var(--v-font-heading);
  font-size: var(--text-7);
  line-height: 1;
}
.lift {
  padding: var(--space-8) var(--space-12);
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-surface-variant));
}
.caution {
  padding: var(--space-8) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-warning));
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.tabs button {
  min-height: 44px;
  padding: 0 var(--space-12);
  font-weight: 650;
  border-radius: var(--radius-m) var(--radius-m) 0 0;
}
.tabs button:hover {
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
.tabs button[aria-selected='true'] {
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
}
.about {
  display: grid;
  gap: var(--space-12);
  min-width: 0;
}
@media (max-width: 600px) {
  .answer {
    padding: var(--space-12);
  }
}
</style>
