<script setup lang="ts">
import { keepData as words } from '../../../words'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useSettings } from '~/stores/settings'

/** Whether the browser keeps this box for good, and when it was last exported. */
const settings = useSettings()
const box = useBox()
const kept = ref<boolean | null>(null)
const usedMb = ref<number | null>(null)
onMounted(async () => {
  // Some browsers know neither word.
  kept.value = (await navigator.storage?.persisted?.()) ?? null
  // What the box takes, without the copy of Ygrion itself that opens without a network; not every browser tells them apart.
  const stored = (await navigator.storage?.estimate?.()) as { usageDetails?: { indexedDB?: number } } | undefined
  const used = stored?.usageDetails?.indexedDB
  usedMb.value = used === undefined ? null : used / 1e6
})
async function ask() {
  kept.value = (await navigator.storage?.persist?.()) ?? null
  await settings.keep({ keepAskedOn: today() })
}
const DAY_MS = 86_400_000
const daysSince = computed(() =>
  settings.exportedOn ? Math.round((Date.parse(today()) - Date.parse(settings.exportedOn)) / DAY_MS) : null,
)
</script>

<template>
  <section class="panel keep" :aria-label="words.keepMyData">
    <h2>{{ words.keepMyData }}</h2>
    <p v-if="kept">{{ words.thisBrowserKeeps }}</p>
    <template v-else>
      <p>
        {{ words.theBoxLies }}
        <template v-if="settings.keepAskedOn && kept === false">{{ words.itWasAsked }}</template>
      </p>
      <v-btn color="primary" size="small" @click="ask">{{ words.askTheBrowser }}</v-btn>
    </template>
    <WithoutNetwork />
    <p class="quiet">
      <template v-if="daysSince === null">{{ words.neverExportedYet }}</template>
      <template v-else-if="daysSince === 0">{{ words.exportedToday }}</template>
      <template v-else>{{ words.lastExportedAgo(daysSince) }}</template>
      {{ words.anArchiveOnAnother }}
      <template v-if="usedMb !== null"> {{ words.luresTakeMbHere(box.box.lures.length, usedMb.toFixed(1)) }}</template>
    </p>
  </section>
</template>

<style scoped>
.keep {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-8);
  justify-items: start;
  align-content: start;
}
</style>
