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
      <li v-for="group in twins" :key="group[0]?.id">
        <span class="picture"><LureDrawing v-if="group[0]" :lure="group[0]" :width-px="84" /></span>
        <span
          ><b>{{ group.map((l) => l.name).join(' = ') }}</b
          ><span class="say"
            >{{ words.piecesOfTheSame(group.reduce((sum, l) => sum + l.count, 0))
            }}<template v-if="worth(group)">{{ words.worth(money(worth(group))) }}</template
            >.</span
          ></span
        >
      </li>
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
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-12);
  padding: var(--space-6) 0;
}
.picture {
  display: grid;
  place-items: center;
  height: 56px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.say {
  display: block;
  font-size: var(--text-3);
}
</style>
