<script setup lang="ts">
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
  const used = (await navigator.storage?.estimate?.())?.usage
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
  <section class="panel keep" aria-label="Keep my data">
    <h2>Keep my data</h2>
    <p v-if="kept">This browser keeps the box until you remove it yourself.</p>
    <template v-else>
      <p>
        The box lies in this browser. When the disk runs full, browsers may clear what they were not asked to keep.
        <template v-if="settings.keepAskedOn && kept === false"
          >It was asked and has not agreed yet: export now and then.</template
        >
      </p>
      <v-btn color="primary" size="small" @click="ask">Ask the browser to keep it</v-btn>
    </template>
    <p class="quiet">
      <template v-if="daysSince === null">Never exported yet.</template>
      <template v-else-if="daysSince === 0">Exported today.</template>
      <template v-else>Last exported {{ daysSince }} {{ daysSince === 1 ? 'day' : 'days' }} ago.</template>
      An archive on another disk is the only copy that a lost machine leaves you.
      <template v-if="usedMb !== null">
        {{ box.box.lures.length }} lures take {{ usedMb.toFixed(1) }} MB here.</template
      >
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
