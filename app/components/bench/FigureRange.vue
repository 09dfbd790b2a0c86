<script setup lang="ts">
import { figureRange as words, sayBasis } from '../../../words'
import type { Estimate } from '../../../core/bench'
import type { RoleId } from '../../../core/quantity'
import { useMeasure } from '~/composables/useMeasure'

/** A figure with its unit, its band, and what it rests on. */
const props = defineProps<{ figure: Estimate; role: RoleId; bare?: boolean }>()
const { show, figure: plain } = useMeasure()
const spread = computed(() => props.figure.high - props.figure.low > 1e-9 * Math.abs(props.figure.value))
const low = computed(() => plain(props.figure.low, props.role).replace('-', '−'))
const high = computed(() => plain(props.figure.high, props.role).replace('-', '−'))
</script>

<template>
  <span class="figure">
    <b>{{ show(figure.value, role) }}</b>
    <span v-if="spread && low !== high" class="spread">{{ low }} … {{ high }}</span>
    <span v-if="!bare" class="basis" :class="figure.n > 0 ? 'tested' : 'told'">{{ sayBasis(figure) }}</span>
    <span v-if="figure.poor" class="poor">{{ words.poorTestAgain }}</span>
  </span>
</template>

<style scoped>
.figure {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-2) var(--space-8);
}
.spread {
  font-size: var(--text-3);
}
.basis {
  font-size: var(--text-2);
  padding: 0 var(--space-8);
  border-radius: var(--radius-m);
  border: 1px solid currentColor;
}
.basis.tested {
  border-style: solid;
  color: rgb(var(--v-theme-primary));
}
.basis.told {
  border-style: dashed;
}
.poor {
  font-size: var(--text-2);
  font-weight: 700;
  color: rgb(var(--v-theme-error));
}
</style>
