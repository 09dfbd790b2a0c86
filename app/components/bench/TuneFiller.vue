<script setup lang="ts">
import { tuneFiller as words } from '../../../words'
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
  <section class="part" :aria-label="words.filler">
    <h2>{{ words.filler }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="wantedKg"
        :label="words.wantedWeight"
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
            <th scope="col">{{ words.loaded }}</th>
            <th scope="col">{{ words.filler }}</th>
            <th scope="col">{{ words.falls }}</th>
            <th scope="col">{{ words.afterS }}</th>
            <th scope="col">{{ words.afterS2 }}</th>
            <th scope="col">{{ words.holdsAt }}</th>
            <th scope="col">{{ words.counts(show(offBottomM, 'depth')) }}</th>
            <th scope="col">{{ words.justOffTheBottom }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in loads" :key="l.massKg" :class="{ now: Math.abs(l.massKg - lureMass(lure).kg) < 1e-6 }">
            <th scope="row">{{ show(l.massKg, 'lureMass') }}</th>
            <td>{{ show(l.fillerKg, 'lureMass') }}</td>
            <td>{{ show(l.fallMps, 'lureSpeed') }}</td>
            <td>{{ show(l.after3M, 'depth') }}</td>
            <td>{{ show(l.after5M, 'depth') }}</td>
            <td>{{ l.holdsM < depthM ? show(l.holdsM, 'depth') : words.theBottom }}</td>
            <td>{{ l.countS === null || l.countS > 300 ? '–' : `${l.countS.toFixed(0)} s` }}</td>
            <td>{{ l.holdPaceMps === null ? '–' : show(Math.max(0, l.holdPaceMps - currentMps), 'lureSpeed') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet">
      {{ words.inOfWaterCommon(show(depthM, 'depth')) }}
    </p>
  </section>
</template>
