<script setup lang="ts">
import { benchTunePage as words } from '../../../words'
import { canRest, profileFromTests } from '../../../core/bench'
import type { Line } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

useHead({ title: words.tuneYgrion })
const box = useBox()
const water = useWater()
const route = useRoute()
const lure = computed(() => box.lureById.get(String(route.query.lure ?? '')) ?? null)
const known = computed(() => lure.value && profileFromTests(lure.value, box.box.tests))
const lineId = ref<string | null>(null)
const lines = computed<readonly Line[]>(() =>
  box.box.lines.length
    ? box.box.lines
    : [{ id: '', name: words.mono, material: 'mono', strengthN: 60, diameterM: 0.0003, reelId: null, cost: null }],
)
const line = computed(() => (lines.value.find((l) => l.id === lineId.value) ?? lines.value[0]) as Line)

// The water it is tuned for: today's, unless said otherwise.
const tempC = ref<number | null>(null)
const salinity = ref<number | null>(null)
const tuned = computed(() => ({
  tempC: tempC.value ?? water.current?.waterTempC ?? 15,
  salinity: salinity.value ?? water.place?.salinity ?? 0,
}))
</script>

<template>
  <div class="page">
    <p v-if="!lure" class="panel none">
      {{ words.thatLureIsNot }} <NuxtLink to="/bench">{{ words.backToTheBench }}</NuxtLink>
    </p>
    <template v-else-if="known">
      <LureHead :lure="lure" :title="words.tune" :about="words.whatToAddSwap" />
      <section class="panel sheet" :aria-label="words.tuner">
        <div class="fields">
          <MeasureField
            :model-value="tuned.tempC"
            :label="words.waterTemperature"
            role="waterTemp"
            :min="-2"
            :max="40"
            @update:model-value="(v) => (tempC = v)"
          />
          <v-text-field
            :model-value="String(tuned.salinity)"
            :label="words.salinity"
            suffix="‰"
            inputmode="decimal"
            @update:model-value="
              (t: string) => Number.isFinite(Number(t)) && (salinity = Math.min(42, Math.max(0, Number(t))))
            "
          />
          <v-select
            v-if="!canRest(lure)"
            :model-value="line.id"
            :label="words.line"
            :items="lines.map((l) => ({ value: l.id, title: l.name }))"
            @update:model-value="(id: string) => (lineId = id)"
          />
        </div>
        <TuneRest v-if="canRest(lure)" :lure="lure" :known="known" :water="tuned" />
        <TuneSinking
          v-else
          :lure="lure"
          :known="known"
          :water="tuned"
          :line="line"
          :current-mps="water.current?.currentMps ?? 0"
          :depth-m="water.current?.depthM ?? 6"
        />
      </section>
    </template>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: var(--space-16);
  padding: var(--space-16) var(--space-20) var(--space-20);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(160px, 220px));
  gap: var(--space-12);
}
.none {
  padding: var(--space-24);
}
</style>
