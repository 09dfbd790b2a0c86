<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useTheme } from 'vuetify'
import { appShell as words } from '../words'
import { useBox } from '~/stores/box'
import { useCommands } from '~/stores/commands'
import { useDoubts } from '~/stores/doubts'
import { useHistory } from '~/stores/history'
import { useMatch } from '~/stores/match'
import { useOpening } from '~/stores/opening'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

const settings = useSettings()
const box = useBox()
const history = useHistory()
const theme = useTheme()

const opening = useOpening()
/** The page waits this long for the angler's colours before it is drawn, ms. */
const COLOURS_MS = 1500
await Promise.race([opening.open(), new Promise((resolve) => setTimeout(resolve, COLOURS_MS))])
watch(
  () => settings.night,
  (night) => theme.change(night ? 'night' : 'day'),
  { immediate: true },
)
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
const commands = useCommands()
/** What fails unseen is told: a change that was refused must not look as if it had been made. */
function tell(event: PromiseRejectionEvent) {
  event.preventDefault()
  commands.tell(event.reason)
}
if (import.meta.client) {
  useEventListener(window, 'unhandledrejection', tell)
  useEventListener(window, 'keydown', shortcut)
  useEventListener(window, 'pagehide', keepWater)
}

/** What tells of something done, or asks about two hands on one thing, is fetched when first wanted, and stays: a dialog has to close before it goes. */
const spoke = ref(false)
const asked = ref(false)
watchEffect(() => {
  if (history.said !== '') spoke.value = true
  if (commands.conflict) asked.value = true
})
</script>

<template>
  <v-app>
    <a class="skip" href="#main">{{ words.skip }}</a>
    <TopBar />
    <KeptNothing />
    <main id="main">
      <RescuePage v-if="opening.stage === 'failed' || opening.stage === 'silent'" />
      <p v-else-if="opening.stage !== 'open' || box.status.state === 'loading'" class="waiting" role="status">
        {{ words.openingTheBox }}
      </p>
      <NuxtPage v-else />
    </main>
    <LazyUndoNotice v-if="spoke" />
    <UpdateNotice />
    <FailureNotice />
    <LazyConflictDialog v-if="asked" />
  </v-app>
</template>

<style scoped>
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
</style>
