<script setup lang="ts">
import { fieldName, sayFault, waterInstrumentsPage as words } from '../../../words'
import type { Conditions } from '../../../core/water'
import { useWater } from '~/stores/water'

useHead({ title: words.sounderAndForecastYgrion })
const water = useWater()
const said = ref('')
function take(over: Partial<Conditions>, what: string, then?: () => void) {
  const wrong = water.change(over)
  said.value = wrong ? words.notCopied(fieldName(wrong.field), sayFault(wrong.fault)) : words.copiedToTodaysWater(what)
  if (!wrong) then?.()
}
</script>

<template>
  <div class="page">
    <WaterHead :about="words.about" />
    <p class="said" role="status">{{ said }}</p>
    <div class="shelves">
      <SounderPanel @take="take" />
      <ForecastPanel @take="take" />
      <TidePanel @take="take" />
    </div>
  </div>
</template>

<style scoped>
.shelves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
  gap: var(--space-16);
  align-items: start;
}
.said {
  min-height: 28px;
  padding: var(--space-4) var(--space-2);
  font-weight: 600;
}
</style>
