<script setup lang="ts">
import { keepAsk as words } from '../../../words'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useSettings } from '~/stores/settings'

/** MatchRequest where it matters: once the box holds something of the angler's own, whether the browser may keep it; and now and then, to export it. */
const box = useBox()
const settings = useSettings()
const persisted = ref(true)
onMounted(async () => {
  persisted.value = (await navigator.storage?.persisted?.()) ?? true
})
const own = computed(() => box.box.lures.filter((l) => !l.id.startsWith('demo-')).length)
const DAY_MS = 86_400_000
/** So many lures of one's own, and so many days, are worth a word. */
const REMIND = { lures: 10, days: 30 } as const
const daysSince = computed(() =>
  settings.exportedOn ? (Date.parse(today()) - Date.parse(settings.exportedOn)) / DAY_MS : Infinity,
)
const asks = computed(() => own.value > 0 && !persisted.value && settings.keepAskedOn === '')
const reminds = computed(
  () => !asks.value && own.value >= REMIND.lures && daysSince.value > REMIND.days && settings.remindedOn !== today(),
)
async function keep() {
  persisted.value = (await navigator.storage?.persist?.()) ?? false
  await settings.keep({ keepAskedOn: today() })
}
</script>

<template>
  <aside v-if="asks || reminds" class="panel ask" :aria-label="words.keepMyData">
    <template v-if="asks">
      <p>{{ words.youHaveBegun }}</p>
      <v-btn size="small" color="primary" @click="keep">{{ words.keep }}</v-btn>
      <v-btn size="small" variant="text" @click="settings.keep({ keepAskedOn: today() })">{{ words.notNow }}</v-btn>
    </template>
    <template v-else>
      <p>{{ words.luresOfYourOwn(own) }}</p>
      <v-btn size="small" color="primary" to="/box/files">{{ words.export }}</v-btn>
      <v-btn size="small" variant="text" @click="settings.keep({ remindedOn: today() })">{{ words.notToday }}</v-btn>
    </template>
  </aside>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8) var(--space-12);
  margin-top: var(--space-12);
  padding: var(--space-8) var(--space-16);
  border-left: 5px solid rgb(var(--v-theme-primary));
}
.ask p {
  flex: 1 1 340px;
}
</style>
