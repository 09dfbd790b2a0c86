<script setup lang="ts">
import { editForm as words } from '../../../words'
import { KEPT_DRAFT } from '~/composables/useDraft'

/** The frame of every form of the box: its heading, its fields, what is still wrong, and the ways out. */
defineProps<{ title: string; adding: boolean; problems: Readonly<Record<string, string>>; even?: boolean }>()
const emit = defineEmits<{ save: []; remove: []; close: [] }>()
const kept = inject(KEPT_DRAFT, null)
function cancel() {
  void kept?.drop()
  emit('close')
}
function remove() {
  kept?.sent()
  emit('remove')
}
</script>

<template>
  <form class="panel edit" @submit.prevent="$emit('save')">
    <h2>{{ title }}</h2>
    <DraftBar />
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
      <v-btn color="primary" type="submit">{{ adding ? words.addToTheBox : words.save }}</v-btn>
      <v-btn variant="text" @click="cancel">{{ words.cancel }}</v-btn>
      <v-btn v-if="!adding" variant="text" color="error" class="remove" @click="remove">{{ words.remove }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.edit {
  padding: var(--space-20) var(--space-20);
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
  gap: var(--space-12);
  margin-top: var(--space-16);
}
.fields :deep(.wide) {
  grid-column: 1 / -1;
}
.halves {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  gap: 0 var(--space-24);
}
.halves.even {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.side {
  display: grid;
  gap: var(--space-12);
  align-content: start;
  margin-top: var(--space-16);
}
@media (max-width: 760px) {
  .halves,
  .halves.even {
    grid-template-columns: minmax(0, 1fr);
  }
}
.wrong {
  margin-top: var(--space-12);
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-error));
}
.foot {
  display: flex;
  gap: var(--space-8);
  margin: var(--space-16) calc(-1 * var(--space-20)) calc(-1 * var(--space-20));
  padding: var(--space-12) var(--space-20);
  position: sticky;
  z-index: 3;
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
