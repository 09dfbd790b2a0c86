<script setup lang="ts">
import {
  bladed,
  cutTo,
  filled,
  isHollow,
  secondsWith,
  trailersOn,
  weightForFall,
  type Known,
} from '../../../core/bench'
import { holdBottomKg } from '../../../core/motion'
import { familyOf, lureMass, type Line, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

/** What sinks, tuned: filler, blades, a shorter body, trailers, the weight for a wanted fall. */
const props = defineProps<{
  lure: Lure
  known: Known
  water: { tempC: number; salinity: number }
  line: Line
  currentMps: number
  depthM: number
}>()
const box = useBox()
const { show } = useMeasure()
const family = computed(() => familyOf(props.lure.family))
const soft = computed(() => family.value.body === 'soft')
const middle = computed(() => Math.sqrt(props.known.window.slow.value * props.known.window.fast.value))

// How it is held: pace of the hand and the current it is worked against.
const paceMps = ref<number | null>(null)
const lineOutM = ref(30)
const held = computed(() => ({
  line: props.line,
  speedMps: Math.max(0.05, (paceMps.value ?? middle.value) + props.currentMps),
  lineOutM: lineOutM.value,
  rodTipM: 1,
}))

// Filler.
/** Held so far above the bottom: 1–2 ft, common practice. */
const OFF_BOTTOM_M = 0.45
const offBottomM = computed(() => Math.max(0.3, props.depthM - OFF_BOTTOM_M))
const OUNCE_KG = 0.028349523
const LOADS_OZ = [1, 1.7, 2.65, 3, 3.5]
const wantedKg = ref<number | null>(null)
const loads = computed(() => {
  const now = lureMass(props.lure).kg
  const masses = [
    ...new Set([now, ...LOADS_OZ.map((oz) => oz * OUNCE_KG), ...(wantedKg.value ? [wantedKg.value] : [])]),
  ]
  return filled(
    props.lure,
    props.known,
    props.water,
    masses.sort((a, b) => a - b),
    held.value,
    offBottomM.value,
  )
})

// Blades.
const blades = computed(() => bladed(props.lure, props.known, props.water, held.value))
const worn = computed(() => props.lure.traits as { blade?: string; bladeSize?: number })
const bladeName = (b: { blade: string; size: number }) =>
  `${b.blade.charAt(0).toUpperCase()}${b.blade.slice(1)} ${b.size}`

// Body and trailers.
const headKg = ref(0.007)
const cuts = computed(() =>
  cutTo(
    props.lure,
    props.known,
    props.water,
    [1, 0.9, 0.8, 0.7, 0.6].map((by) => by * props.lure.lengthM),
    headKg.value,
  ),
)
const trailers = computed(() => trailersOn(props.lure, props.known, box.box, props.water))

// Weight for a wanted fall.
const fallMps = ref(0.35)
const wanted = computed(() => weightForFall(props.lure, props.known, props.water, fallMps.value))
const toDepthM = 3
const seconds = computed(() =>
  wanted.value === null ? null : secondsWith(props.lure, props.known, props.water, wanted.value, toDepthM, props.line),
)
// Weight that stays on the bottom.
const awayM = ref(20)
const onBottomKg = computed(
  () =>
    holdBottomKg({
      depthM: props.depthM,
      tipM: 1,
      awayM: awayM.value,
      flowMps: props.currentMps,
      lineDiameterM: props.line.diameterM,
      density: 1000,
      ground: 'gravel',
    }).massKg,
)
const canWeigh = computed(() => soft.value || family.value.body === 'jig' || family.value.body === 'metal')
const surfaces = (v: number) => (Number.isFinite(v) ? show(v, 'lureSpeed') : 'never')
</script>

<template>
  <div class="tune">
    <div v-if="isHollow(lure) || blades.length" class="fields">
      <MeasureField
        :model-value="paceMps ?? middle"
        label="Pace of the retrieve"
        role="lureSpeed"
        :min="0.05"
        :max="3"
        @update:model-value="(v) => (paceMps = v)"
      />
      <MeasureField
        :model-value="lineOutM"
        label="Line out"
        role="distance"
        :min="3"
        :max="120"
        @update:model-value="(v) => v && (lineOutM = v)"
      />
      <p class="quiet">
        On {{ line.name
        }}<template v-if="currentMps">, against the current of {{ show(currentMps, 'current') }}</template
        >.
      </p>
    </div>

    <section v-if="isHollow(lure)" aria-label="Filler">
      <h2>Filler</h2>
      <div class="fields">
        <MeasureField
          :model-value="wantedKg"
          label="Wanted weight"
          role="lureMass"
          optional
          :min="0.005"
          :max="0.25"
          @update:model-value="(v) => (wantedKg = v)"
        />
      </div>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Loaded to</th>
              <th scope="col">Filler</th>
              <th scope="col">Falls</th>
              <th scope="col">After 3 s</th>
              <th scope="col">After 5 s</th>
              <th scope="col">Holds at</th>
              <th scope="col">Counts to {{ show(offBottomM, 'depth') }}</th>
              <th scope="col">Just off the bottom at</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in loads" :key="l.massKg" :class="{ now: Math.abs(l.massKg - lureMass(lure).kg) < 1e-6 }">
              <th scope="row">{{ show(l.massKg, 'lureMass') }}</th>
              <td>{{ show(l.fillerKg, 'lureMass') }}</td>
              <td>{{ show(l.fallMps, 'lureSpeed') }}</td>
              <td>{{ show(l.after3M, 'depth') }}</td>
              <td>{{ show(l.after5M, 'depth') }}</td>
              <td>{{ l.holdsM < depthM ? show(l.holdsM, 'depth') : 'the bottom' }}</td>
              <td>{{ l.countS === null || l.countS > 300 ? '–' : `${l.countS.toFixed(0)} s` }}</td>
              <td>{{ l.holdPaceMps === null ? '–' : show(Math.max(0, l.holdPaceMps - currentMps), 'lureSpeed') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="quiet">
        In {{ show(depthM, 'depth') }} of water. Common practice: 2.6–2.7 oz for deep fast rock, 3 oz on spring tides,
        1.7 oz over sand, 3.5 oz after storms; count 3–5 s. Touching rock, wind faster; coming up, slower.
      </p>
    </section>

    <section v-if="blades.length" aria-label="Blades">
      <h2>Blades</h2>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Blade</th>
              <th scope="col">Thump</th>
              <th scope="col">Flash</th>
              <th scope="col">Runs at</th>
              <th scope="col">Surfaces above</th>
              <th scope="col">Weighs in all</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="b in blades"
              :key="bladeName(b)"
              :class="{ now: b.blade === worn.blade && b.size === worn.bladeSize }"
            >
              <th scope="row">{{ bladeName(b) }}</th>
              <td><ShareBar :value="b.vibration" label="Thump" /></td>
              <td><ShareBar :value="b.flash" label="Flash" /></td>
              <td>{{ show(b.holdsM, 'depth') }}</td>
              <td>{{ surfaces(b.surfacesMps) }}</td>
              <td>{{ show(b.massKg, 'lureMass') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="quiet">
        Bold: as it is now. A bigger or rounder blade thumps more, lifts more and is wound more slowly.
      </p>
    </section>

    <section v-if="canWeigh" aria-label="Weight for a fall">
      <h2>{{ soft ? 'Head for a wanted fall' : 'Weight for a wanted fall' }}</h2>
      <div class="fields">
        <MeasureField
          :model-value="fallMps"
          label="Wanted fall"
          role="lureSpeed"
          :min="0.05"
          :max="2.5"
          @update:model-value="(v) => v && (fallMps = v)"
        />
        <p class="answer" role="status">
          <template v-if="wanted !== null"
            ><b>{{ show(wanted, 'lureMass') }}</b> {{ soft ? 'of head on it' : 'in all' }};
            {{ show(toDepthM, 'depth') }} in {{ seconds?.toFixed(1) }} s.</template
          >
          <template v-else>Not even 200 g make it fall so fast.</template>
        </p>
      </div>
      <div class="fields">
        <MeasureField
          :model-value="awayM"
          label="Held at a distance of"
          role="distance"
          :min="1"
          :max="80"
          @update:model-value="(v) => v && (awayM = v)"
        />
        <p class="answer">
          <b>{{ show(onBottomKg, 'lureMass') }}</b> of lead stay on a gravel bottom in {{ show(depthM, 'depth') }},
          {{ currentMps ? `a current of ${show(currentMps, 'current')}` : 'without current' }}.
        </p>
      </div>
    </section>

    <section v-if="soft" aria-label="Cut it shorter">
      <h2>Cut it shorter</h2>
      <div class="fields">
        <MeasureField
          :model-value="headKg"
          label="On a head of"
          role="lureMass"
          :min="0"
          :max="0.1"
          @update:model-value="(v) => v !== null && (headKg = v)"
        />
      </div>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Length</th>
              <th scope="col">Weighs</th>
              <th scope="col">Falls</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="c in cuts" :key="c.lengthM" :class="{ now: c.lengthM === lure.lengthM }">
              <th scope="row">{{ show(c.lengthM, 'lureLength') }}</th>
              <td>{{ show(c.massKg, 'lureMass') }}</td>
              <td>{{ c.fallMps > 0 ? show(c.fallMps, 'lureSpeed') : 'floats' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="quiet">Cut from the head: the tail keeps its kick. A sharp blade, away from the thumb.</p>
    </section>

    <section v-if="trailers.length" aria-label="Trailers">
      <h2>Trailers</h2>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Trailer</th>
              <th scope="col">Falls</th>
              <th scope="col">Beat</th>
            </tr>
          </thead>
          <tbody>
            <tr class="now">
              <th scope="row">None</th>
              <td>{{ show(trailers[0]?.bareMps ?? 0, 'lureSpeed') }}</td>
              <td>as it is</td>
            </tr>
            <tr v-for="t in trailers" :key="t.trailer.id">
              <th scope="row">{{ t.trailer.name }}</th>
              <td>{{ show(t.fallMps, 'lureSpeed') }}</td>
              <td>{{ t.damping ? `${Math.round(t.damping.value * 100)} % of it` : 'not tested' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  </div>
</template>

<style scoped>
.tune {
  display: grid;
  gap: 20px;
}
section {
  display: grid;
  gap: 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 230px));
  gap: 12px;
  align-items: center;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  min-width: 420px;
  width: 100%;
  max-width: 980px;
}
th,
td {
  padding: 5px 22px 5px 0;
  text-align: left;
  font-weight: 400;
  white-space: nowrap;
}
thead th {
  font-size: 0.86rem;
}
tbody tr {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
.now th,
.now td {
  font-weight: 700;
}
.answer b {
  font-family: var(--v-font-heading);
  font-size: 1.4rem;
}
.quiet {
  font-size: 0.88rem;
}
</style>
