<script setup lang="ts">
import { cutTo, type LureProfile } from '../../../core/bench'
import type { Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** A soft body cut shorter, on a head. */
const props = defineProps<{ lure: Lure; known: LureProfile; water: { tempC: number; salinity: number } }>()
const { show } = useMeasure()
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
</script>

<template>
  <section class="part" aria-label="Cut it shorter">
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
      <table class="figures">
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
</template>
