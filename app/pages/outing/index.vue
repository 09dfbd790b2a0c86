<script setup lang="ts">
import { outingPage as words } from '../../../words'
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'
import { useWater } from '~/stores/water'

useHead({ title: words.outingYgrion })
const outings = useOutings()
const box = useBox()
const water = useWater()
const dark = computed(() => water.reading?.light === 'night')
</script>

<template>
  <div class="page outing">
    <p v-if="outings.status.state === 'loading'" role="status">{{ words.openingTheLog }}</p>
    <template v-else-if="outings.live">
      <AwayBanner :key="`away-${outings.live.id}`" :outing="outings.live" />
      <LiveOuting :key="outings.live.id" :outing="outings.live" />
    </template>
    <template v-else>
      <StartOuting />
      <p v-if="dark" class="caution"><b>{{ words.careful }}</b> {{ words.hooksByNightEye }}</p>
      <p class="caution">
        {{ words.thunderIceAndCold }}
      </p>
      <PastOutings :outings="outings.newest" :places="box.places" />
    </template>
  </div>
</template>

<style scoped>
.outing {
  display: grid;
  gap: var(--space-16);
  max-width: 1100px;
}
</style>
