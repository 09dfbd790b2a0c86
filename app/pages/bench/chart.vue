<script setup lang="ts">
import { diveChart, motionFromProfile, profileFromTests, lineWorthM, type ChartWay } from '../../../core/bench'
import { testsOf } from '../../../core/bench'
import { waterDensity } from '../../../core/water'
import DiveChartPicture from '~/components/bench/DiveChart.vue'
import { svgText } from '~/components/bench/svg-file'
import { download, fileName } from '~/composables/download'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

useHead({ title: 'Dive chart · Ygrion' })
const box = useBox()
const water = useWater()
const route = useRoute()
const { show } = useMeasure()
const lure = computed(() => box.lureById.get(String(route.query.lure ?? '')) ?? null)
const known = computed(() => lure.value && profileFromTests(lure.value, box.box.tests))
const way = ref<ChartWay>('cast')
const speedMps = ref(0.8)
const rodTipM = ref(1)
const asked = ref<string | null>(null)
const MOST_LINES = 8
const LENGTHS_M = { cast: [5, 10, 15, 20, 25, 30, 35, 40], trolled: [5, 10, 15, 20, 25, 30, 40, 50, 60] } as const

const carrying = computed(() => ({ tempC: water.current?.waterTempC ?? 15, salinity: water.place?.salinity ?? 0 }))
const density = computed(() => waterDensity(carrying.value.tempC, carrying.value.salinity))
const motion = computed(
  () =>
    lure.value &&
    known.value &&
    motionFromProfile(
      { lure: lure.value, mount: { kind: 'own' }, trailer: null, massKg: 0 },
      known.value,
      carrying.value,
    ),
)
const lines = computed(() => [...box.box.lines].sort((a, b) => a.diameterM - b.diameterM).slice(0, MOST_LINES))
/** The band is shown for the line chosen, to begin with the one nearest to that of the tests. */
const chosen = computed(() => {
  const tested =
    lure.value && known.value ? testsOf(known.value.tests, lure.value.id, 'depth')[0]?.lineDiameterM : undefined
  const off = (d: number) => Math.abs(d - (tested ?? 0.0003))
  return (
    lines.value.find((l) => l.id === asked.value) ??
    lines.value.reduce<(typeof lines.value)[number] | null>(
      (b, l) => (b && off(b.diameterM) <= off(l.diameterM) ? b : l),
      null,
    )
  )
})
const chart = computed(() =>
  known.value?.dive && motion.value && lines.value.length
    ? diveChart({
        motion: motion.value,
        dive: known.value.dive,
        lines: lines.value,
        way: way.value,
        lengthsM: LENGTHS_M[way.value],
        speedMps: speedMps.value,
        rodTipM: rodTipM.value,
        density: density.value,
      })
    : null,
)
const points = computed(() =>
  lure.value && known.value && way.value === 'cast'
    ? testsOf(known.value.tests, lure.value.id, 'depth').flatMap((t) =>
        t.readings.map((r) => ({ lengthM: r.castM, depthM: r.depthM })),
      )
    : [],
)
/** Monofilament of 10 and 16 lb, m: common catalogue thickness, from memory. */
const LB_10_M = 0.00028
const LB_16_M = 0.00036
const worth = computed(() => (motion.value ? lineWorthM(motion.value, density.value, LB_10_M, LB_16_M) : 0))
const title = computed(
  () => `Running depth of ${lure.value?.name ?? ''}, ${way.value === 'cast' ? 'cast and wound' : 'trolled'}`,
)
const drawn = ref<{ picture: SVGSVGElement | null } | null>(null)
const print = () => window.print()
function save() {
  const svg = drawn.value?.picture
  if (svg && lure.value) download(fileName(`${lure.value.name} dive chart`, 'svg'), 'image/svg+xml', svgText(svg))
}
</script>

<template>
  <div class="page">
    <p v-if="!lure || !known" class="panel none">
      That lure is not in the box. <NuxtLink to="/bench">Back to the bench</NuxtLink>
    </p>
    <p v-else-if="!known.dive" class="panel none">
      {{ lure.name }} does not dive by itself: a chart of line out says nothing of it.
      <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }">Its count-down does</NuxtLink>.
    </p>
    <template v-else>
      <LureHead
        :lure="lure"
        title="Dive chart"
        :about="
          known.dive.n
            ? `Fitted to ${known.dive.n} readings of its running depth.`
            : 'From the packet’s depth: test it, and the curves are its own.'
        "
      >
        <v-btn color="primary" @click="print">Print</v-btn>
        <v-btn variant="outlined" @click="save">Save as SVG</v-btn>
      </LureHead>
      <section class="panel chart" aria-label="Dive chart">
        <div class="fields screen-only">
          <v-select
            v-model="way"
            label="Line goes out"
            :items="[
              { value: 'cast', title: 'by a cast, wound in' },
              { value: 'trolled', title: 'behind a boat' },
            ]"
          />
          <MeasureField
            :model-value="speedMps"
            label="Pace"
            role="lureSpeed"
            :min="0.2"
            :max="4"
            @update:model-value="(v) => v && (speedMps = v)"
          />
          <MeasureField
            :model-value="rodTipM"
            label="Rod tip above water"
            role="depth"
            :min="0"
            :max="6"
            @update:model-value="(v) => v !== null && (rodTipM = v)"
          />
          <v-select
            :model-value="chosen?.id"
            label="Band shown for"
            :items="lines.map((l) => ({ value: l.id, title: l.name }))"
            @update:model-value="(id: string) => (asked = id)"
          />
        </div>
        <p class="paper-only">
          {{ title }}, pace {{ show(speedMps, 'lureSpeed') }}, rod tip {{ show(rodTipM, 'depth') }} up, water
          {{ show(carrying.tempC, 'waterTemp') }}.
        </p>
        <DiveChartPicture
          v-if="chart"
          ref="drawn"
          :chart="chart"
          :points="points"
          :title="title"
          :chosen="chosen?.id ?? null"
        />
        <p v-else class="quiet">
          No lines in the box: <NuxtLink to="/box/parts">add one</NuxtLink>, and its curve stands here.
        </p>
        <p v-if="points.length" class="quiet">Crosses: your own readings, each on the line it was taken with.</p>
        <div v-if="way === 'trolled'" class="differ">
          <b>Where practice and this sum differ.</b> With the time to reach its full angle the sum lets a diver go on
          down; common practice finds trolled plugs about half as deep again as on a cast of that length. Trust the
          shallower until a sounder has shown yours.
        </div>
        <div v-else class="differ">
          <b>Where practice and this sum differ.</b> Going from 10 to 16 lb monofilament costs this lure
          {{ show(worth, 'depth') }} on a 25 m cast by the sum; common practice says 60–90 cm (2–3 ft) on a 4–6 ft
          diver. The sum has the line’s drag alone; thick line also deadens the wobble, and nobody winds both alike.
          Your own readings on both lines settle it.
        </div>
      </section>
    </template>
  </div>
</template>

<style scoped>
.chart {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-16) var(--space-20) var(--space-20);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: var(--space-12);
}
.differ {
  padding: var(--space-8) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-warning));
  font-size: var(--text-3);
}
.paper-only {
  display: none;
}
.none {
  padding: var(--space-24);
}
@media print {
  .screen-only {
    display: none;
  }
  .paper-only {
    display: block;
  }
  .chart {
    border: 0;
    padding: 0;
  }
}
</style>
