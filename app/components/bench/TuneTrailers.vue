<script setup lang="ts">
import { tuneTrailers as words } from '../../../words'
import { trailersOn, type LureProfile } from '../../../core/bench'
import type { Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

/** Trailers of the box behind it: its fall, and its beat where that was tested. */
const props = defineProps<{ lure: Lure; known: LureProfile; water: { tempC: number; salinity: number } }>()
const box = useBox()
const { show } = useMeasure()
const trailers = computed(() => trailersOn(props.lure, props.known, box.box, props.water))
</script>

<template>
  <section class="part" :aria-label="words.trailers">
    <h2>{{ words.trailers }}</h2>
    <div class="scroll">
      <table class="figures">
        <thead>
          <tr>
            <th scope="col">{{ words.trailer }}</th>
            <th scope="col">{{ words.falls }}</th>
            <th scope="col">{{ words.beat }}</th>
          </tr>
        </thead>
        <tbody>
          <tr class="now">
            <th scope="row">{{ words.none }}</th>
            <td>{{ show(trailers[0]?.bareMps ?? 0, 'lureSpeed') }}</td>
            <td>{{ words.as }}</td>
          </tr>
          <tr v-for="t in trailers" :key="t.trailer.id">
            <th scope="row">{{ t.trailer.name }}</th>
            <td>{{ show(t.fallMps, 'lureSpeed') }}</td>
            <td>{{ t.damping ? words.of(Math.round(t.damping.value * 100)) : words.notTested }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>
