<script setup lang="ts">
/** A figure moved by the thumb, a step or five at a time; what was tapped last stands until it is stored. */
const props = defineProps<{
  label: string
  less: string
  more: string
  unsaid: string
  value: number | null
  start: number
  step: number
  least: number
  most: number
  show: (value: number) => string
}>()
const emit = defineEmits<{ change: [value: number] }>()
const tapped = ref<number | null>(null)
const shown = computed(() => tapped.value ?? props.value)
watch(
  () => props.value,
  (stored) => stored === tapped.value && (tapped.value = null),
)
function turn(by: number) {
  const asked = shown.value === null ? props.start : shown.value + by * props.step
  tapped.value = Math.min(props.most, Math.max(props.least, Math.round(asked * 1e5) / 1e5))
  emit('change', tapped.value)
}
</script>

<template>
  <div class="steps" role="group" :aria-label="label">
    <span class="label">{{ label }}</span>
    <div>
      <button type="button" :aria-label="less" @click="turn(-1)">−</button>
      <output>{{ shown === null ? unsaid : show(shown) }}</output>
      <button type="button" :aria-label="more" @click="turn(1)">+</button>
    </div>
  </div>
</template>

<style scoped>
.label {
  font-size: var(--text-3);
  font-weight: 650;
}
.steps div {
  display: grid;
  grid-template-columns: 72px 1fr 72px;
  align-items: center;
  gap: var(--space-6);
  margin-top: var(--space-4);
}
button {
  min-height: 52px;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
  font-size: var(--text-5);
}
output {
  text-align: center;
  font-family: var(--v-font-heading);
  font-weight: 750;
  font-size: var(--text-5);
}
</style>
