<script setup lang="ts">
import { tuneCut as words } from '../../../words'
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
  <section class="part" :aria-label="words.cutItShorter">
    <h2>{{ words.cutItShorter }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="headKg"
        :label="words.onAHead"
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
            <th scope="col">{{ words.length }}</th>
            <th scope="col">{{ words.weighs }}</th>
            <th scope="col">{{ words.falls }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in cuts" :key="c.lengthM" :class="{ now: c.lengthM === lure.lengthM }">
            <th scope="row">{{ show(c.lengthM, 'lureLength') }}</th>
            <td>{{ show(c.massKg, 'lureMass') }}</td>
            <td>{{ c.fallMps > 0 ? show(c.fallMps, 'lureSpeed') : words.floats }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet">{{ words.cutFromTheHead }}</p>
  </section>
</template>
