<script setup lang="ts">
import { sumCast as words } from '../../../words'
import { castOf, fitSwing, measuredCast } from '../../../core/bench'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

/** How far each lure flies with a rod, from the angler's own casts with it. */
const box = useBox()
const { show } = useMeasure()
const rodId = ref<string | null>(null)
const withCasts = computed(() => {
  const ids = new Set(box.box.tests.flatMap((t) => (t.kind === 'cast' ? [t.rodId] : [])))
  return [...ids].map((id) => ({ value: id, title: box.box.rods.find((r) => r.id === id)?.name ?? words.noRodNamed }))
})
const rod = computed(() => withCasts.value.find((w) => w.value === rodId.value) ?? withCasts.value[0] ?? null)
const swing = computed(() => rod.value && fitSwing(box.box.lures, box.box.tests, rod.value.value, box.box.rods))
const SHOWN = 10
const rows = computed(() => {
  const s = swing.value
  if (!s) return []
  const rodItself = box.box.rods.find((r) => r.id === rod.value?.value)
  return box.box.lures
    .filter(
      (l) =>
        l.hooks !== null &&
        (!rodItself || (l.massKg >= rodItself.lureMinKg * 0.8 && l.massKg <= rodItself.lureMaxKg * 1.2)),
    )
    .map((lure) => ({
      lure,
      cast: measuredCast(lure, box.box.tests) ?? castOf(s, lure),
      own: box.box.tests.some((t) => t.kind === 'cast' && t.lureId === lure.id),
    }))
    .sort((a, b) => b.cast.value - a.cast.value)
    .slice(0, SHOWN)
})
const longest = computed(() => Math.max(...rows.value.map((r) => r.cast.high), 1))
</script>

<template>
  <section class="panel sum" :aria-label="words.casts">
    <h2>{{ words.yourCastingDistance }}</h2>
    <p v-if="!rod || !swing" class="quiet">
      {{ words.measureAFewCasts }}
    </p>
    <template v-else>
      <div class="fields">
        <v-select
          :model-value="rod.value"
          :label="words.rod"
          :items="withCasts"
          @update:model-value="(id: string | null) => (rodId = id)"
        />
      </div>
      <table :aria-label="words.predictedCasts">
        <thead>
          <tr>
            <th scope="col">{{ words.lure }}</th>
            <th scope="col">{{ words.flies }}</th>
            <th scope="col">{{ words.range }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.lure.id">
            <th scope="row">{{ r.lure.name }}<small v-if="r.own"> {{ words.thrown }}</small></th>
            <td>
              <b>{{ show(r.cast.value, 'distance') }}</b>
            </td>
            <td class="band">
              <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                <rect
                  :x="(r.cast.low / longest) * 100"
                  y="2"
                  :width="((r.cast.high - r.cast.low) / longest) * 100"
                  height="6"
                  rx="2"
                />
                <path :d="`M${(r.cast.value / longest) * 100} 0v10`" />
              </svg>
              <span class="sr-only">{{ words.to(show(r.cast.low, 'distance'), show(r.cast.high, 'distance')) }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="quiet">
        {{ words.theEnergyOfYour(swing.n) }}
      </p>
    </template>
  </section>
</template>

<style scoped src="./sums.css"></style>

<style scoped>
.fields {
  max-width: 320px;
}
.band {
  width: 40%;
}
.band svg {
  display: block;
  width: 100%;
  height: 10px;
}
.band rect {
  fill: rgb(var(--v-theme-primary));
  opacity: 0.32;
}
.band path {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
</style>
