<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { judgedPreview as words } from '../../../words'
import type { Practice } from '../../../core/match'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useMatch } from '~/stores/match'

/** What a rule or technique that is being written would change in the ranking of today; asked for when the typing rests. */
const props = defineProps<{
  /** How the angler judges without it, and with it; or what is missing of it, in words. */
  without: Partial<Practice>
  /** A technique that is being written, by id. */
  techniqueId?: string
  made: { ok: true; withIt: Partial<Practice> } | { ok: false; problem: string }
}>()
const match = useMatch()
const SHOWN = 6
const REST_MS = 350

/** A lure's place without the rule and with it. */
interface Change {
  readonly name: string
  readonly was: number | null
  readonly now: number
  readonly score: number
  readonly technique: string
}
const preview = shallowRef<readonly Change[] | null>(null)
const doneSo = ref<string | null>(null)
const written = () => JSON.stringify(props.made)
watch(written, () => (preview.value = null))
watchDebounced(written, () => void look(), { debounce: REST_MS, immediate: true })
async function look() {
  if (!props.made.ok || !match.asked) return
  const { withIt: written } = props.made
  const asked = plain(match.asked)
  const worker = useMatchWorker()
  await match.sendInputs()
  const by = (change: Partial<Practice>) =>
    worker.preview({ ...asked, practice: { ...asked.practice, ...plain(change) } })
  const without = await by(props.without)
  const withIt = await by(written)
  const place = new Map(without.map((r, i) => [r.id, i + 1]))
  preview.value = withIt.slice(0, SHOWN).map((r, i) => ({
    name: r.name,
    was: place.get(r.id) ?? null,
    now: i + 1,
    score: r.score,
    technique: r.technique.name,
  }))
  const so = withIt.flatMap((r, i) => (r.technique.id === props.techniqueId ? { name: r.name, place: i + 1 } : []))
  doneSo.value = props.techniqueId ? words.doneSo(so.length, so[0]?.name ?? '', so[0]?.place ?? 0) : null
}
const moves = computed(() => preview.value?.filter((p) => p.was !== p.now).length ?? 0)
</script>

<template>
  <section class="preview" aria-live="polite">
    <h3>{{ words.whatItWouldChange }}</h3>
    <p v-if="!made.ok" class="quiet">{{ made.problem }}</p>
    <p v-else-if="!preview" class="quiet">{{ words.rankingYourBox }}</p>
    <template v-else>
      <p class="quiet">
        {{ moves === 0 ? words.nothingAmongTheFirst : words.ofTheFirstSix(moves) }}
      </p>
      <p v-if="doneSo">{{ doneSo }}</p>
      <ol>
        <li v-for="p in preview" :key="p.name">
          <b>{{ p.name }}</b> {{ p.score.toFixed(1) }} <small>{{ p.technique }}</small>
          <span :class="{ up: p.was === null || p.was > p.now, down: p.was !== null && p.was < p.now }">
            {{ p.was === p.now ? '' : p.was === null ? words.newHere : words.was(p.was) }}
          </span>
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
.preview {
  padding: var(--space-12) var(--space-12);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-4);
}
ol {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-20);
}
.up {
  color: rgb(var(--v-theme-primary));
  font-weight: 650;
}
.down {
  color: rgb(var(--v-theme-secondary));
}
</style>
