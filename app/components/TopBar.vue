<script setup lang="ts">
import { topBar as words } from '../../words'
import { mdiRedo, mdiUndo, mdiWeatherNight, mdiWhiteBalanceSunny } from '@mdi/js'
import { useHistory } from '~/stores/history'
import { useSettings } from '~/stores/settings'

/** The seven views, and what holds on all of them: undo and redo, units, colours by day and night. */
const settings = useSettings()
const history = useHistory()
const route = useRoute()

const VIEWS = [
  { to: '/water', name: words.water },
  { to: '/box', name: words.box },
  { to: '/bench', name: words.bench },
  { to: '/', name: words.match },
  { to: '/plan', name: words.plan },
  { to: '/outing', name: words.outing },
  { to: '/review', name: words.review },
]

/** A view is where we are also while one of its parts is open. */
const within = (to: string) =>
  to === '/'
    ? route.path === '/' || route.path.startsWith('/rules')
    : route.path === to || route.path.startsWith(`${to}/`)
const otherUnits = computed(() => (settings.system === 'metric' ? 'imperial' : 'metric'))
</script>

<template>
  <header class="top">
    <NuxtLink to="/" class="mark" :aria-label="words.ygrionToTheMatch">
      <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden="true">
        <path d="M3 9q5 -4 10 0t10 0" />
        <path d="M13 9V17q0 5 -4.6 5T4.2 17.6" />
        <path d="M4.2 17.6l3.4 1.8" />
      </svg>
      {{ words.ygrion }}
    </NuxtLink>
    <nav :aria-label="words.views">
      <NuxtLink
        v-for="view in VIEWS"
        :key="view.to"
        :to="view.to"
        :class="{ here: within(view.to) }"
        :aria-current="route.path === view.to ? 'page' : undefined"
        >{{ view.name }}</NuxtLink
      >
    </nav>
    <div class="tools">
      <button
        type="button"
        :disabled="!history.last"
        :title="history.last ? words.undo(history.last.label) : words.nothingToUndo"
        :aria-label="words.undo2"
        @click="history.undo()"
      >
        <v-icon :icon="mdiUndo" size="20" />
      </button>
      <button
        type="button"
        :disabled="!history.next"
        :title="history.next ? words.redo(history.next.label) : words.nothingToRedo"
        :aria-label="words.redo2"
        @click="history.redo()"
      >
        <v-icon :icon="mdiRedo" size="20" />
      </button>
      <button
        type="button"
        class="units"
        :aria-label="words.unitsSwitch(settings.system, otherUnits)"
        @click="settings.keep({ system: otherUnits })"
      >
        {{ settings.system === 'metric' ? words.cmGC : words.inOzF }}
      </button>
      <button
        type="button"
        :aria-label="settings.night ? words.dayColours : words.nightColours"
        @click="settings.keep({ night: !settings.night })"
      >
        <v-icon :icon="settings.night ? mdiWhiteBalanceSunny : mdiWeatherNight" size="20" />
      </button>
    </div>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: var(--space-12) var(--space-24);
  padding: var(--space-8) var(--space-24);
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  background: rgb(var(--v-theme-surface));
}
.mark {
  display: flex;
  align-items: center;
  gap: var(--space-8);
  font-family: var(--v-font-heading);
  font-weight: 750;
  font-size: var(--text-6);
  letter-spacing: -0.02em;
  color: rgb(var(--v-theme-on-surface));
  text-decoration: none;
}
.mark path {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.2;
  stroke-linecap: round;
}
.mark path:first-child {
  stroke: rgb(var(--v-theme-primary));
}
nav {
  display: flex;
  gap: var(--space-4);
}
nav a {
  padding: var(--space-8) var(--space-12);
  min-height: 40px;
  border-radius: var(--radius-m);
  color: rgb(var(--v-theme-on-surface));
  text-decoration: none;
  font-weight: 600;
}
nav a:hover {
  background: rgb(var(--v-theme-surface-variant));
}
nav a.here {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.tools {
  display: flex;
  gap: var(--space-4);
  margin-left: auto;
}
.tools button {
  min-width: 40px;
  min-height: 40px;
  border-radius: var(--radius-m);
}
.tools button:hover:not(:disabled) {
  background: rgb(var(--v-theme-surface-variant));
}
.tools button:disabled {
  opacity: 0.38;
}
.units {
  padding: 0 var(--space-8);
  font-size: var(--text-2);
  font-variant-numeric: tabular-nums;
}
@media (max-width: 800px) {
  .top {
    padding: var(--space-8) var(--space-12);
    flex-wrap: wrap;
  }
  nav {
    order: 3;
    width: 100%;
    gap: 0;
  }
  nav a {
    flex: 1;
    text-align: center;
    min-height: 48px;
    line-height: 32px;
    padding: var(--space-8) var(--space-2);
    font-size: var(--text-3);
  }
}
</style>
