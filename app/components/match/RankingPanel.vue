<script setup lang="ts">
import { rankingPanel as words, sayContribution } from '../../../words'
import { useMatchShown } from '~/composables/useMatchShown'
import { useBox } from '~/stores/box'
import { useCompare } from '~/stores/compare'

/** What to tie on: the lures of the box, best first, as far as they are ranked; rigs tied already; and what the water asks for. */
const box = useBox()
const match = useMatchShown()
const compare = useCompare()
/** On a small screen the first two stand above the picture; the others when asked for. */
const all = ref(false)
/** Several fish are as welcome; then one list for all of them may stand in place of that of the first. */
const several = computed(() => (match.asked?.c.alsoFor.length ?? 0) > 0)
const together = ref(false)
const shown = computed(() => match.rows.length > 0 && !(several.value && together.value))
const chosen = computed(() => match.chosen)
</script>

<template>
  <section class="panel ranking" :aria-label="words.ranking">
    <header>
      <h2>{{ words.whatToTieOn }}</h2>
      <p class="quiet">
        <template v-if="match.whole"
          >{{ words.luresCompared(box.box.lures.length) }} {{ words.inMs(Math.round(match.ms)) }}</template
        ><template v-else>{{ words.comparing(box.box.lures.length) }}</template> ·
        <NuxtLink to="/rules">{{ words.rulesAndOpenQuestions }}</NuxtLink>
      </p>
    </header>
    <p v-if="match.status === 'working'" class="note" role="status">{{ words.rankingYourBox }}</p>
    <p v-else-if="typeof match.status === 'object'" class="note" role="alert">
      {{ words.theMatchStoppedChange(match.status.problem) }}
    </p>
    <div v-if="match.progress && match.progress.of > 300" class="progress">
      <span
        class="bar"
        role="progressbar"
        :aria-valuenow="match.progress.done"
        aria-valuemin="0"
        :aria-valuemax="match.progress.of"
        :aria-label="words.luresCompared2"
        ><span :style="{ transform: `scaleX(${match.progress.done / match.progress.of})` }"
      /></span>
      <button type="button" @click="match.stop()">{{ words.stopHere }}</button>
    </div>
    <p v-else-if="match.stopped" class="note" role="status">{{ words.stoppedThese }}</p>
    <LazySeveralFish v-if="match.asked && several" v-model:together="together" :asked="match.asked" />
    <AnswerWord v-if="shown" />
    <ol v-if="shown" class="list" :class="{ short: !all }" :aria-busy="!match.whole">
      <li v-for="(row, i) in match.rows" :key="row.setUp.build.lure.id" class="ranked">
        <RankRow
          :row="row"
          :place="i + 1"
          :chosen="match.chosenRigId === null && row.setUp.build.lure.id === chosen?.setUp.build.lure.id"
          @choose="match.choose(row.setUp.build.lure.id)"
        />
        <BehindRow v-if="row.alike?.length" :row="row" />
        <label class="beside" :title="words.addToTheComparison(row.setUp.build.lure.name)">
          <input
            type="checkbox"
            :checked="compare.keys.has(row.key)"
            :disabled="compare.full && !compare.keys.has(row.key)"
            :aria-label="words.compare(row.setUp.build.lure.name)"
            @change="compare.toggle(row.setUp)"
          />
        </label>
      </li>
    </ol>
    <button v-if="shown && match.rows.length > 2" type="button" class="all" :aria-expanded="all" @click="all = !all">
      {{ all ? words.firstTwo : words.all(match.rows.length) }}
    </button>
    <div v-if="match.rows.length === 0 && match.status === 'ready'" class="note">
      <template v-if="box.box.lures.length === 0">
        <p>{{ words.yourBoxIsEmpty }}</p>
        <p class="next">
          <NuxtLink to="/box">{{ words.fillTheBox }}</NuxtLink>
        </p>
      </template>
      <LazyNoAnswer v-else />
    </div>
    <div class="further" :class="{ short: !all && match.rows.length > 2 }">
      <LazyLeftOut v-if="match.rows.length" />
      <LazyTiedRigs v-if="match.rigs.length" />
      <details v-if="match.answer?.asked.length" class="asked">
        <summary>{{ words.whatThisWaterAsks }}</summary>
        <ul>
          <li v-for="a in match.answer.asked" :key="a.ruleId">{{ sayContribution(a) }}</li>
        </ul>
      </details>
    </div>
  </section>
</template>

<style scoped>
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
.ranked {
  position: relative;
}
.beside {
  position: absolute;
  left: 6px;
  top: 49px;
  width: 28px;
  height: 26px;
  display: grid;
  place-items: center;
  cursor: pointer;
}
.beside input {
  width: 24px;
  height: 24px;
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
.all {
  display: none;
  width: 100%;
  min-height: 44px;
  font-weight: 650;
  text-decoration: underline;
  text-underline-offset: 3px;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
@media (max-width: 1080px) {
  .all {
    display: block;
  }
  .short .ranked:nth-child(n + 3),
  .further.short {
    display: none;
  }
}
.note {
  padding: var(--space-4) var(--space-16) var(--space-20);
}
.next {
  margin-top: var(--space-12);
  font-weight: 650;
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
</style>
