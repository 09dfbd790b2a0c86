<script setup lang="ts">
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'
import { useWater } from '~/stores/water'

useHead({ title: 'Outing · Ygrion' })
const outings = useOutings()
const box = useBox()
const water = useWater()
const dark = computed(() => water.reading?.light === 'night')
</script>

<template>
  <div class="page outing">
    <p v-if="outings.status.state === 'loading'" role="status">Opening the log …</p>
    <p v-else-if="outings.status.state === 'failed'" role="alert">
      The log cannot be read ({{ outings.status.problem }}). Nothing stored was changed: reload the page.
    </p>
    <template v-else-if="outings.live">
      <AwayBanner :key="`away ${outings.live.id}`" :outing="outings.live" />
      <LiveOuting :key="outings.live.id" :outing="outings.live" />
    </template>
    <template v-else>
      <StartOuting />
      <p v-if="dark" class="caution">
        <b>Careful:</b> hooks by night: eye protection, a lamp, and no wading in water you do not know.
      </p>
      <p class="caution">
        Thunder, ice and cold water, wading in a current: the fish is never worth it. A vest in the boat, someone who
        knows where you are. Local rules come first.
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
