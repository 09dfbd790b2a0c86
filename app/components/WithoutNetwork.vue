<script setup lang="ts">
import { withoutNetwork as words } from '../../words'
import { useWithoutNetwork } from '~/composables/useWithoutNetwork'

/** Whether Ygrion opens on the water, where there is no network. */
const state = useWithoutNetwork()
</script>

<template>
  <p class="without quiet" role="status" :data-state="state">
    <span class="dot" aria-hidden="true" />
    {{ words[state] }}
  </p>
</template>

<style scoped>
.without {
  display: flex;
  gap: var(--space-8);
  align-items: baseline;
  margin: 0;
}
.dot {
  flex: none;
  width: 9px;
  height: 9px;
  border: 2px solid currentcolor;
  border-radius: var(--radius-round);
}
.without[data-state='ready'] .dot {
  border-color: rgb(var(--v-theme-success));
  background: rgb(var(--v-theme-success));
}
</style>
