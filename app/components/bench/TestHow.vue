<script setup lang="ts">
import { testHow as words } from '../../../words'
import { useMeasure } from '~/composables/useMeasure'
import type { Series } from '~/composables/useSeries'
import { useBox } from '~/stores/box'
import { asRecords, sayReading } from './say'

/** How the test is done: what it needs, its steps, what to mind; and the series of earlier days. */
const props = defineProps<{ run: Series }>()
const box = useBox()
const { show } = useMeasure()
const { how, earlier, goOn } = props.run
</script>

<template>
  <section class="panel how" :aria-label="words.howItIsDone">
    <h2>{{ words.howItIsDone }}</h2>
    <h3>{{ words.youNeed }}</h3>
    <ul>
      <li v-for="n in how.needs" :key="n">{{ n }}</li>
    </ul>
    <h3>{{ words.then }}</h3>
    <ol>
      <li v-for="s in how.steps" :key="s">{{ s }}</li>
    </ol>
    <div v-for="m in how.minds" :key="m" class="caution"><b>{{ words.careful }}</b> {{ m }}</div>
    <template v-if="earlier.length">
      <h3>{{ words.earlierSeries }}</h3>
      <ul class="earlier">
        <li v-for="t in earlier" :key="t.id">
          <b>{{ t.date }}</b>
          <span v-for="(r, i) in asRecords(t)" :key="i">{{ sayReading(r, how, show) }}</span>
          <button type="button" class="link" @click="goOn(t)">{{ words.goOn }}</button>
          <button type="button" class="link" @click="box.remove('tests', [t])">{{ words.discard }}</button>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-16) var(--space-16);
  display: grid;
  gap: var(--space-12);
}
ul,
ol {
  margin: 0;
  padding-left: var(--space-20);
  font-size: var(--text-3);
}
h3 {
  font-size: var(--text-3);
}
ul.earlier {
  list-style: none;
  padding: 0;
}
.earlier li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-8);
  padding: var(--space-4) 0;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: var(--text-2);
  min-height: 28px;
}
</style>
