<script setup lang="ts">
import { duplicatesPanel as words } from '../../../words'
import { doubles, type Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'

/** Lures that are the same thing under two names, and what they are worth together. */
const box = useBox()
const settings = useSettings()
const twins = computed(() => doubles(box.box.lures))
const worth = (lures: readonly Lure[]) => lures.reduce((sum, l) => sum + (l.cost ?? 0) * l.count, 0)
const money = (value: number) => `${value.toFixed(2)} ${settings.currency}`
</script>

<template>
  <section class="panel twins" :aria-label="words.duplicates">
    <h2>{{ words.duplicates }}</h2>
    <p v-if="twins.length === 0" class="quiet">{{ words.noTwoLuresHere }}</p>
    <ul v-else>
      <template v-for="group in twins" :key="group[0]?.id">
        <LureLine v-if="group[0]" :lure="group[0]" :width-px="84" :title="group.map((l) => l.name).join(' = ')">
          {{
            words.piecesOfTheSame(group.reduce((sum, l) => sum + l.count, 0)) +
            (worth(group) ? words.worth(money(worth(group))) : '')
          }}.
        </LureLine>
      </template>
    </ul>
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-20) var(--space-16);
  display: grid;
  gap: var(--space-8);
  min-width: 0;
}
ul {
  margin: 0;
  padding: 0;
}
</style>
