<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { FAMILIES, type Lure } from '../../../core/tackle'
import { useElementSize } from '@vueuse/core'

/** Lures by family, to one scale within each. Only the rows on screen are drawn. */
const props = defineProps<{ lures: readonly Lure[] }>()
const emit = defineEmits<{ open: [lure: Lure] }>()

const list = ref<HTMLElement | null>(null)
const { width } = useElementSize(list, { width: 800, height: 0 })
const TILE_PX = 176
const HEAD_WIDE_PX = 216
/** On a narrow screen the family's name stands above its lures, else beside them. */
const narrow = computed(() => width.value < 720)
const columns = computed(() =>
  Math.max(2, Math.floor(((width.value || 1200) - (narrow.value ? 0 : HEAD_WIDE_PX)) / TILE_PX)),
)

interface Row {
  readonly key: string
  /** The family, on its first row. */
  readonly head: { readonly name: string; readonly about: string; readonly count: number } | null
  readonly lures: readonly Lure[]
  readonly pxPerMm: number
}
const rows = computed(() =>
  FAMILIES.flatMap((family): Row[] => {
    const lures = props.lures.filter((l) => l.family === family.id)
    if (lures.length === 0) return []
    const pxPerMm = 112 / Math.max(...lures.map((l) => l.lengthM * 1000))
    return Array.from({ length: Math.ceil(lures.length / columns.value) }, (_, i) => ({
      key: `${family.id}-${i}`,
      head: i === 0 ? { name: family.name, about: family.about, count: lures.length } : null,
      lures: lures.slice(i * columns.value, (i + 1) * columns.value),
      pxPerMm,
    }))
  }),
)
const offset = ref(0)
onMounted(() => {
  offset.value = Math.round((list.value?.getBoundingClientRect().top ?? 0) + window.scrollY)
})
const HEAD_PX = 62
const ROW_PX = 172
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: rows.value.length,
    estimateSize: (i: number) => ROW_PX + (narrow.value && rows.value[i]?.head ? HEAD_PX : 0),
    getItemKey: (i: number) => rows.value[i]?.key ?? i,
    overscan: 3,
    scrollMargin: offset.value,
  })),
)
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const row = rows.value[item.index]
    return row ? [{ item, row }] : []
  }),
)
const measure = (el: unknown) => virtual.value.measureElement(el as Element | null)
</script>

<template>
  <div ref="list" class="list" :style="{ height: `${virtual.getTotalSize()}px` }">
    <div
      v-for="{ item, row } in shown"
      :key="row.key"
      v-memo="[row, item.start, offset, columns]"
      :ref="measure"
      :data-index="item.index"
      class="at"
      :class="{ narrow, first: row.head }"
      :style="{ transform: `translateY(${item.start - offset}px)` }"
    >
      <h2 v-if="row.head">
        {{ row.head.name }} <span class="many">{{ row.head.count }}</span> <small>{{ row.head.about }}</small>
      </h2>
      <ul :style="{ '--columns': columns }">
        <li v-for="lure in row.lures" :key="lure.id">
          <LureTile :lure="lure" :width-px="lure.lengthM * 1000 * row.pxPerMm" @click="emit('open', lure)" />
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.list {
  position: relative;
  margin-top: var(--space-12);
}
.at {
  position: absolute;
  inset: 0 0 auto 0;
  display: grid;
  grid-template-columns: 216px minmax(0, 1fr);
}
.at ul {
  grid-column: 2;
}
.at.first {
  padding-top: var(--space-8);
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
.narrow.at {
  grid-template-columns: minmax(0, 1fr);
}
.narrow.at ul {
  grid-column: 1;
}
h2 {
  padding: 0 var(--space-16) var(--space-8) 0;
}
.many {
  font-weight: 400;
  opacity: var(--v-medium-emphasis-opacity);
}
h2 small {
  display: block;
  margin-top: var(--space-4);
  line-height: 1.35;
  font-family: var(--v-font-body);
  font-weight: 400;
  font-size: var(--text-3);
  letter-spacing: 0;
  opacity: var(--v-medium-emphasis-opacity);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 0 var(--space-6);
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: var(--space-6);
}
li {
  height: 166px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
</style>
