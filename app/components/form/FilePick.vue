<script setup lang="ts">
/** A button that asks for a file. The same file can be chosen again. */
defineProps<{ label: string; accept: string; named: string }>()
const emit = defineEmits<{ pick: [file: File] }>()
function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) emit('pick', file)
}
</script>

<template>
  <label class="pick">
    {{ label }}
    <input type="file" :accept="accept" class="sr-only" :aria-label="named" @change="pick" />
  </label>
</template>

<style scoped>
.pick {
  display: inline-grid;
  place-items: center;
  justify-self: start;
  min-height: 36px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 650;
  font-size: var(--text-3);
  cursor: pointer;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.pick:focus-within {
  outline: 2.5px solid rgb(var(--v-theme-secondary));
  outline-offset: 2px;
}
</style>
