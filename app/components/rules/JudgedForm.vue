<script setup lang="ts">
import { judgedForm as words } from '../../../words'

/** The frame of a form for a rule or technique of one's own: what it is, its fields, what it would change today, and keeping it. */
defineProps<{ title: string; about?: string; keepLabel: string; complete: boolean }>()
defineEmits<{ keep: []; cancel: [] }>()
</script>

<template>
  <v-card class="form">
    <header>
      <h2>{{ title }}</h2>
      <p v-if="about" class="quiet">{{ about }}</p>
    </header>
    <div class="body">
      <DraftBar />
      <slot />
    </div>
    <footer>
      <v-btn variant="text" @click="$emit('cancel')">{{ words.close }}</v-btn>
      <v-btn color="primary" :disabled="!complete" @click="$emit('keep')">{{ keepLabel }}</v-btn>
    </footer>
  </v-card>
</template>

<style scoped>
.form {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-12);
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-16);
  overflow-y: auto;
  padding-top: var(--space-6);
}
.body > :slotted(fieldset) {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
  display: grid;
  gap: var(--space-12);
}
:slotted(legend) {
  padding: 0;
  font-family: var(--v-font-heading);
  font-weight: 700;
  margin-bottom: var(--space-8);
}
footer {
  display: flex;
  justify-content: flex-end;
  gap: var(--space-8);
}
</style>
