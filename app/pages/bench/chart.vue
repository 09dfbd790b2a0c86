<script setup lang="ts">
import { benchChartPage as words } from '../../../words'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import {
  diveChart,
  motionFromProfile,
  profileFromTests,
  lineWorthM,
  runningDepthM,
  testsOf,
  type ChartWay,
} from '../../../core/bench'
import { labelCastOf } from '../../../core/tackle'
import { castBySwingM, swingForCast, trollingDepth } from '../../../core/motion'
import { ORDINARY_CAST } from '../../../data/casting'
import { waterFluid } from '../../../core/water'
import DiveChartPicture from '~/components/bench/DiveChart.vue'
import { svgText } from '~/components/bench/svg-file'
import { download, fileName } from '~/composables/download'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

useHead({ title: words.diveChartYgrion })
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
const fluid = computed(() => waterFluid(carrying.value.tempC, carrying.value.salinity))
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
/** What tells how it goes behind a boat: its own runs there, else its casts. */
const runs = computed(() => known.value?.troll?.n ?? 0)
const trolledDive = computed(() => (runs.value > 0 ? known.value?.troll : null) ?? known.value?.dive ?? null)
const chart = computed(() =>
  known.value?.dive && trolledDive.value && motion.value && lines.value.length
    ? diveChart({
        motion: motion.value,
        dive: way.value === 'trolled' ? trolledDive.value : known.value.dive,
        lines: lines.value,
        way: way.value,
        lengthsM: LENGTHS_M[way.value],
        speedMps: speedMps.value,
        rodTipM: rodTipM.value,
        ...fluid.value,
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
/** An ordinary cast on the thinner, m, and what the same swing makes of a plug on the thicker: more line is set going and dragged through the air. */
const CAST_M = 25
const PLUG = { massKg: 0.012, dragM2: 9e-4 }
const swung = (diameterM: number) => ({ rod: ORDINARY_CAST.rod, line: { diameterM, densityKgM3: LINE_DENSITY.mono } })
const SHORTENED_M = castBySwingM(swingForCast(CAST_M, PLUG, swung(LB_10_M)), PLUG, swung(LB_16_M))
const worth = (thick: number) =>
  motion.value ? lineWorthM(motion.value, fluid.value, LB_10_M, LB_16_M, { thin: CAST_M, thick }) : 0
const worths = computed(() => ({ line: worth(CAST_M), both: worth(SHORTENED_M) }))
/** On this much line, m, behind a boat and cast: what the sum makes of the time a trolled plug has. */
const OUT_M = 30
const trolled = computed(() => {
  const line = chosen.value
  if (!motion.value || !line) return null
  const stuff = { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] }
  return {
    boat: trollingDepth(motion.value, fluid.value, stuff, speedMps.value, OUT_M, rodTipM.value).depthM,
    cast: runningDepthM(motion.value, {
      castM: OUT_M,
      rodTipM: rodTipM.value,
      retrieveSpeedMps: speedMps.value,
      lineDiameterM: line.diameterM,
      lineDensityKgM3: LINE_DENSITY[line.material],
      ...fluid.value,
    }),
  }
})
const title = computed(() =>
  words.runningDepth(lure.value?.name ?? '', way.value === 'cast' ? words.castAndWound : 'trolled'),
)
const drawn = ref<{ picture: SVGSVGElement | null } | null>(null)
const print = () => window.print()
function save() {
  const svg = drawn.value?.picture
  if (svg && lure.value) download(fileName(words.diveChart2(lure.value.name), 'svg'), 'image/svg+xml', svgText(svg))
}
</script>

<template>
  <div class="page">
    <p v-if="!lure || !known" class="panel none">
      {{ words.thatLureIsNot }} <NuxtLink to="/bench">{{ words.backToTheBench }}</NuxtLink>
    </p>
    <p v-else-if="!known.dive" class="panel none">
      {{ words.doesNotDiveBy(lure.name) }}
      <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }">{{ words.itsCountDownDoes }}</NuxtLink>.
    </p>
    <template v-else>
      <LureHead
        :lure="lure"
        :title="words.diveChart"
        :about="
          known.dive.n
            ? words.fittedToReadings(known.dive.n)
            : words.fromThePacketsDepth(show((lure && labelCastOf(lure)) ?? 0, 'distance'))
        "
      >
        <v-btn color="primary" @click="print">{{ words.print }}</v-btn>
        <v-btn variant="outlined" @click="save">{{ words.saveAsSvg }}</v-btn>
      </LureHead>
      <section class="panel chart" :aria-label="words.diveChart">
        <div class="fields screen-only">
          <v-select
            v-model="way"
            :label="words.lineGoesOut"
            :items="[
              { value: 'cast', title: 'by a cast, wound in' },
              { value: 'trolled', title: 'behind a boat' },
            ]"
          />
          <MeasureField
            :model-value="speedMps"
            :label="words.pace"
            role="lureSpeed"
            :min="0.2"
            :max="4"
            @update:model-value="(v) => v && (speedMps = v)"
          />
          <MeasureField
            :model-value="rodTipM"
            :label="words.rodTipAboveWater"
            role="depth"
            :min="0"
            :max="6"
            @update:model-value="(v) => v !== null && (rodTipM = v)"
          />
          <v-select
            :model-value="chosen?.id"
            :label="words.bandShownFor"
            :items="lines.map((l) => ({ value: l.id, title: l.name }))"
            @update:model-value="(id: string) => (asked = id)"
          />
        </div>
        <LabelCast v-if="lure && !known.dive.n" class="screen-only" :lure="lure" />
        <p class="paper-only">
          {{
            words.paceRodTipUp(
              title,
              show(speedMps, 'lureSpeed'),
              show(rodTipM, 'depth'),
              show(carrying.tempC, 'waterTemp'),
            )
          }}
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
          {{ words.noLines }} <NuxtLink to="/box/parts">{{ words.addOne }}</NuxtLink>{{ words.andItsCurveStands }}
        </p>
        <p v-if="points.length" class="quiet">{{ words.crossesYourOwnReadings }}</p>
        <p v-if="way === 'trolled' && runs > 0" class="quiet">{{ words.byItsOwnRuns(runs) }}</p>
        <div v-else-if="way === 'trolled'" class="differ">
          <b>{{ words.wherePracticeAndThis }}</b>
          {{
            trolled &&
            words.withTheTime(show(OUT_M, 'distance'), show(trolled.boat, 'depth'), show(trolled.cast, 'depth'))
          }}
        </div>
        <div v-else class="differ">
          <b>{{ words.wherePracticeAndThis }}</b>
          {{
            words.goingFromToLb(
              show(worths.line, 'lureLength'),
              show(worths.both, 'lureLength'),
              show(CAST_M - SHORTENED_M, 'depth'),
            )
          }}
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
