<script setup lang="ts">
import { tiedRigs as words, sayMember, sayRefusal } from '../../../words'
import { useSettings } from '~/stores/settings'
import { useMatchShown } from '~/composables/useMatchShown'

/** Rigs tied already, each fished in its best way here, or why it cannot be. */
const match = useMatchShown()
const settings = useSettings()
</script>

<template>
  <section class="tied" :aria-label="words.tiedAlready">
    <h3>{{ words.tiedAlready }}</h3>
    <ul>
      <li v-for="{ rig, row, members, why } in match.rigs" :key="rig.id">
        <button v-if="row" type="button" :aria-pressed="match.chosenRigId === rig.id" @click="match.chooseRig(rig.id)">
          <b>{{ Math.round(row.score) }}</b>
          <span
            ><span class="rig-name">{{ rig.name }}</span
            ><small>{{ row.setUp.build.lure.name }} · {{ row.setUp.handling.technique.name }}</small
            ><small v-for="(m, i) in members" :key="i" class="member">{{ sayMember(m, settings.system) }}</small></span
          >
        </button>
        <p v-else class="not">
          <b>–</b>
          <span
            ><span class="rig-name">{{ rig.name }}</span
            ><small>{{ words.notHere(why ? sayRefusal(why) : '') }}</small></span
          >
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
.tied {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  padding: var(--space-12) 0 var(--space-8);
}
.tied h3 {
  padding: 0 var(--space-16);
  margin-bottom: var(--space-4);
}
.tied ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.tied button,
.tied .not {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  align-items: center;
  gap: var(--space-8);
  width: 100%;
  min-height: 48px;
  padding: var(--space-4) var(--space-16);
  text-align: left;
  border-left: 4px solid transparent;
}
.tied button:hover,
.tied button[aria-pressed='true'] {
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
.tied button[aria-pressed='true'] {
  border-left-color: rgb(var(--v-theme-secondary));
}
.tied b {
  font-family: var(--v-font-heading);
  text-align: right;
}
.rig-name {
  display: block;
  font-weight: 650;
}
.member {
  display: block;
}
.tied small {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
</style>
