<script setup lang="ts">
import { jointList as words, sayJoint } from '../../../words'
import { mdiAlertOutline, mdiCheck, mdiCloseOctagonOutline, mdiScaleBalance } from '@mdi/js'
import type { Judgement } from '../../../core/tackle'
import { useSettings } from '~/stores/settings'

/** What is said of each joint, the worst first, each with what to do about it. */
const props = defineProps<{ judgements: readonly Judgement[] }>()
const settings = useSettings()
const rows = computed(() => props.judgements.map((j) => ({ ...j, ...sayJoint(j, settings.system) })))
const ICONS = { good: mdiCheck, mind: mdiAlertOutline, wrong: mdiCloseOctagonOutline } as const
</script>

<template>
  <ul class="joints">
    <li v-for="j in rows" :key="j.id" :class="j.verdict" :data-joint="j.id" :data-verdict="j.verdict">
      <v-icon :icon="j.law ? mdiScaleBalance : ICONS[j.verdict]" size="20" aria-hidden="true" />
      <p>
        <span class="title">{{ j.title }} · {{ j.law ? words.law : words[j.verdict] }}</span>
        {{ j.sentence }} <span v-if="j.remedy" class="remedy">{{ j.remedy }}</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.joints {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-2);
}
li {
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr);
  gap: var(--space-8);
  padding: var(--space-6) var(--space-8);
  border-radius: var(--radius-m);
}
.title {
  display: block;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.wrong {
  background: color-mix(in srgb, rgb(var(--v-theme-error)) 9%, transparent);
}
.wrong .v-icon {
  color: rgb(var(--v-theme-error));
}
.mind .v-icon {
  color: rgb(var(--v-theme-warning));
}
.good .v-icon {
  color: rgb(var(--v-theme-success));
}
.remedy {
  font-weight: 600;
}
</style>
