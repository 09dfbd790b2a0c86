<script setup lang="ts">
import { useElementSize } from '@vueuse/core'

/**
 * The frame that charts stand in: as wide as its place, so that its text keeps its size however narrow that is; grid lines with their figures; the whole told to
 * a reader. Colours stand as attributes: the picture can leave as a file.
 */
interface Tick {
  readonly at: number
  readonly text: string
  /** The line that counts is measured from. */
  readonly strong?: boolean
}
const props = defineProps<{
  height: number
  /** What it shows, in words. */
  says: string
  title?: string
  room?: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number }
  yTicks?: readonly Tick[]
  xTicks?: readonly Tick[]
  /** Where the figures along the chart stand. */
  xOn?: 'top' | 'bottom'
}>()
/** Its width, px: what the parent draws to. */
const width = defineModel<number>('width', { required: true })
const frame = ref<HTMLElement | null>(null)
const size = useElementSize(frame, { width: width.value, height: 0 })
watch(
  size.width,
  (w) => {
    if (w > 0) width.value = w
  },
  { immediate: true },
)
const right = computed(() => width.value - (props.room?.right ?? 0))
const bottom = computed(() => props.height - (props.room?.bottom ?? 0))
const picture = ref<SVGSVGElement | null>(null)
defineExpose({ picture })
</script>

<template>
  <div ref="frame" class="frame">
    <svg
      ref="picture"
      :viewBox="`0 0 ${width} ${height}`"
      role="img"
      :aria-label="title ? `${title}. ${says}` : says"
      class="chart"
      font-family="sans-serif"
      font-size="12"
      fill="currentColor"
    >
      <title v-if="title">{{ title }}</title>
      <slot name="under" />
      <template v-if="room">
        <g v-for="t in yTicks" :key="`y${t.at}`">
          <path :d="`M${room.left} ${t.at}H${right}`" stroke="currentColor" :stroke-opacity="t.strong ? 0.8 : 0.16" />
          <text :x="room.left - 7" :y="t.at + 4" text-anchor="end">{{ t.text }}</text>
        </g>
        <g v-for="t in xTicks" :key="`x${t.at}`">
          <path :d="`M${t.at} ${room.top}V${bottom}`" stroke="currentColor" stroke-opacity="0.1" />
          <text :x="t.at" :y="xOn === 'top' ? room.top - 8 : bottom + 18" text-anchor="middle">{{ t.text }}</text>
        </g>
      </template>
      <slot />
    </svg>
  </div>
</template>

<style scoped>
.frame {
  min-width: 0;
}
.chart {
  display: block;
  width: 100%;
  color: rgb(var(--v-theme-on-surface));
  font-variant-numeric: tabular-nums;
}
.chart :deep(text) {
  font-family: var(--v-font-body);
  font-size: var(--text-1);
}
@media print {
  .chart {
    color: var(--colour-print-ink);
  }
}
</style>
