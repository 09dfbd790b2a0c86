<script setup lang="ts">
import { leftOut as words, sayLeftOut, sayRefusal } from '../../../words'
import type { Piece } from '../../../core/match'
import { usePutInBox } from '~/composables/usePutInBox'
import { useMatch } from '~/stores/match'

/** Lures of the box that are no answer here, counted by the limit they break; heads or hooks that they lack can be put in the box. */
const match = useMatch()
const out = computed(() => match.answer?.leftOut ?? [])
const { say, put } = usePutInBox()
const done = ref(false)
watch(out, () => (done.value = false))
async function add(piece: Piece) {
  done.value = true
  await put([piece])
}
const sum = computed(() => out.value.reduce((n, one) => n + one.lures, 0))
</script>

<template>
  <details v-if="sum > 0" class="out">
    <summary>{{ words.leftOut(sum) }}</summary>
    <ul>
      <li v-for="one in out" :key="one.why.code">
        {{ sayLeftOut(one.lures, sayRefusal(one.why)) }}.
        <template v-if="one.lacks">
          {{ words.wouldServe(say(one.lacks.piece), one.lacks.serves) }}
          <button type="button" class="do" :disabled="done" @click="add(one.lacks.piece)">{{ words.putIn }}</button>
        </template>
      </li>
    </ul>
  </details>
</template>

<style scoped>
.out {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  padding: var(--space-12) var(--space-16);
}
.out summary {
  font-weight: 650;
  cursor: pointer;
  min-height: 28px;
}
.out ul {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
  font-size: var(--text-3);
}
.do {
  min-height: 44px;
  padding: 0 var(--space-12);
  font-weight: 650;
  color: rgb(var(--v-theme-primary));
  text-decoration: underline;
}
.do:disabled {
  opacity: 0.5;
}
</style>
