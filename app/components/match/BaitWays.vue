<script setup lang="ts">
import { baitWays as words, capital, sayMountKind, sayRefusal, sayRig } from '../../../words'
import { useMatchShown } from '~/composables/useMatchShown'

/** One bait, all its ways: every way of hooking and working the lure that is looked at, ranked in this water. */
const match = useMatchShown()
watch([() => match.answer, () => match.chosen?.setUp.build.lure.id], () => void match.findWays(), { immediate: true })
const best = computed(() => match.ways?.ways[0]?.score ?? 1)
</script>

<template>
  <div class="ways">
    <p v-if="!match.ways" class="quiet" role="status">{{ words.working }}</p>
    <template v-else>
      <p class="quiet">{{ words.intro(match.ways.ways.length) }}</p>
      <ol>
        <li v-for="way in match.ways.ways" :key="way.key">
          <button type="button" :aria-pressed="way.key === match.chosen?.key" @click="match.chooseWay(way)">
            <span class="what"
              ><b>{{ way.setUp.handling.technique.name }}</b>
              <span v-if="way.setUp.build.mount.kind !== 'own'">{{ sayMountKind(way.setUp.build.mount.kind) }}</span>
              <small>{{ sayRig(way.setUp) }}</small></span
            >
            <PlainBar :share="way.score / best" />
            <b class="points">{{ Math.round(way.score) }}</b>
          </button>
        </li>
      </ol>
      <ul v-if="match.ways.without.length" class="without">
        <li v-for="w in match.ways.without" :key="w.mount">
          {{ words.not(capital(sayMountKind(w.mount)), sayRefusal(w.why)) }}
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  gap: var(--space-8);
}
ol,
.without {
  list-style: none;
  margin: 0;
  padding: 0;
}
ol li + li {
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.6));
}
ol button {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 96px 36px;
  gap: var(--space-12);
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: var(--space-6) var(--space-8);
  text-align: left;
  border-radius: var(--radius-m);
}
ol button:hover,
ol button[aria-pressed='true'] {
  background: rgb(var(--v-theme-surface-variant));
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-8);
  overflow-wrap: anywhere;
}
.what small {
  flex-basis: 100%;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.points {
  text-align: right;
  font-family: var(--v-font-heading);
  font-size: var(--text-4);
}
.without {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
@media (max-width: 480px) {
  ol button {
    grid-template-columns: minmax(0, 1fr) 48px 30px;
  }
}
</style>
