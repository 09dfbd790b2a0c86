<script setup lang="ts">
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
  <section class="part" aria-label="Trailers">
    <h2>Trailers</h2>
    <div class="scroll">
      <table class="figures">
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
</template>
