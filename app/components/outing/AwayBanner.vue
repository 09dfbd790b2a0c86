<script setup lang="ts">
import { awayBanner as words } from '../../../words'
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { minutesBetween, type Outing } from '../../../core/outing'
import { useOutings } from '~/stores/outings'
import { momentNow } from '~/stores/moment'
import { newId } from '../../../core/new-id'

/** Ygrion was shut for a while with an outing under way: a dead battery, or a break? Effort must not count by itself. */
const props = defineProps<{ outing: Outing }>()
const outings = useOutings()
const KEY = 'ygrion-outing-seen'
const AWAY_MIN = 20
const seen = ref<string | null>(null)
const back = momentNow()
/** The last sign of life; where nothing can be kept, the last entry is taken for it. */
const known = useLocalStorage(KEY, '', { onError: () => undefined })

function remember() {
  // Until the question is answered, the last sign of life stays what it was.
  if (!seen.value) known.value = momentNow()
}
onMounted(() => {
  const { entries } = props.outing
  const last = entries[entries.length - 1]
  const latest = [known.value, last?.at ?? '']
    .filter(Boolean)
    .sort((a, b) => Date.parse(a) - Date.parse(b))
    .pop()
  if (latest && last?.kind !== 'pause' && minutesBetween(latest, back) > AWAY_MIN) seen.value = latest
  remember()
})
useIntervalFn(remember, 15_000)

/** The break is written down where it was. */
async function wasBreak() {
  if (!seen.value) return
  const add = [
    { id: newId(), at: seen.value, kind: 'pause' as const },
    { id: newId(), at: back, kind: 'resume' as const },
  ]
  await outings.change({ outingId: props.outing.id, add }, words.aBreak)
  seen.value = null
}
</script>

<template>
  <section v-if="seen" class="away" role="alert">
    <p>
      {{ words.ygrionWasShutFrom }} <b>{{ seen.slice(11, 16) }}</b> {{ words.to }} <b>{{ back.slice(11, 16) }}</b
      >{{ words.nothingWrittenDownWas }}
    </p>
    <div>
      <button type="button" @click="seen = null">{{ words.iFishedOn }}</button>
      <button type="button" @click="wasBreak">{{ words.itWasABreak }}</button>
    </div>
  </section>
</template>

<style scoped>
.away {
  max-width: 640px;
  margin: 0 auto var(--space-12);
  padding: var(--space-12);
  border-radius: var(--radius-l);
  border: 2px solid rgb(var(--v-theme-warning));
}
div {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-8);
  margin-top: var(--space-8);
}
button {
  min-height: 56px;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
</style>
