<script setup lang="ts">
import { effortWordsAt, logList as words, sayEntry } from '../../../words'
import type { Entry, Outing } from '../../../core/outing'
import { useSettings } from '~/stores/settings'

/** What was written down, newest first; each entry can be taken out. */
const props = defineProps<{ outing: Outing; fixed?: boolean }>()
const emit = defineEmits<{ drop: [entry: Entry]; open: [entry: Entry] }>()
const settings = useSettings()
/** Casts one after another are one line. */
const lines = computed(() => {
  const out: { entry: Entry; text: string; casts: number }[] = []
  for (const entry of [...props.outing.entries].reverse()) {
    const last = out[out.length - 1]
    if (entry.kind === 'cast' && last?.entry.kind === 'cast') last.casts += 1
    else out.push({ entry, text: sayEntry(entry, props.outing, settings.system), casts: 1 })
  }
  return out
})
</script>

<template>
  <ol class="log">
    <li v-for="l in lines" :key="l.entry.id" :data-kind="l.entry.kind">
      <time>{{ l.entry.at.slice(11, 16) }}</time>
      <button
        v-if="l.entry.kind === 'answer' && l.entry.fish && !fixed"
        type="button"
        class="text"
        @click="emit('open', l.entry)"
      >
        <b>{{ l.text }}</b>
      </button>
      <span v-else :class="{ bold: l.entry.kind === 'answer' }">{{
        l.casts > 1 ? effortWordsAt(l.entry, outing).more(l.casts) : l.text
      }}</span>
      <button
        v-if="!fixed && outing.entries.length > 1"
        type="button"
        class="drop"
        :aria-label="words.takeOut(l.text)"
        @click="emit('drop', l.entry)"
      >
        ✕
      </button>
    </li>
  </ol>
</template>

<style scoped>
.log {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 52px 1fr auto;
  gap: var(--space-8);
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
time {
  font-weight: 650;
}
.text {
  text-align: left;
  text-decoration: underline;
  min-height: 48px;
}
.bold {
  font-weight: 700;
}
.drop {
  width: 48px;
  height: 48px;
}
</style>
