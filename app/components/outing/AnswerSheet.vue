<script setup lang="ts">
import { ANSWERS, type AnswerId } from '../../../core/outing'

/** Tap one: it is written down. Large, apart, and none needs looking at twice. */
const emit = defineEmits<{ answer: [answer: AnswerId]; close: [] }>()
const SAID: Readonly<Record<AnswerId, string>> = {
  follow: 'came along, did not touch',
  peck: 'touched, let go',
  slap: 'hit it, mouth shut',
  thump: 'hard knock, then off',
  'eaten-winding': 'not hooked',
  'eaten-pause': 'not hooked',
  'eaten-fall': 'not hooked',
  lost: 'hooked, came off',
  landed: 'in the hand',
}
const sheet = ref<HTMLElement | null>(null)
onMounted(() => sheet.value?.querySelector<HTMLElement>('button')?.focus({ preventScroll: true }))
</script>

<template>
  <div
    ref="sheet"
    class="sheet"
    role="dialog"
    aria-modal="true"
    aria-label="What did the fish do?"
    @keydown.esc="emit('close')"
  >
    <header>
      <h2>What did the fish do?</h2>
      <button type="button" class="close" aria-label="Nothing after all" @click="emit('close')">✕</button>
    </header>
    <div class="grid">
      <button
        v-for="a in ANSWERS"
        :key="a.id"
        type="button"
        :class="[a.bite ? 'bite' : 'touch', a.id]"
        :data-answer="a.id"
        @click="emit('answer', a.id)"
      >
        <b>{{ a.name }}</b>
        <small>{{ SAID[a.id] }}</small>
      </button>
    </div>
  </div>
</template>

<style scoped>
.sheet {
  position: fixed;
  z-index: 30;
  inset: auto 0 0 0;
  max-width: 640px;
  margin: 0 auto;
  padding: 14px 14px calc(14px + env(safe-area-inset-bottom));
  background: rgb(var(--v-theme-surface));
  border-radius: 20px 20px 0 0;
  box-shadow: 0 -8px 40px rgba(0, 0, 0, 0.35);
  display: grid;
  gap: 12px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.close {
  width: 48px;
  height: 48px;
  font-size: 1.2rem;
  border-radius: 24px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
.grid button {
  min-height: 84px;
  padding: 8px 6px;
  border-radius: 14px;
  border: 2px solid rgba(var(--v-border-color), 0.55);
  display: grid;
  align-content: center;
  gap: 2px;
  line-height: 1.15;
}
.grid b {
  font-size: 1.02rem;
}
.grid small {
  font-size: 0.8rem;
  opacity: var(--v-medium-emphasis-opacity);
}
.grid .bite {
  background: rgb(var(--v-theme-surface-variant));
}
.grid .landed {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.grid .landed small {
  opacity: 1;
}
</style>
