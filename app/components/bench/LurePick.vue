<script setup lang="ts">
import { lurePick as texts } from '../../../words'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { searchFor, familyOf, type Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { byName } from '~/composables/by-name'

/** The lures to put on the bench: tested ones first, searched as in the box. */
const props = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ choose: [id: string] }>()
const box = useBox()
const search = ref('')
const tested = computed(() => {
  const count = new Map<string, number>()
  for (const t of box.box.tests) count.set(t.lureId, (count.get(t.lureId) ?? 0) + 1)
  return count
})
const lures = computed(() => {
  const meant = searchFor(search.value ?? '', box.box.trays)
  const many = (l: Lure) => tested.value.get(l.id) ?? 0
  return box.box.lures.filter(meant).sort((a, b) => Number(many(b) > 0) - Number(many(a) > 0) || byName(a, b))
})
const scroller = ref<HTMLElement | null>(null)
const ROW_PX = 58
const rows = useVirtualizer(
  computed(() => ({
    count: lures.value.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW_PX,
    overscan: 8,
  })),
)
/** The chosen one is brought into sight once, and again when another is asked for from outside. */
watch(
  () => [props.chosen, lures.value.length] as const,
  async () => {
    const at = lures.value.findIndex((l) => l.id === props.chosen)
    await nextTick()
    if (at >= 0) rows.value.scrollToIndex(at, { align: 'auto' })
  },
  { immediate: true },
)
/** One stop for the Tab key; arrows go up and down from there. */
const stop = computed(() => {
  const at = lures.value.findIndex((l) => l.id === props.chosen)
  return at < 0 ? 0 : at
})
async function go(by: number) {
  const next = lures.value[Math.min(lures.value.length - 1, Math.max(0, stop.value + by))]
  if (!next) return
  emit('choose', next.id)
  await nextTick()
  await nextTick()
  scroller.value?.querySelector<HTMLElement>('[aria-pressed=true]')?.focus()
}
const STEP: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1, PageDown: 8, PageUp: -8 }
function arrow(event: KeyboardEvent) {
  const by = STEP[event.key]
  if (by === undefined) return
  event.preventDefault()
  void go(by)
}
const said = (l: Lure) => {
  const n = tested.value.get(l.id) ?? 0
  return n === 0 ? texts.notTested : `${n} ${n === 1 ? 'test' : 'tests'}`
}
</script>

<template>
  <section class="panel pick" :aria-label="texts.lures">
    <v-text-field v-model="search" :label="texts.search" density="compact" hide-details clearable autocomplete="off" />
    <p v-if="lures.length === 0" class="quiet none">{{ texts.nothingHereIsCalled }}</p>
    <div ref="scroller" class="scroll">
      <div :style="{ height: `${rows.getTotalSize()}px`, position: 'relative' }" role="list">
        <div
          v-for="row in rows.getVirtualItems()"
          :key="lures[row.index]?.id ?? row.index"
          role="listitem"
          class="line"
          :style="{ transform: `translateY(${row.start}px)`, height: `${ROW_PX}px` }"
        >
          <button
            v-if="lures[row.index]"
            type="button"
            class="one"
            :class="{ on: lures[row.index]?.id === chosen }"
            :aria-pressed="lures[row.index]?.id === chosen"
            :data-bench="lures[row.index]?.name"
            :tabindex="row.index === stop ? 0 : -1"
            @keydown="arrow"
            @click="emit('choose', lures[row.index]?.id ?? '')"
          >
            <span class="picture"><LureDrawing :lure="lures[row.index] as Lure" :width-px="52" /></span>
            <span class="words"
              ><b>{{ lures[row.index]?.name }}</b
              ><small
                >{{ familyOf((lures[row.index] as Lure).family).name }} · {{ said(lures[row.index] as Lure) }}</small
              ></span
            >
          </button>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.pick {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: var(--space-8);
  padding: var(--space-12);
}
.scroll {
  overflow-y: auto;
  min-height: 0;
  margin: 0 calc(-1 * var(--space-6));
}
.line {
  position: absolute;
  inset: 0 0 auto 0;
  padding: 0 var(--space-6);
}
.one {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr);
  gap: var(--space-8);
  align-items: center;
  width: 100%;
  height: 54px;
  padding: var(--space-2) var(--space-6);
  text-align: left;
  border-radius: var(--radius-m);
}
.one:hover {
  background: rgba(var(--v-theme-surface-variant), 0.55);
}
.one.on {
  background: rgb(var(--v-theme-surface-variant));
  box-shadow: inset 4px 0 rgb(var(--v-theme-secondary));
}
.one:focus-visible {
  outline-offset: -3px;
}
.picture {
  display: grid;
  place-items: center;
  height: 44px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.words b,
.words small {
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.words b {
  font-weight: 650;
}
.words small {
  font-size: var(--text-2);
}
.none {
  padding: var(--space-8);
}
</style>
