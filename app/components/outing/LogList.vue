<script setup lang="ts">
import { spotLabel, type Entry, type Outing } from '../../../core/outing'
import { answerWords } from '../../../words'
import { useMeasure } from '~/composables/useMeasure'

/** What was written down, newest first; each entry can be taken out. */
const props = defineProps<{ outing: Outing; fixed?: boolean }>()
const emit = defineEmits<{ drop: [entry: Entry]; open: [entry: Entry] }>()
const { show } = useMeasure()
const carried = (id: string) => props.outing.carried.find((c) => c.id === id)

function say(e: Entry): string {
  switch (e.kind) {
    case 'rig': {
      const c = carried(e.carriedId)
      return `${c?.name ?? '?'}: ${c?.ways.find((w) => w.id === e.wayId)?.name.toLowerCase() ?? ''}`
    }
    case 'spot':
      return `Stop ${e.stop}, ${spotLabel(e).toLowerCase()}`
    case 'cast':
      return 'A cast'
    case 'answer':
      return `${answerWords(e.answer).name}${e.fish?.lengthM ? `, ${show(e.fish.lengthM, 'lureLength')}` : ''}`
    case 'reading':
      return [
        e.waterTempC !== undefined && `water ${show(e.waterTempC, 'waterTemp')}`,
        e.visibilityM !== undefined && `seen to ${show(e.visibilityM, 'depth')}`,
        e.depthM !== undefined && `depth ${show(e.depthM, 'depth')}`,
        e.windMps !== undefined && `wind ${show(e.windMps, 'wind')}`,
        e.sky,
      ]
        .filter(Boolean)
        .join(', ')
    case 'pause':
      return 'A break'
    case 'resume':
      return 'Fishing again'
    case 'advice':
      return `${e.taken ? 'Advice followed' : 'Advice left'}: ${e.says}`
    case 'lost-lure':
      return 'The lure is lost'
    case 'comparison':
      return `Trial: ${carried(e.a)?.name} against ${carried(e.b)?.name}`
    case 'comparison-end':
      return 'Trial ended'
    case 'note':
      return e.text
    case 'end':
      return 'Ended'
  }
}
/** Casts one after another are one line. */
const lines = computed(() => {
  const out: { entry: Entry; text: string; casts: number }[] = []
  for (const entry of [...props.outing.entries].reverse()) {
    const last = out[out.length - 1]
    if (entry.kind === 'cast' && last?.entry.kind === 'cast') last.casts += 1
    else out.push({ entry, text: say(entry), casts: 1 })
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
      <span v-else :class="{ bold: l.entry.kind === 'answer' }">{{ l.casts > 1 ? `${l.casts} casts` : l.text }}</span>
      <button
        v-if="!fixed && outing.entries.length > 1"
        type="button"
        class="drop"
        :aria-label="`Take out: ${l.text}`"
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
