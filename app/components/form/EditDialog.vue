<script setup lang="ts">
/** A form over the page; closed by its own buttons, by Escape and by a click beside it. */
defineProps<{ label: string; open: boolean; widthPx: number }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <v-dialog
    :aria-label="label"
    :model-value="open"
    :max-width="widthPx"
    scrollable
    @update:model-value="(now) => !now && $emit('close')"
  >
    <slot />
  </v-dialog>
</template>
