<script setup lang="ts">
import { mdiRedo, mdiUndo, mdiWeatherNight, mdiWhiteBalanceSunny } from '@mdi/js'
import { useTheme } from 'vuetify'
import { useBox } from '~/stores/box'
import { useDoubts } from '~/stores/doubts'
import { useHistory } from '~/stores/history'
import { useMatch } from '~/stores/match'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

const settings = useSettings()
const box = useBox()
const history = useHistory()
const theme = useTheme()
const route = useRoute()

const VIEWS = [
  { to: '/water', name: 'Water' },
  { to: '/box', name: 'Box' },
  { to: '/bench', name: 'Bench' },
  { to: '/', name: 'Match' },
  { to: '/outing', name: 'Outing' },
  { to: '/review', name: 'Review' },
]

/** A view is where we are also while one of its parts is open. */
const within = (to: string) =>
  to === '/'
    ? route.path === '/' || route.path.startsWith('/rules')
    : route.path === to || route.path.startsWith(`${to}/`)

await settings.load()
watch(
  () => settings.night,
  (night) => theme.change(night ? 'night' : 'day'),
  { immediate: true },
)
void box.open()
useOutings().open()
useMatch().start()
useDoubts().start()

function shortcut(event: KeyboardEvent) {
  const target = event.target as HTMLElement | null
  const typing = target?.closest('input, textarea, [contenteditable]')
  if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !event.shiftKey && !typing) {
    event.preventDefault()
    void history.undo()
  } else if (
    (event.ctrlKey || event.metaKey) &&
    !typing &&
    (event.key === 'y' || (event.key.toLowerCase() === 'z' && event.shiftKey))
  ) {
    event.preventDefault()
    void history.redo()
  }
}
function keepWater() {
  useWater().leave()
}
/** What fails unseen is told: a change that was refused must not look as if it had been made. */
const failed = ref('')
function tell(event: PromiseRejectionEvent) {
  failed.value = `That did not work, and nothing was changed: ${event.reason instanceof Error ? event.reason.message.slice(0, 160) : 'unknown fault'}`
}
onMounted(() => {
  window.addEventListener('unhandledrejection', tell)
  window.addEventListener('keydown', shortcut)
  window.addEventListener('pagehide', keepWater)
})
onBeforeUnmount(() => {
  window.removeEventListener('unhandledrejection', tell)
  window.removeEventListener('keydown', shortcut)
  window.removeEventListener('pagehide', keepWater)
})

const said = computed({
  get: () => history.said !== '',
  set: (on) => {
    if (!on) history.said = ''
  },
})
</script>

<template>
  <v-app>
    <a class="skip" href="#main">Skip to content</a>
    <header class="top">
      <NuxtLink to="/" class="mark" aria-label="Ygrion, to the match">
        <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden="true">
          <path d="M3 9q5 -4 10 0t10 0" />
          <path d="M13 9V17q0 5 -4.6 5T4.2 17.6" />
          <path d="M4.2 17.6l3.4 1.8" />
        </svg>
        Ygrion
      </NuxtLink>
      <nav aria-label="Views">
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
          :title="history.last ? `Undo: ${history.last.label}` : 'Nothing to undo'"
          aria-label="Undo"
          @click="history.undo()"
        >
          <v-icon :icon="mdiUndo" size="20" />
        </button>
        <button
          type="button"
          :disabled="!history.next"
          :title="history.next ? `Redo: ${history.next.label}` : 'Nothing to redo'"
          aria-label="Redo"
          @click="history.redo()"
        >
          <v-icon :icon="mdiRedo" size="20" />
        </button>
        <button
          type="button"
          class="units"
          :aria-label="`Units: ${settings.system}. Switch to ${settings.system === 'metric' ? 'imperial' : 'metric'}`"
          @click="settings.keep({ system: settings.system === 'metric' ? 'imperial' : 'metric' })"
        >
          {{ settings.system === 'metric' ? 'cm · g · °C' : 'in · oz · °F' }}
        </button>
        <button
          type="button"
          :aria-label="settings.night ? 'Day colours' : 'Night colours'"
          @click="settings.keep({ night: !settings.night })"
        >
          <v-icon :icon="settings.night ? mdiWhiteBalanceSunny : mdiWeatherNight" size="20" />
        </button>
      </div>
    </header>
    <main id="main">
      <p v-if="box.status.state === 'loading'" class="waiting" role="status">Opening the box …</p>
      <div v-else-if="box.status.state === 'failed'" class="waiting" role="alert">
        <h1>The box cannot be opened</h1>
        <p>
          This browser refuses to store data here ({{ box.status.problem }}). Leave private browsing or free some space,
          then open the page again. Nothing stored was changed.
        </p>
      </div>
      <NuxtPage v-else />
    </main>
    <v-snackbar v-model="said" :timeout="6000" location="bottom" color="on-surface">
      {{ history.said }}
      <template #actions><v-btn variant="text" class="snack-undo" @click="history.undo()">Undo</v-btn></template>
    </v-snackbar>
    <v-snackbar :model-value="$pwa?.needRefresh === true" :timeout="-1" location="top" color="on-surface">
      Update ready.
      <template #actions
        ><v-btn variant="text" class="snack-undo" @click="$pwa?.updateServiceWorker()">Reload</v-btn></template
      >
    </v-snackbar>
    <v-snackbar
      :model-value="failed !== ''"
      :timeout="12000"
      location="bottom"
      color="error"
      role="alert"
      @update:model-value="(on: boolean) => !on && (failed = '')"
    >
      {{ failed }}
    </v-snackbar>
  </v-app>
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
.skip {
  position: absolute;
  left: -9999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 10;
  padding: var(--space-8) var(--space-12);
  background: rgb(var(--v-theme-surface));
}
.waiting {
  padding: var(--space-64) var(--space-24);
  max-width: 60ch;
  margin: 0 auto;
}
.snack-undo {
  color: inherit;
  font-weight: 700;
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
