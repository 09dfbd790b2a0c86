<script setup lang="ts">
import { boxPicker as words } from '../../../words'
import { familyOf, type Lure } from '../../../core/tackle'
import type { Wanted } from '../../../core/outing'
import { useBox } from '~/stores/box'
import { useMeasure } from '~/composables/useMeasure'

/** Any lure or tied rig of the box, found by typing. */
defineProps<{ busy: boolean }>()
const emit = defineEmits<{ take: [wanted: Wanted] }>()
const box = useBox()
const { show } = useMeasure()
const search = ref('')
/** As many as a thumb scrolls through. */
const MOST = 12

interface Row extends Wanted {
  readonly name: string
  readonly says: string
  readonly lure: Lure | undefined
}
const all = computed<Row[]>(() => [
  ...box.box.lures
    .filter((l) => l.count > 0)
    .map((l) => ({
      kind: 'lure' as const,
      id: l.id,
      name: l.name,
      lure: l,
      says: `${familyOf(l.family).name} · ${show(l.lengthM, 'lureLength')} · ${l.colour.flank}`,
    })),
  ...box.rigs.map((r) => ({
    kind: 'rig' as const,
    id: r.id,
    name: r.name,
    lure: r.lureId ? box.lureById.get(r.lureId) : undefined,
    says: words.tiedRig,
  })),
])
const found = computed(() => {
  const asked = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return all.value.filter(({ name, says }) => asked.every((word) => `${name} ${says}`.toLowerCase().includes(word)))
})
const rows = computed(() => found.value.slice(0, MOST))
</script>

<template>
  <section class="picker" :aria-label="words.somethingElse">
    <label
      >{{ words.find }}
      <input v-model="search" type="search" autocomplete="off" />
    </label>
    <p v-if="busy" role="status">{{ words.gettingReady }}</p>
    <p v-else-if="rows.length === 0">{{ words.nothingFits }}</p>
    <ul>
      <li v-for="row in rows" :key="`${row.kind}${row.id}`">
        <button
          type="button"
          :data-take="row.id"
          :disabled="busy"
          @click="emit('take', { kind: row.kind, id: row.id })"
        >
          <LureDrawing v-if="row.lure" :lure="row.lure" :width-px="64" />
          <span><b>{{ row.name }}</b><small>{{ row.says }}</small></span>
        </button>
      </li>
    </ul>
    <p v-if="found.length > MOST" class="quiet">{{ words.more(found.length - MOST) }}</p>
  </section>
</template>

<style scoped>
.picker {
  display: grid;
  gap: var(--space-8);
}
label {
  display: grid;
  gap: var(--space-2);
  font-size: var(--text-3);
  font-weight: 650;
}
input {
  min-height: 48px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.55);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(260px, 100%), 1fr));
  gap: var(--space-6);
}
ul button {
  width: 100%;
  min-height: 56px;
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr);
  align-items: center;
  gap: var(--space-8);
  padding: var(--space-4) var(--space-8);
  text-align: left;
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.3);
}
b,
small {
  display: block;
  overflow-wrap: anywhere;
}
small {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
</style>
