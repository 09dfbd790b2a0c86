<script setup lang="ts">
import { inTodaysWater as words, sayMount } from '../../../words'
import { testsOf } from '../../../core/bench'
import { familyOf } from '../../../core/tackle'
import type { BenchLure } from '~/composables/useBenchLure'
import { useWater } from '~/stores/water'

/** The lure of the bench rigged, on a line, fished in today's water: its path with its band, and what would bring it to the fish. */
const props = defineProps<{ bench: BenchLure }>()
const water = useWater()
const {
  lure,
  known,
  builds,
  buildAt,
  lines,
  lineId,
  line,
  motion,
  techniques,
  technique,
  techniqueId,
  plan,
  path,
  band,
  share,
} = props.bench
const measuredDepths = computed(() =>
  lure.value && known.value
    ? testsOf(known.value.tests, lure.value.id, 'depth').flatMap((t) => t.readings.map((r) => r.depthM))
    : [],
)
const sinks = computed(() => lure.value !== null && familyOf(lure.value.family).swims === 'sinks')
</script>

<template>
  <section class="panel way" :aria-label="words.inTodaysWater">
    <div class="rig">
      <h2>{{ words.inTodaysWater }}</h2>
      <v-select
        v-if="builds.length > 1"
        v-model="buildAt"
        :label="words.riggedOn"
        density="compact"
        hide-details
        :items="builds.map((b, i) => ({ value: i, title: sayMount({ build: b }) ?? 'as it is' }))"
      />
      <v-select
        :model-value="line.id"
        :label="words.line"
        density="compact"
        hide-details
        :items="lines.map((l) => ({ value: l.id, title: l.name }))"
        @update:model-value="(id: string) => (lineId = id)"
      />
      <v-select
        :model-value="technique?.id"
        :label="words.technique"
        density="compact"
        hide-details
        :items="techniques.map((r) => ({ value: r.id, title: r.name }))"
        @update:model-value="(id: string) => (techniqueId = id)"
      />
    </div>
    <WaterColumn
      v-if="water.current && water.reading && plan && path"
      :c="water.current"
      :zone="water.reading.zone"
      :light="water.reading.light"
      :plan="plan"
      :path="path"
      :lure="lure"
      :share="share"
      :band="band"
      :measured-m="measuredDepths"
      @change="water.change"
    >
      <span v-if="share !== null" class="share">{{ words.ofTheCast(Math.round(share * 100)) }}</span>
    </WaterColumn>
    <p v-if="band && plan" class="legend">
      {{ words.thePaleBandHolds }}<template v-if="measuredDepths.length">{{ words.crossesAreDepthsYou }}</template
      >{{ words.moreTestsMake }}
    </p>
    <div class="below">
      <PutInZone :bench="bench" />
      <div v-if="sinks && known && motion && water.reading && water.current" class="count">
        <h3>{{ words.countItDown }}</h3>
        <CountTable
          :known="known"
          :motion="motion"
          :density="water.reading.density"
          :line-diameter-m="line.diameterM"
          :depth-m="water.current.depthM"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.way {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-16) 0 var(--space-16);
}
.rig {
  display: grid;
  grid-template-columns: minmax(0, 1fr) repeat(3, minmax(0, 176px));
  gap: var(--space-8);
  align-items: center;
  padding: 0 var(--space-20);
}
.share {
  font-weight: 650;
}
.legend,
.below {
  padding: 0 var(--space-20);
}
.legend {
  font-size: var(--text-2);
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-8) var(--space-32);
}
.count {
  display: grid;
  gap: var(--space-8);
  align-content: start;
}
@media (max-width: 1000px) {
  .below {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 700px) {
  .rig {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
