<script setup lang="ts">
import { count, replaceAsk as words } from '../../../words'
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'

/** Before everything is replaced: what goes, that a backup of it is kept, and for a file or the demo the gentler way beside it. */
defineProps<{ what: string; comes: string; canMerge: boolean; busy: boolean }>()
const emit = defineEmits<{ replace: []; merge: []; close: [] }>()
const box = useBox()
const outings = useOutings()
const goes = computed(() =>
  [
    count(box.box.lures.length, 'lure'),
    count(outings.all.length, 'outing'),
    count(box.places.length, 'place'),
    count(box.box.tests.length, 'bench test'),
  ].join(', '),
)
</script>

<template>
  <v-card class="ask">
    <h2>{{ what }}</h2>
    <p>{{ words.replaces(goes) }} {{ comes }}</p>
    <p class="quiet">{{ words.aBackupIsKept }}</p>
    <div class="do">
      <v-btn color="error" :loading="busy" @click="emit('replace')">{{ words.replace }}</v-btn>
      <v-btn v-if="canMerge" variant="outlined" :loading="busy" @click="emit('merge')">{{ words.merge }}</v-btn>
      <v-btn variant="text" @click="emit('close')">{{ words.cancel }}</v-btn>
    </div>
    <p v-if="canMerge" class="quiet">{{ words.mergeMeans }}</p>
  </v-card>
</template>

<style scoped>
.ask {
  padding: var(--space-20);
  border-radius: var(--radius-l);
  display: grid;
  gap: var(--space-12);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
</style>
