<script setup lang="ts">
/** The frame of every form of the box: its heading, its fields, what is still wrong, and the ways out. */
defineProps<{ title: string; adding: boolean; problems: Readonly<Record<string, string>>; even?: boolean }>()
defineEmits<{ save: []; remove: []; close: [] }>()
</script>

<template>
  <form class="panel edit" @submit.prevent="$emit('save')">
    <h2>{{ title }}</h2>
    <slot name="head" />
    <div :class="{ halves: $slots.side, even }">
      <div v-if="$slots.side" class="side"><slot name="side" /></div>
      <div>
        <div class="fields"><slot /></div>
        <slot name="notes" />
      </div>
    </div>
    <p v-if="Object.keys(problems).length" class="wrong" role="alert">{{ Object.values(problems).join(' ') }}</p>
    <div class="foot">
      <v-btn color="primary" type="submit">{{ adding ? 'Add to the box' : 'Save' }}</v-btn>
      <v-btn variant="text" @click="$emit('close')">Cancel</v-btn>
      <v-btn v-if="!adding" variant="text" color="error" class="remove" @click="$emit('remove')">Remove</v-btn>
    </div>
  </form>
</template>

<style scoped>
.edit {
  padding: 20px 22px;
  overflow-y: auto;
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-on-surface));
}
/* A dialog lays its form out as a column that squeezes what may scroll. */
.edit > * {
  flex: none;
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
  margin-top: 16px;
}
.fields :deep(.wide) {
  grid-column: 1 / -1;
}
.halves {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  gap: 0 24px;
}
.halves.even {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.side {
  display: grid;
  gap: 12px;
  align-content: start;
  margin-top: 16px;
}
@media (max-width: 760px) {
  .halves,
  .halves.even {
    grid-template-columns: minmax(0, 1fr);
  }
}
.wrong {
  margin-top: 12px;
  padding: 6px 12px;
  border-left: 4px solid rgb(var(--v-theme-error));
}
.foot {
  display: flex;
  gap: 8px;
  margin: 18px -22px -20px;
  padding: 12px 22px;
  position: sticky;
  bottom: -20px;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  background: rgb(var(--v-theme-surface));
}
.remove {
  margin-left: auto;
}
@media (max-width: 420px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
