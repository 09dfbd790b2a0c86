<script setup lang="ts" generic="T extends string">
/** Choices side by side, each pressed or not. */
defineProps<{
  label: string
  /** Whether the label stands above the choices, or is only read aloud. */
  shown?: boolean
  choices: readonly { readonly id: T; readonly title: string; readonly about?: string }[]
  pressed: (id: T) => boolean
}>()
defineEmits<{ press: [id: T] }>()
</script>

<template>
  <div class="pills" role="group" :aria-label="label">
    <span v-if="shown">{{ label }}</span>
    <button
      v-for="one in choices"
      :key="one.id"
      type="button"
      :aria-pressed="pressed(one.id)"
      :title="one.about"
      :data-choice="one.id"
      @click="$emit('press', one.id)"
    >
      {{ one.title }}
    </button>
  </div>
</template>

<style scoped>
.pills {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-6);
}
.pills span {
  width: 100%;
  font-size: var(--text-3);
}
.pills button {
  min-height: 40px;
  padding: 0 var(--space-12);
  border: 1px solid rgba(var(--v-border-color), 0.45);
  border-radius: var(--radius-round);
  font-size: var(--text-3);
}
.pills button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font-weight: 600;
}
</style>
