<script setup lang="ts">
/** The frame of every form of the box: its heading, its fields, what is still wrong, and the ways out. */
defineProps<{ title: string; adding: boolean; problems: Readonly<Record<string, string>> }>()
defineEmits<{ save: []; remove: []; close: [] }>()
</script>

<template>
  <form class="panel edit" @submit.prevent="$emit('save')">
    <h2>{{ title }}</h2>
    <slot name="head" />
    <div class="fields"><slot /></div>
    <slot name="notes" />
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
.wrong {
  margin-top: 12px;
  padding: 6px 12px;
  border-left: 4px solid rgb(var(--v-theme-error));
}
.foot {
  display: flex;
  gap: 8px;
  margin-top: 18px;
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
