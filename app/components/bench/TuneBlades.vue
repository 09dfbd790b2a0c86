<script setup lang="ts">
import { tuneBlades as words } from '../../../words'
import { bladed, type Held, type LureProfile } from '../../../core/bench'
import type { Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** Every blade it could carry: thump, flash, lift, weight. */
const props = defineProps<{ lure: Lure; known: LureProfile; water: { tempC: number; salinity: number }; held: Held }>()
const { show } = useMeasure()
const blades = computed(() => bladed(props.lure, props.known, props.water, props.held))
const worn = computed(() => props.lure.traits as { blade?: string; bladeSize?: number })
const bladeName = (b: { blade: string; size: number }) =>
  `${b.blade.charAt(0).toUpperCase()}${b.blade.slice(1)} ${b.size}`

const surfaces = (v: number) => (Number.isFinite(v) ? show(v, 'lureSpeed') : 'never')
</script>

<template>
  <section class="part" :aria-label="words.blades">
    <h2>{{ words.blades }}</h2>
    <div class="scroll">
      <table class="figures">
        <thead>
          <tr>
            <th scope="col">{{ words.blade }}</th>
            <th scope="col">{{ words.thump }}</th>
            <th scope="col">{{ words.flash }}</th>
            <th scope="col">{{ words.runsAt }}</th>
            <th scope="col">{{ words.surfacesAbove }}</th>
            <th scope="col">{{ words.weighsInAll }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="b in blades"
            :key="bladeName(b)"
            :class="{ now: b.blade === worn.blade && b.size === worn.bladeSize }"
          >
            <th scope="row">{{ bladeName(b) }}</th>
            <td><ShareBar :value="b.vibration" :label="words.thump" /></td>
            <td><ShareBar :value="b.flash" :label="words.flash" /></td>
            <td>{{ show(b.holdsM, 'depth') }}</td>
            <td>{{ surfaces(b.surfacesMps) }}</td>
            <td>{{ show(b.massKg, 'lureMass') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet">{{ words.bold }}</p>
  </section>
</template>
