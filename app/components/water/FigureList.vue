<script setup lang="ts">
/** Figures side by side, each under its name. */
defineProps<{ figures: readonly { readonly name: string; readonly value: string; readonly more?: string }[] }>()
</script>

<template>
  <dl>
    <div v-for="f in figures" :key="f.name">
      <dt>{{ f.name }}</dt>
      <dd>{{ f.value }} <small v-if="f.more">{{ f.more }}</small></dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-24);
  margin: 0;
}
dt {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
dd {
  margin: 0;
  font-weight: 650;
  font-size: var(--text-4);
}
small {
  font-weight: 400;
}
</style>
