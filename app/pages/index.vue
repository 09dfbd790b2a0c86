<script setup lang="ts">
import { useBox } from '~/stores/box'
import { useMatchShown } from '~/composables/useMatchShown'
import { useCompare } from '~/stores/compare'
import { useDoubts } from '~/stores/doubts'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { sayContribution, sayHandling, sayLift, sayRefusal, sayRig } from '../../words'

useHead({ title: 'Match · Ygrion' })
const box = useBox()
const match = useMatchShown()
const water = useWater()
const settings = useSettings()

const compare = useCompare()
const doubts = useDoubts()

const VIEWS = [
  { id: 'why', name: 'Why' },
  { id: 'how', name: 'How to fish it' },
  { id: 'compare', name: 'Side by side' },
  { id: 'if', name: 'What if' },
  { id: 'not', name: 'Why not …' },
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
const biteWarning = computed(() => water.current?.speciesId === 'pike')
const nightWarning = computed(() => water.reading?.light === 'night')
</script>

<template>
  <div class="page">
    <WaterStrip />
    <div class="match">
      <section class="left" aria-label="The set-up in the water">
        <div class="panel picture">
          <PlaceColumn with-others />
        </div>

        <article v-if="chosen" class="panel answer" aria-live="polite">
          <header>
            <div class="title">
              <h2>{{ chosen.setUp.build.lure.name }}</h2>
              <p class="rigline">{{ sayRig(chosen.setUp) }}</p>
              <p class="hand">{{ sayHandling(chosen, settings.system) }}</p>
            </div>
            <p class="points">
              <b>{{ chosen.score.toFixed(1) }}</b><span>of 100 points</span>
            </p>
          </header>
          <div ref="tabs" class="tabs" role="tablist" aria-label="About this set-up">
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
              <SeenColours :lure="chosen.setUp.build.lure" />
              <p v-if="match.lift" class="lift">
                <b>Best single change:</b> {{ sayLift(match.lift, settings.system) }}
              </p>
              <p v-if="biteWarning" class="caution">
                <b>Careful:</b> pike teeth cut thin line; keep pliers and a cutter at hand. Local rules come first.
              </p>
              <p v-else-if="nightWarning" class="caution">
                <b>Careful:</b> hooks by night: eye protection, a lamp, and no wading in water you do not know.
              </p>
              <WhatHangs />
              <div class="sides">
                <section>
                  <h3>Won</h3>
                  <ReasonList :row="chosen" side="won" />
                </section>
                <section>
                  <h3>Lost</h3>
                  <ReasonList :row="chosen" side="lost" />
                </section>
              </div>
            </template>
            <HowToFish v-else-if="view === 'how'" :row="chosen" />
            <CompareTable v-else-if="view === 'compare'" />
            <WhatIf v-else-if="view === 'if'" />
            <WhyNot v-else />
          </div>
        </article>
      </section>

      <section class="panel ranking" aria-label="Ranking">
        <header>
          <h2>What to tie on</h2>
          <p class="quiet">
            {{ box.box.lures.length }} lures compared<template v-if="match.ms">
              in {{ Math.round(match.ms) }} ms</template
            >
            · <NuxtLink to="/rules">rules and open questions</NuxtLink>
          </p>
        </header>
        <p v-if="match.status === 'working'" class="note" role="status">Ranking your box …</p>
        <p v-else-if="typeof match.status === 'object'" class="note" role="alert">
          The match stopped: {{ match.status.problem }}. Change the water or reload the page.
        </p>
        <div v-if="match.progress && match.progress.of > 300" class="progress">
          <span
            class="bar"
            role="progressbar"
            :aria-valuenow="match.progress.done"
            aria-valuemin="0"
            :aria-valuemax="match.progress.of"
            aria-label="Lures weighed"
            ><span :style="{ transform: `scaleX(${match.progress.done / match.progress.of})` }"
          /></span>
          <button type="button" @click="match.stop()">Stop here</button>
        </div>
        <p v-else-if="match.stopped" class="note" role="status">Stopped: these are the best of those weighed so far.</p>
        <ol v-if="match.rows.length" class="list">
          <li v-for="(row, i) in match.rows" :key="row.setUp.build.lure.id" class="ranked">
            <RankRow
              :row="row"
              :place="i + 1"
              :chosen="match.chosenRigId === null && row.key === chosen?.key"
              @choose="match.choose(row.setUp.build.lure.id)"
            />
            <label class="beside" :title="`Lay ${row.setUp.build.lure.name} beside others`">
              <input
                type="checkbox"
                :checked="compare.keys.has(row.key)"
                :disabled="compare.full && !compare.keys.has(row.key)"
                :aria-label="`Compare ${row.setUp.build.lure.name}`"
                @change="compare.toggle(row.setUp)"
              />
            </label>
          </li>
        </ol>
        <div v-else-if="match.status === 'ready'" class="note">
          <template v-if="box.box.lures.length === 0">
            <p>Your box is empty. Add your lures, rods and lines, and the match answers here.</p>
            <p class="next"><NuxtLink to="/box">Fill the box</NuxtLink></p>
          </template>
          <p v-else>
            Nothing in this box can be fished here: no rod and line carry a lure through this water within their limits.
            Add a stronger line or leader, or choose another species.
          </p>
        </div>
        <section v-if="match.rigs.length" class="tied" aria-label="Tied already">
          <h3>Tied already</h3>
          <ul>
            <li v-for="{ rig, row, why } in match.rigs" :key="rig.id">
              <button
                v-if="row"
                type="button"
                :aria-pressed="match.chosenRigId === rig.id"
                @click="match.chooseRig(rig.id)"
              >
                <b>{{ Math.round(row.score) }}</b>
                <span
                  ><span class="rig-name">{{ rig.name }}</span
                  ><small>{{ row.setUp.build.lure.name }} · {{ row.setUp.handling.retrieve.name }}</small></span
                >
              </button>
              <p v-else class="not">
                <b>–</b>
                <span
                  ><span class="rig-name">{{ rig.name }}</span
                  ><small>Not here: {{ why && sayRefusal(why) }}.</small></span
                >
              </p>
            </li>
          </ul>
        </section>
        <details v-if="match.answer?.asked.length" class="asked">
          <summary>What this water asks for</summary>
          <ul>
            <li v-for="a in match.answer.asked" :key="a.ruleId">{{ sayContribution(a) }}</li>
          </ul>
        </details>
      </section>
    </div>
  </div>
</template>

<style scoped>
.match {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 440px;
  gap: var(--space-16);
  align-items: start;
}
.left {
  display: grid;
  gap: var(--space-16);
  min-width: 0;
}
.picture {
  overflow: hidden;
}
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
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-24);
}
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
.ranking header {
  display: grid;
  gap: var(--space-2);
  padding: var(--space-16) var(--space-16) var(--space-8);
}
.ranking header p {
  font-size: var(--text-2);
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
.list li + li {
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.6));
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
.ranked {
  position: relative;
}
.beside {
  position: absolute;
  left: 6px;
  bottom: 2px;
  width: 32px;
  height: 32px;
  display: grid;
  place-items: center;
  cursor: pointer;
}
.beside input {
  width: 16px;
  height: 16px;
  accent-color: rgb(var(--v-theme-secondary));
}
.progress {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-12);
  align-items: center;
  padding: 0 var(--space-16) var(--space-8);
}
.progress .bar {
  height: 6px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), var(--v-border-opacity));
  overflow: hidden;
}
.progress .bar span {
  display: block;
  height: 100%;
  transform-origin: left;
  background: rgb(var(--v-theme-primary));
}
.progress button {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 32px;
}
.note {
  padding: var(--space-4) var(--space-16) var(--space-20);
}
.next {
  margin-top: var(--space-12);
  font-weight: 650;
}
.tied {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  padding: var(--space-12) 0 var(--space-8);
}
.tied h3 {
  padding: 0 var(--space-16);
  margin-bottom: var(--space-4);
}
.tied ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.tied button,
.tied .not {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  align-items: center;
  gap: var(--space-8);
  width: 100%;
  min-height: 48px;
  padding: var(--space-4) var(--space-16);
  text-align: left;
  border-left: 4px solid transparent;
}
.tied button:hover,
.tied button[aria-pressed='true'] {
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
.tied button[aria-pressed='true'] {
  border-left-color: rgb(var(--v-theme-secondary));
}
.tied b {
  font-family: var(--v-font-heading);
  text-align: right;
}
.rig-name {
  display: block;
  font-weight: 650;
}
.tied small {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.asked {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  padding: var(--space-12) var(--space-16) var(--space-16);
}
.asked summary {
  font-weight: 650;
  cursor: pointer;
  min-height: 28px;
}
.asked ul {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
  font-size: var(--text-3);
}
@media (max-width: 1080px) {
  .match {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 600px) {
  .sides {
    grid-template-columns: 1fr;
  }
  .answer {
    padding: var(--space-12);
  }
}
</style>
