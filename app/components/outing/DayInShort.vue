<script setup lang="ts">
import { dayInShort as words, sayCare } from '../../../words'
import { dayEnd } from '../../../core/review'
import type { Outing } from '../../../core/outing'
import { useBox } from '~/stores/box'
import { momentNow } from '~/stores/moment'

/** The day in short, at once when it is over: what caught, what is settled, what there is to do. */
const props = withDefaults(defineProps<{ outing: Outing; friends?: readonly Outing[] }>(), { friends: () => [] })
const box = useBox()
const end = computed(() => dayEnd(props.outing, box.box, momentNow(), props.friends))
const caught = computed(() => end.value.lures.filter(({ takes }) => takes > 0))
const dry = computed(() => end.value.lures.filter(({ takes, minutes }) => takes === 0 && minutes >= 1))
const settled = computed(() => {
  const { comparison } = end.value
  if (!comparison) return ''
  const { a, b, found } = comparison
  if (found.verdict) return words.settled(found.verdict === 'a' ? a : b, found.verdict === 'a' ? b : a)
  if (found.sides.a.events + found.sides.b.events === 0) return words.neitherTook(a, b)
  const more = found.effortToDecide
  return more === null ? words.alike(a, b) : words.notSettled(a, b, Math.ceil(more / 60))
})
const times = (n: number) => (n < 10 ? n.toFixed(1) : String(Math.round(n)))
const lost = computed(() =>
  end.value.lost.map(({ name, lost: n, left, where }) =>
    left > 0 && where ? words.lostButTwin(n, name, left, where.tray, where.slot ?? '') : words.lost(n, name, left),
  ),
)
</script>

<template>
  <section class="short" :aria-label="words.inShort">
    <h2>{{ friends.length ? words.allOfYou : words.inShort }}</h2>
    <ul>
      <li v-for="c in caught" :key="c.lureId ?? c.name">
        <b>{{ c.name }}</b> {{ words.caught(c.takes, c.schools, c.landed, Math.round(c.minutes)) }}
      </li>
      <li v-if="caught.length === 0">{{ words.nothingTook }}</li>
      <li v-else-if="dry.length" class="quiet">{{ words.nothingOn(dry.map(({ name }) => name).join(', ')) }}</li>
      <li v-for="l in end.leanings" :key="l.factor + l.label">
        {{ words.leans(l.factor, l.label, times(l.times.median), times(l.times.low), times(l.times.high)) }}
      </li>
      <li v-if="end.leanings.length" class="quiet">{{ words.oneDay }}</li>
      <li v-if="settled">{{ settled }}</li>
      <li v-for="line in lost" :key="line">{{ line }}</li>
      <li v-for="d in end.care" :key="d.lureId"><b>{{ d.name }}</b>: {{ d.care.map(sayCare).join('; ') }}</li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
}
</style>
