<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { putInZone as words, capital, percent, sayAdjustment } from '../../../words'
import { adjustmentsFor, type Adjustment } from '../../../core/bench'
import { cheapestChange } from '../../../core/motion'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import type { BenchLure } from '~/composables/useBenchLure'

/** The inverse: which single change puts more of the cast where the fish are, cheapest first. Worked out once the hand rests. */
const props = defineProps<{ bench: BenchLure }>()
const box = useBox()
const water = useWater()
const settings = useSettings()
const found = shallowRef<ReturnType<typeof cheapestChange<Adjustment>> | null>(null)
const RESTS_MS = 180

function work() {
  const { plan, zone, lure, known, build, builds, lines, speeds, carrying } = props.bench
  const c = water.current
  if (!plan.value || !zone.value || !lure.value || !known.value || !build.value || !c) return (found.value = null)
  if (plan.value.surface || plan.value.delivery === 'vertical') return (found.value = null)
  found.value = cheapestChange({
    plan: plan.value,
    zone: zone.value,
    coverTopM: c.cover.kind === 'open' ? null : c.cover.topM,
    options: adjustmentsFor({
      plan: plan.value,
      zoneMidM: (zone.value.topM + zone.value.bottomM) / 2,
      lure: lure.value,
      known: known.value,
      build: build.value,
      builds: builds.value,
      lines: lines.value,
      speeds: speeds.value,
      box: box.box,
      water: carrying.value,
    }),
  })
}
watchDebounced(() => [props.bench.plan.value, props.bench.zone.value], work, { debounce: RESTS_MS, immediate: true })
const shown = computed(() => found.value?.best.filter((b) => b.share > (found.value?.now ?? 0) + 0.005) ?? [])
</script>

<template>
  <section v-if="found" class="put" :aria-label="words.put">
    <h3>{{ words.put }}</h3>
    <p v-if="found.cheapest" class="best" role="status">
      <b>{{ capital(sayAdjustment(found.cheapest.does, settings.system)) }}:</b>
      {{ words.ofTheCast(percent(found.cheapest.share), percent(found.now)) }}
    </p>
    <p v-else class="best" role="status">
      {{ found.now > 0.5 ? words.itIsThereAlready(percent(found.now)) : words.noSingleChangeAt(percent(found.now)) }}
    </p>
    <ol v-if="shown.length">
      <li v-for="b in shown" :key="b.kind" :class="{ cheapest: b === found.cheapest }">
        <span class="kind">{{ words.kinds[b.kind] }}</span>
        <span class="name">{{ capital(sayAdjustment(b.does, settings.system)) }}</span>
        <span class="bar" aria-hidden="true"
          ><i :style="{ width: `${b.share * 100}%` }" /><em :style="{ left: `${found.now * 100}%` }"
        /></span>
        <span class="share">{{ percent(b.share) }}</span>
      </li>
    </ol>
    <p class="quiet small">{{ words.fromWhatCostsNothing }}</p>
  </section>
</template>

<style scoped>
.put {
  display: grid;
  gap: var(--space-8);
}
.best {
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-secondary));
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr) 84px 52px;
  gap: var(--space-8);
  align-items: center;
  padding: var(--space-4) 0;
}
.cheapest .name {
  font-weight: 700;
}
.kind {
  font-size: var(--text-2);
}
.bar {
  position: relative;
  height: 8px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), 0.16);
}
.bar i {
  position: absolute;
  inset: 0 auto 0 0;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
.bar em {
  position: absolute;
  top: -3px;
  bottom: -3px;
  width: 2px;
  background: rgb(var(--v-theme-secondary));
}
.share {
  text-align: right;
}
.small {
  font-size: var(--text-2);
}
</style>
