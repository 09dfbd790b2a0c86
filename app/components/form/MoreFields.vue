<script setup lang="ts">
/** Fields that may be left alone, put away under their name; open where something is said in one of them. */
const props = defineProps<{ title: string; about?: string; said: boolean }>()
const open = ref(props.said)
</script>

<template>
  <details class="more-fields wide" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      <span class="name">{{ title }}</span>
      <span v-if="about" class="quiet">{{ about }}</span>
    </summary>
    <div v-if="open" class="inside"><slot /></div>
  </details>
</template>

<style scoped>
.more-fields {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
summary {
  display: flex;
  align-items: center;
  gap: var(--space-8);
  padding: var(--space-8) 0;
  cursor: pointer;
  list-style: none;
}
summary::-webkit-details-marker {
  display: none;
}
summary::before {
  content: '▸';
  width: 1em;
  text-align: center;
  transition: transform 0.15s;
}
.more-fields[open] summary::before {
  transform: rotate(90deg);
}
.name {
  font-weight: 600;
}
.inside {
  display: grid;
  align-items: start;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-12);
  padding: var(--space-4) 0 var(--space-12);
}
.inside :deep(.wide) {
  grid-column: 1 / -1;
}
@media (max-width: 420px) {
  .inside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
