<script setup lang="ts">
import { sumTroll as words } from '../../../words'
import { trollingDepth, type BuildMotion } from '../../../core/motion'
import { GRAVITY_MPS2 } from '../../../core/constants'
import { motionFromProfile, runningDepthM, cachedProfile, profileFromTests } from '../../../core/bench'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { TROLLED_OVER_CAST, TROLL_STEP_MPS } from '../../../data/bench'
import { familyOf, lureMass, type Line, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { byName } from '~/composables/by-name'

/** Trolling: how deep a lure runs at each speed of its window. */
const props = defineProps<{
  line: Line
  water: { tempC: number; salinity: number }
  density: number
}>()
const box = useBox()
const { show } = useMeasure()
const TROLLED = ['hard', 'metal', 'wire']
const dives = (l: Lure) => familyOf(l.family).swims === 'dives'
const trolled = computed(() =>
  box.box.lures
    .filter((l) => familyOf(l.family).swims !== 'surface' && TROLLED.includes(familyOf(l.family).body))
    .sort((a, b) => Number(dives(b)) - Number(dives(a)) || byName(a, b)),
)
const lureId = ref<string | null>(null)
const lure = computed<Lure | null>(() => trolled.value.find((l) => l.id === lureId.value) ?? trolled.value[0] ?? null)
const known = computed(() => lure.value && (cachedProfile(box.box, lure.value) ?? profileFromTests(lure.value, [])))
const outM = ref(35)
const TIP_M = 1
const motion = computed<BuildMotion | null>(() =>
  lure.value && known.value
    ? motionFromProfile(
        { lure: lure.value, mount: { kind: 'own' }, trailer: null, massKg: lureMass(lure.value).kg },
        known.value,
        props.water,
      )
    : null,
)
const MOST_ROWS = 9
const speeds = computed(() => {
  const w = known.value?.window
  if (!w) return []
  const all: number[] = []
  for (let v = Math.ceil(w.slow.value / TROLL_STEP_MPS) * TROLL_STEP_MPS; v <= w.fast.value + 1e-9; v += TROLL_STEP_MPS)
    all.push(v)
  const every = Math.ceil(all.length / MOST_ROWS)
  return all.filter((_, i) => i % every === 0)
})
const rows = computed(() =>
  motion.value
    ? speeds.value.map((v) => ({
        v,
        ...trollingDepth(
          motion.value as BuildMotion,
          props.density,
          { diameterM: props.line.diameterM, densityKgM3: LINE_DENSITY[props.line.material] },
          v,
          outM.value,
          TIP_M,
        ),
      }))
    : [],
)
const practiceM = computed(() => {
  if (!lure.value || !dives(lure.value) || !motion.value) return null
  const cast = {
    castM: outM.value,
    rodTipM: TIP_M,
    retrieveSpeedMps: 0.8,
    lineDiameterM: props.line.diameterM,
    density: props.density,
  }
  return TROLLED_OVER_CAST * runningDepthM(motion.value, cast)
})
const deepest = computed(() => Math.max(...rows.value.map((r) => r.depthM), 0.1))
</script>

<template>
  <section class="panel sum" :aria-label="words.trolling">
    <h2>{{ words.behindTheBoat }}</h2>
    <div class="fields">
      <v-autocomplete
        :model-value="lure?.id"
        :label="words.lure"
        :items="trolled.map((l) => ({ value: l.id, title: l.name }))"
        @update:model-value="(id: string | null) => (lureId = id)"
      />
      <MeasureField
        :model-value="outM"
        :label="words.lineOut"
        role="distance"
        :min="3"
        :max="200"
        @update:model-value="(v) => v && (outM = v)"
      />
    </div>
    <table v-if="rows.length" :aria-label="words.depthBySpeed">
      <thead>
        <tr>
          <th scope="col">{{ words.speed }}</th>
          <th scope="col">{{ words.runsAt }}</th>
          <th scope="col">{{ words.pullAtTheRod }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.v">
          <th scope="row">{{ show(r.v, 'lureSpeed') }}</th>
          <td>
            <span class="depth"
              ><b>{{ show(r.depthM, 'depth') }}</b
              ><span class="bar" aria-hidden="true"><i :style="{ width: `${(r.depthM / deepest) * 100}%` }" /></span
            ></span>
          </td>
          <td>{{ show(r.tensionAtRodN / GRAVITY_MPS2, 'lureMass') }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="practiceM !== null" class="differ">
      <b>{{ words.wherePracticeAndThis }}</b> {{ words.withTheTime(show(practiceM, 'depth')) }}
    </p>
    <p class="quiet">
      {{ words.inStepsOfMph(line.name) }}
      <template v-if="lure && familyOf(lure.family).rotates">{{ words.itSpinsPut }}</template>
    </p>
  </section>
</template>

<style scoped>
.sum {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-16) var(--space-20) var(--space-16);
  align-content: start;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--space-12);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  padding: var(--space-4) var(--space-12) var(--space-4) 0;
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: var(--text-2);
}
tbody tr {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
.depth {
  display: grid;
  grid-template-columns: 60px minmax(60px, 1fr);
  gap: var(--space-8);
  align-items: center;
}
.bar {
  height: 7px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), 0.14);
}
.bar i {
  display: block;
  height: 100%;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
.quiet {
  font-size: var(--text-2);
}
.differ {
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-warning));
  font-size: var(--text-3);
}
</style>
