<script setup lang="ts">
/** A sheet over the page, from below: it holds the focus until it goes, and gives it back to what opened it. */
defineProps<{ title: string; closing: string }>()
const emit = defineEmits<{ close: [] }>()
const dialog = ref<HTMLDialogElement | null>(null)
onMounted(() => dialog.value?.showModal())
onBeforeUnmount(() => dialog.value?.close())
</script>

<template>
  <dialog ref="dialog" class="sheet" :aria-label="title" @cancel.prevent="emit('close')" @click.self="emit('close')">
    <div class="inside">
      <header>
        <h2>{{ title }}</h2>
        <button type="button" class="close" :aria-label="closing" @click="emit('close')">✕</button>
      </header>
      <slot />
    </div>
  </dialog>
</template>

<style scoped>
.sheet {
  position: fixed;
  inset: auto 0 0 0;
  width: 100%;
  max-width: 640px;
  max-height: 86dvh;
  overflow: auto;
  margin: 0 auto;
  padding: 0;
  border: none;
  color: rgb(var(--v-theme-on-surface));
  background: rgb(var(--v-theme-surface));
  border-radius: var(--radius-l) var(--radius-l) 0 0;
  box-shadow: 0 -8px 40px rgba(0, 0, 0, 0.35);
}
.sheet::backdrop {
  background: rgba(0, 0, 0, 0.45);
}
.inside {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-12) var(--space-12) calc(var(--space-12) + env(safe-area-inset-bottom));
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.close {
  width: 48px;
  height: 48px;
  font-size: var(--text-5);
  border-radius: var(--radius-round);
}
</style>
