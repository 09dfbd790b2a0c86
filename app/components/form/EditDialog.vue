<script setup lang="ts">
/** A form over the page; closed by its own buttons, by Escape and by a click beside it. The focus goes back to what opened it. */
const props = defineProps<{ label: string; open: boolean; widthPx: number }>()
defineEmits<{ close: [] }>()
let opener: Element | null = null
// At once: a moment later the form has the focus.
watch(
  () => props.open,
  (open) => {
    if (open) opener = document.activeElement
  },
  { flush: 'sync', immediate: true },
)
function giveBack() {
  // A thing that was removed cannot have it back.
  const to = opener?.isConnected ? opener : document.querySelector('main a, main button')
  if (to instanceof HTMLElement) to.focus()
}
</script>

<template>
  <v-dialog
    :aria-label="label"
    :model-value="open"
    :max-width="widthPx"
    scrollable
    @update:model-value="(now) => !now && $emit('close')"
    @after-leave="giveBack"
  >
    <slot />
  </v-dialog>
</template>
