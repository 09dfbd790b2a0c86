<script setup lang="ts">
import { testFound as words, seriesTitle, testWords } from '../../../words'
import { findingOf, motionFromProfile, sampleOf, seriesPoints } from '../../../core/bench'
import { METAL_KG_M3, weightInWaterN } from '../../../core/motion'
import { lureMass } from '../../../core/tackle'
import type { BenchTest } from '../../../core/bench'
import { useMeasure } from '~/composables/useMeasure'
import type { Series } from '~/composables/useSeries'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'
import { asRecords, sayReading } from './say'

/** What the readings come to: the mean, the figure with its band, the count-down, the readings beside the fit, and the reference lure. */
const props = defineProps<{ run: Series }>()
const box = useBox()
const water = useWater()
const { show, figure } = useMeasure()
const { kind, how, lure, known, series, fixed, takeOut } = props.run

const finding = computed(() => (lure.value && known.value ? findingOf(kind.value, lure.value, known.value) : null))
const plots = computed(() =>
  lure.value && known.value ? seriesPoints(kind.value, lure.value, known.value, box.box.tests) : [],
)
/** The lure with the head or hook of the test, in today's water. */
const motion = computed(() => {
  if (!lure.value || !known.value || !water.reading) return null
  const withKg = Number(fixed.value.withKg ?? 0)
  const build = { lure: lure.value, mount: { kind: 'own' as const }, trailer: null, massKg: lureMass(lure.value).kg }
  const bare = motionFromProfile(build, known.value, water.reading)
  return {
    ...bare,
    submergedWeightN: bare.submergedWeightN + weightInWaterN(withKg, METAL_KG_M3.lead, water.reading.density),
  }
})
const seconds = computed(() =>
  series.value?.kind === 'fall' ? sampleOf(series.value.readings.map((r) => r.seconds)) : null,
)
const apartOf = (test: BenchTest) =>
  test.kind === 'fall' ? (sampleOf(test.readings.map((r) => r.seconds))?.apart ?? []) : []
</script>

<template>
  <section class="panel found" :aria-label="words.result">
    <div class="list">
      <h2>{{ words.readings }}</h2>
      <ol v-if="series" class="readings" aria-live="polite">
        <li v-for="(r, i) in asRecords(series)" :key="i" :class="{ apart: apartOf(series).includes(i) }">
          <span>{{ sayReading(r, how, show) }}</span>
          <em v-if="apartOf(series).includes(i)">{{ words.outlierKeptCheck }}</em>
          <button type="button" :aria-label="words.takeOutReading(i + 1)" @click="takeOut(series, i)">
            {{ words.takeOut }}
          </button>
        </li>
      </ol>
      <p v-else class="quiet">{{ words.noneInThisSeries }}</p>
      <p v-if="seconds" class="mean">
        {{ words.mean }} <b>{{ figure(seconds.mean, 'watch') }}&#8239;s</b
        ><template v-if="seconds.n > 1"
          >{{ words.spread(figure(seconds.sd, 'watch'))
          }}<template v-if="seconds.apart.length">{{
            words.withoutWhatStandsApart(figure(seconds.without, 'watch'))
          }}</template></template
        >
      </p>
    </div>
    <div v-if="finding" class="finding">
      <h2>{{ words.so(lure?.name ?? '', testWords(kind).figure) }}</h2>
      <p class="big"><FigureRange :figure="finding" :role="finding.role" /></p>
    </div>
    <div v-if="kind === 'fall' && known && motion && water.reading && water.current" class="count">
      <h2>{{ words.countItDown }}</h2>
      <CountTable
        :known="known"
        :motion="motion"
        :density="water.reading.density"
        :line-diameter-m="Number(fixed.lineDiameterM ?? 0)"
        :depth-m="Math.max(water.current.depthM, Number(fixed.depthM ?? 0))"
      />
    </div>
    <SeriesPlot v-for="p in plots" :key="p.title" :points="p.points" :role="p.role" :title="seriesTitle(p.title)">
      {{ words.dotsAreReadings(seriesTitle(p.title)) }}
    </SeriesPlot>
    <AgainstReference :run="run" />
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-16) var(--space-16);
  display: grid;
  gap: var(--space-12);
}
.readings {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-24);
}
.readings li {
  padding: var(--space-4) 0;
}
.readings li::marker {
  font-weight: 700;
}
.readings button {
  margin-left: var(--space-8);
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: var(--text-2);
  min-height: 28px;
}
.apart em {
  margin-left: var(--space-8);
  color: rgb(var(--v-theme-error));
  font-weight: 650;
  font-style: normal;
  font-size: var(--text-2);
}
.mean b,
.big :deep(b) {
  font-family: var(--v-font-heading);
}
.big :deep(b) {
  font-size: var(--text-7);
}
.finding,
.list,
.count {
  display: grid;
  gap: var(--space-4);
}
</style>
