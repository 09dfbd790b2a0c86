<script setup lang="ts">
import { both, noAnswer as words, sayRefusal } from '../../../words'
import { usePutInBox } from '~/composables/usePutInBox'
import { useMatch } from '~/stores/match'

/** Nothing of the box can be fished here: the limit that stands against it, and the cheapest change that works, ready to be put in the box. */
const match = useMatch()
const { say, put } = usePutInBox()

const answer = computed(() => match.answer)
const why = computed(() => answer.value?.leftOut[0]?.why ?? null)
const remedy = computed(() => answer.value?.remedy ?? null)
const done = ref(false)
watch(answer, () => (done.value = false))

async function add() {
  done.value = true
  await put(remedy.value?.pieces ?? [])
}
</script>

<template>
  <div v-if="answer" class="none" role="status">
    <p><b>{{ words.nothing }}</b> {{ why ? words.because(sayRefusal(why)) : words.hangsUp }}</p>
    <template v-if="remedy">
      <p>{{ words.wouldDo(both(remedy.pieces.map(say)), remedy.lure.name, Math.round(remedy.score)) }}</p>
      <button type="button" class="do" :disabled="done" @click="add">{{ words.putIn }}</button>
    </template>
    <p v-else class="quiet">{{ words.noSinglePiece }}</p>
  </div>
</template>

<style scoped>
.none {
  display: grid;
  gap: var(--space-8);
  justify-items: start;
  padding: var(--space-4) var(--space-16) var(--space-20);
}
.do {
  min-height: 44px;
  padding: 0 var(--space-16);
  font-weight: 650;
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.do:disabled {
  opacity: 0.5;
}
</style>
