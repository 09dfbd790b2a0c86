<script setup lang="ts">
import { filled, type Held, type LureProfile } from '../../../core/bench'
import { lureMass, type Lure } from '../../../core/tackle'
import { OFF_BOTTOM_M, PLUG_LOADS_KG } from '../../../data/bench'
import { useMeasure } from '~/composables/useMeasure'

/** Filler of a hollow plug: fall, count, how deep it holds, and the pace that keeps it off the bottom. */
const props = defineProps<{
  lure: Lure
  known: LureProfile
  water: { tempC: number; salinity: number }
  held: Held
  currentMps: number
  depthM: number
}>()
const { show } = useMeasure()
const offBottomM = computed(() => Math.max(0.3, props.depthM - OFF_BOTTOM_M))
const wantedKg = ref<number | null>(null)
const loads = computed(() => {
  const now = lureMass(props.lure).kg
  const masses = [...new Set([now, ...PLUG_LOADS_KG, ...(wantedKg.value ? [wantedKg.value] : [])])]
  return filled(
    props.lure,
    props.known,
    props.water,
    masses.sort((a, b) => a - b),
    props.held,
    offBottomM.value,
  )
})
</script>

<template>
  <section class="part" aria-label="Filler">
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
      <table class="figures">
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
      In {{ show(depthM, 'depth') }} of water. Common practice: 2.6–2.7 oz for deep fast rock, 3 oz on spring tides, 1.7
      oz over sand, 3.5 oz after storms; count 3–5 s. Touching rock, wind faster; coming up, slower.
    </p>
  </section>
</template>
