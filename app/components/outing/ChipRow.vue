<script setup lang="ts" generic="Id extends string">
/** One question with its answers as buttons: a tap chooses, the same tap again takes it back. */
const props = defineProps<{
  label: string
  options: readonly { readonly id: Id; readonly name: string }[]
  chosen: Id | undefined
}>()
const emit = defineEmits<{ choose: [id: Id | undefined] }>()
const tap = (id: Id) => emit('choose', props.chosen === id ? undefined : id)
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <span class="label">{{ label }}</span>
    <div>
      <button v-for="o in options" :key="o.id" type="button" :aria-pressed="chosen === o.id" @click="tap(o.id)">
        {{ o.name }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.label {
  font-size: var(--text-3);
  font-weight: 650;
}
.chips div {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6);
  margin-top: var(--space-4);
}
button {
  min-height: 48px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
</style>
