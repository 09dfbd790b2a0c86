<script setup lang="ts">
import { takeFile as words } from '../../../words'
import { packed } from '../../../core/exchange'

/** A file that a friend sent: read where a code is read, and shown before it is taken in. */
const problem = ref('')
/** More than anything that is shared, bytes. */
const LARGEST = 900_000
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (!file) return
  problem.value = file.size > LARGEST ? words.tooLarge : ''
  const text = problem.value ? '' : await file.text()
  input.value = ''
  if (text) await navigateTo({ path: '/take', hash: `#${await packed(text)}` })
}
</script>

<template>
  <div class="take">
    <label>
      <span>{{ words.open }}</span>
      <input type="file" accept=".json,application/json" :aria-label="words.open" @change="take" />
    </label>
    <p v-if="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
label {
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
  cursor: pointer;
}
label:focus-within {
  outline: 3px solid rgb(var(--v-theme-primary));
  outline-offset: 2px;
}
input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
</style>
