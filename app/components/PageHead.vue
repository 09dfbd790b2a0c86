<script setup lang="ts">
/** The head of a view: what it is, what it is for, and its parts below. */
defineProps<{ title: string; about?: string }>()
</script>

<template>
  <div class="page-head">
    <h1>{{ title }}</h1>
    <p v-if="about" class="quiet">{{ about }}</p>
    <slot />
  </div>
</template>

<style scoped>
.page-head {
  margin-bottom: var(--space-16);
}
.page-head p {
  max-width: 72ch;
  margin-top: var(--space-4);
}
</style>
