<script setup lang="ts">
import { blockCard as words, percent, sayHours, sayWay } from '../../../words'
import type { Block, Plan, Planned } from '../../../core/plan'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'

/** One stretch of the day: what is fished, on which rod, how, for how long, and what when it does not work. */
const props = defineProps<{ plan: Plan; planned: Planned; block: Block; still: boolean }>()
const emit = defineEmits<{
  hold: [block: Block, fromH: number, toH: number, lureId?: string]
  release: [block: Block]
}>()
const box = useBox()
const settings = useSettings()
const carriedOf = (id: string | null) => props.planned.carried.find((one) => one.id === id)
const carried = computed(() => carriedOf(props.block.carriedId))
const way = computed(() => carried.value?.ways.find(({ id }) => id === props.block.wayId) ?? carried.value?.ways[0])
const lure = computed(() => box.lureById.get(carried.value?.lureId ?? ''))
const rod = computed(() => box.box.rods.find(({ id }) => id === props.block.rodId)?.name ?? '')
const next = computed(() => carriedOf(props.block.nextCarriedId))
const leg = computed(() => props.plan.legs.find(({ id }) => id === props.block.legId))
const hours = computed(() => sayHours(props.block.fromH, props.block.toH))
const beside = computed(() =>
  props.block.beside.flatMap(({ carriedId, rodId }) => {
    const one = carriedOf(carriedId)
    return one ? [{ name: one.name, rod: box.box.rods.find(({ id }) => id === rodId)?.name ?? '' }] : []
  }),
)
const can = (fromH: number, toH: number) =>
  !props.still && leg.value !== undefined && fromH >= leg.value.fromH && toH <= leg.value.toH && toH > fromH
const steps = computed(() => {
  const { fromH, toH } = props.block
  return [
    { says: words.earlier, sign: '←', to: [fromH - 1, toH - 1] as const },
    { says: words.later, sign: '→', to: [fromH + 1, toH + 1] as const },
    { says: words.shorter, sign: '−', to: [fromH, toH - 1] as const },
    { says: words.longer, sign: '+', to: [fromH, toH + 1] as const },
  ]
})
const others = computed(() => props.planned.lures.map(({ lureId, name }) => ({ value: lureId, title: name })))
</script>

<template>
  <article v-if="carried && way" class="card panel" :aria-label="`${carried.name}, ${hours}`">
    <header>
      <LureDrawing v-if="lure" :lure="lure" :width-px="110" />
      <div>
        <p class="hours">{{ hours }}</p>
        <h2>{{ carried.name }}</h2>
        <p class="quiet">{{ words.on(rod) }}</p>
      </div>
    </header>
    <p>{{ sayWay(way, settings.system) }}</p>
    <p class="rig quiet">{{ carried.rig }}</p>
    <p>
      {{ words.give(block.giveMin) }}
      <b>{{ next ? words.to(next.name) : words.nothingElse }}</b>
    </p>
    <p v-for="b in beside" :key="b.rod" class="quiet">{{ words.beside }}: {{ b.name }}, {{ words.on(b.rod) }}</p>
    <p class="quiet">{{ words.chance(percent(block.chance / Math.max(1e-9, block.whole))) }}</p>
    <div class="do" role="group" :aria-label="words.moves">
      <button
        v-for="s in steps"
        :key="s.says"
        type="button"
        :aria-label="s.says"
        :title="s.says"
        :disabled="!can(...s.to)"
        @click="emit('hold', block, ...s.to)"
      >
        {{ s.sign }}
      </button>
      <v-btn
        :variant="block.locked ? 'flat' : 'outlined'"
        color="primary"
        :disabled="still"
        @click="block.locked ? emit('release', block) : emit('hold', block, block.fromH, block.toH)"
        >{{ block.locked ? words.letGo : words.holdFast }}</v-btn
      >
    </div>
    <v-select
      :label="words.another"
      :items="others"
      :model-value="carried.lureId"
      :disabled="still"
      density="compact"
      hide-details
      @update:model-value="(id: string | null) => id && emit('hold', block, block.fromH, block.toH, id)"
    />
  </article>
</template>

<style scoped>
.card {
  padding: var(--space-16);
  display: grid;
  gap: var(--space-8);
  align-content: start;
}
header {
  display: flex;
  gap: var(--space-12);
  align-items: center;
}
header :deep(svg) {
  flex: none;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
}
.hours {
  font-weight: 650;
  color: rgb(var(--v-theme-secondary));
}
.rig {
  font-size: var(--text-2);
  overflow-wrap: anywhere;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6);
  align-items: center;
}
.do > button:not(.v-btn) {
  width: 44px;
  height: 44px;
  border-radius: var(--radius-round);
  border: 1px solid rgba(var(--v-border-color), 0.45);
  font-size: var(--text-5);
}
.do > button:disabled {
  opacity: 0.4;
}
</style>
