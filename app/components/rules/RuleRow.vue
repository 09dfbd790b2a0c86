<script setup lang="ts">
import { ruleRow as texts, sayEffects, sayRule, sayWhen } from '../../../words'
import type { Rule } from '../../../core/match'
import { useSettings } from '~/stores/settings'

/** One rule: what it says, when it speaks, what it asks for, and how much it counts for this angler. */
const props = defineProps<{ rule: Rule; weight: number; degree: number; own?: boolean }>()
defineEmits<{ weigh: [weight: number]; edit: []; remove: [] }>()
const settings = useSettings()
const STEPS = [0, 0.5, 1, 1.5, 2, 3] as const
const said = (w: number) => (w === 0 ? 'off' : w === 1 ? texts.asUsual : `× ${w}`)
const when = computed(() => sayWhen(props.rule.when, settings.system))
</script>

<template>
  <article class="rule" :class="{ off: weight === 0 }" :data-rule="rule.id">
    <div class="words">
      <h3>{{ sayRule(rule) }}</h3>
      <p>
        <span class="quiet">{{ texts.when }}</span> {{ when || texts.always }}.
        <span class="quiet">{{ texts.then }}</span> {{ sayEffects(rule, settings.system) }}.
      </p>
      <p class="marks">
        <span v-if="degree >= 0.05" class="mark on">{{
          texts.active(degree < 0.95 ? `, ${Math.round(degree * 100)} %` : '')
        }}</span>
        <span v-if="rule.side" class="mark">{{ texts.school(rule.side.split('.')[0] ?? '') }}</span>
        <span class="mark">{{ rule.basis }}</span>
        <template v-if="own">
          <button type="button" class="link" @click="$emit('edit')">{{ texts.change }}</button>
          <button type="button" class="link" @click="$emit('remove')">{{ texts.remove }}</button>
        </template>
      </p>
    </div>
    <label class="weight">
      <span class="sr-only">{{ texts.weight(sayRule(rule)) }}</span>
      <select :value="weight" @change="(e) => $emit('weigh', Number((e.target as HTMLSelectElement).value))">
        <option v-for="s in STEPS" :key="s" :value="s">{{ said(s) }}</option>
      </select>
    </label>
  </article>
</template>

<style scoped>
.rule {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 116px;
  gap: var(--space-16);
  align-items: start;
  padding: var(--space-12) var(--space-16);
}
.rule.off .words {
  opacity: 0.55;
}
h3 {
  font-family: var(--v-font-body);
  letter-spacing: 0;
  font-size: var(--text-4);
  font-weight: 650;
}
p {
  font-size: var(--text-3);
}
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-8);
  margin-top: var(--space-4);
  align-items: center;
}
.mark {
  font-size: var(--text-1);
  padding: 1px var(--space-8);
  border-radius: var(--radius-round);
  background: rgba(var(--v-theme-surface-variant), 0.7);
}
.mark.on {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
select {
  width: 100%;
  min-height: 44px;
  padding: 0 var(--space-8);
  border: 1px solid rgba(var(--v-border-color), 0.5);
  border-radius: var(--radius-m);
  font: inherit;
  color: inherit;
  background: rgb(var(--v-theme-surface));
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: var(--text-2);
  min-height: 28px;
}
@media (max-width: 600px) {
  .rule {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-8);
    padding: var(--space-12);
  }
}
</style>
