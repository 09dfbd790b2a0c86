<script setup lang="ts">
import { seenColours as words } from '../../../words'
import { colourOf, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useUnderwater } from '~/composables/useUnderwater'

/** The lure as it lies in the hand, and as a fish sees it in the middle of the zone. */
const props = defineProps<{ lure: Lure }>()
const { show } = useMeasure()
const { at, down, seen } = useUnderwater()
const contrast = computed(() => {
  const { flank, belly } = props.lure.colour
  return down.value?.contrast(colourOf(flank).hex, colourOf(belly).hex) ?? null
})
const WORDS = ['hardly', words.aLittle, 'clearly', 'strongly'] as const
const said = (value: number) => WORDS[value < 0.1 ? 0 : value < 0.22 ? 1 : value < 0.4 ? 2 : 3]
</script>

<template>
  <div v-if="at && down && contrast" class="seen">
    <figure>
      <span class="card hand"><LureDrawing :lure="lure" :width-px="96" /></span>
      <figcaption>{{ words.inTheHand }}</figcaption>
    </figure>
    <figure>
      <span class="card" :style="{ background: down.behind }" data-testid="seen-below">
        <LureDrawing :lure="lure" :width-px="96" :seen="seen" />
      </span>
      <figcaption>{{ words.atNow(show(at.depthM, 'depth')) }}</figcaption>
    </figure>
    <p>
      {{ words.seenLevelItStands }} <b>{{ said(contrast.level) }}</b>{{ words.againstTheLightAbove }}
      <b>{{ said(contrast.up) }}</b>.
    </p>
  </div>
</template>

<style scoped>
.seen {
  display: grid;
  grid-template-columns: auto auto minmax(0, 1fr);
  gap: var(--space-12);
  align-items: center;
}
figure {
  margin: 0;
}
figcaption {
  font-size: var(--text-1);
  opacity: var(--v-medium-emphasis-opacity);
  margin-top: var(--space-2);
}
.card {
  display: grid;
  place-items: center;
  width: 148px;
  height: 74px;
  border-radius: var(--radius-m);
  overflow: hidden;
}
.hand {
  background: var(--tray-bed);
}
p {
  font-size: var(--text-3);
}
@media (max-width: 600px) {
  .seen {
    grid-template-columns: 1fr 1fr;
  }
  .card {
    width: 100%;
  }
  p {
    grid-column: 1 / -1;
  }
}
</style>
