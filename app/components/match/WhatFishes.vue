<script setup lang="ts">
import { whatFishes as words } from '../../../words'
import type { TimeByDuty } from '../../../core/motion'

/** What a lure does while fish can take it: how much of that is fall, how much pull, how much rest. */
const props = defineProps<{ byDuty: TimeByDuty }>()
const DUTIES = ['fall', 'pull', 'rest'] as const
const whole = computed(() => DUTIES.reduce((sum, duty) => sum + props.byDuty[duty], 0))
const parts = computed(() =>
  DUTIES.map((duty) => {
    const share = whole.value > 0 ? props.byDuty[duty] / whole.value : 0
    return { duty, share, says: words[duty](`${Math.round(100 * share)}\u202f%`) }
  }).filter((part) => part.share >= 0.005),
)
</script>

<template>
  <div class="fishes" data-testid="what-fishes">
    <p v-if="whole <= 0">{{ words.never }}</p>
    <template v-else>
      <p>
        <b>{{ words.inTheirReach(whole < 10 ? whole.toFixed(1) : Math.round(whole)) }}</b>
        <span v-for="part in parts" :key="part.duty" class="part">
          <i :class="part.duty" aria-hidden="true" />{{ part.says }}
        </span>
      </p>
      <div class="bar" aria-hidden="true">
        <i v-for="part in parts" :key="part.duty" :class="part.duty" :style="{ flexGrow: part.share }" />
      </div>
    </template>
  </div>
</template>

<style scoped>
.fishes {
  display: grid;
  gap: var(--space-8);
  font-size: var(--text-3);
}
.fishes p {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-12);
  align-items: baseline;
}
.part {
  display: inline-flex;
  gap: var(--space-4);
  align-items: baseline;
  white-space: nowrap;
}
.part i {
  width: 10px;
  height: 10px;
  border-radius: var(--radius-s);
}
.bar {
  display: flex;
  gap: var(--space-2);
  height: 8px;
  border-radius: var(--radius-m);
  overflow: hidden;
}
.bar i {
  flex-basis: 0;
  min-width: 2px;
}
.pull {
  background: rgb(var(--v-theme-secondary));
}
.fall {
  background: repeating-linear-gradient(
    90deg,
    rgb(var(--v-theme-secondary)) 0 3px,
    rgba(var(--v-theme-secondary), 0.35) 3px 6px
  );
}
.rest {
  background: rgba(var(--v-theme-secondary), 0.35);
}
</style>
