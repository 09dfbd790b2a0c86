<script setup lang="ts">
import { benchSumsPage as words } from '../../../words'
import { linePerTurn, speedOfTurns } from '../../../core/motion'
import type { Line } from '../../../core/tackle'
import { waterFluid } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

/** The arithmetic of boat and bottom that nobody does by hand. */
useHead({ title: words.calculatorsYgrion })
const box = useBox()
const water = useWater()
const { show } = useMeasure()
const lineId = ref<string | null>(null)
const ANY: Line = {
  id: '',
  name: words.mono,
  material: 'mono',
  strengthN: 60,
  diameterM: 0.0003,
  reelId: null,
  cost: null,
}
const lines = computed<readonly Line[]>(() => (box.box.lines.length ? box.box.lines : [ANY]))
/** To begin with an ordinary one, m. */
const ORDINARY_M = 0.00026
const line = computed<Line>(() => {
  const off = (l: Line) => Math.abs(l.diameterM - ORDINARY_M)
  return lines.value.find((l) => l.id === lineId.value) ?? lines.value.reduce((b, l) => (off(l) < off(b) ? l : b))
})
const carrying = computed(() => ({ tempC: water.current?.waterTempC ?? 15, salinity: water.place?.salinity ?? 0 }))
const fluid = computed(() => waterFluid(carrying.value.tempC, carrying.value.salinity))

// Handle turns.
const reelId = ref<string | null>(null)
const reel = computed(() => box.box.reels.find((r) => r.id === reelId.value) ?? box.box.reels[0] ?? null)
const perTurnM = computed(() => {
  const r = reel.value
  if (!r) return 0.6
  return r.spoolM === null ? r.linePerTurnM : linePerTurn(r.gearRatio, r.spoolM)
})
const TURNS = [0.5, 0.75, 1, 1.5, 2]
</script>

<template>
  <div class="page">
    <PageHead :title="words.bench" :about="words.calculatorsForBoatBottom"><BenchTabs /></PageHead>
    <div class="pick">
      <v-select
        :model-value="line.id"
        :label="words.line"
        density="compact"
        hide-details
        :items="lines.map((l) => ({ value: l.id, title: l.name }))"
        @update:model-value="(id: string) => (lineId = id)"
      />
      <p class="quiet">
        {{ words.inWater(show(carrying.tempC, 'waterTemp'))
        }}<template v-if="carrying.salinity">{{ words.salinity(carrying.salinity) }}</template
        >{{ words.kgMMpaS(fluid.density.toFixed(1), (fluid.viscosity * 1000).toFixed(2)) }}
      </p>
    </div>
    <div class="sums">
      <SumDropShot
        class="wide"
        :depth-m="water.current?.depthM ?? 8"
        :current-mps="water.current?.currentMps ?? 0"
        :fluid="fluid"
        :line="line"
      />
      <div class="stack">
        <SumTroll :line="line" :water="carrying" :fluid="fluid" />
        <SumSwing
          :line="line"
          :water="carrying"
          :fluid="fluid"
          :current-mps="water.current?.currentMps ?? 0"
          :depth-m="water.current?.depthM ?? 6"
        />
      </div>
      <div class="stack">
        <SumDownrigger :fluid="fluid" :line="line" :water="carrying" />
        <SumHang
          :line="line"
          :water="carrying"
          :fluid="fluid"
          :depth-m="water.current?.depthM ?? 8"
          :flow-mps="Math.max(water.current?.driftMps ?? 0, water.current?.currentMps ?? 0) || 0.2"
        />
        <SumCast />
        <section class="panel turns" :aria-label="words.handleTurns">
          <h2>{{ words.handleTurns }}</h2>
          <p v-if="!reel" class="quiet">{{ words.noReel }} <NuxtLink to="/box/parts">{{ words.addOne }}</NuxtLink>.</p>
          <template v-else>
            <v-select
              :model-value="reel.id"
              :label="words.reel"
              :items="box.box.reels.map((r) => ({ value: r.id, title: `${r.name}, ${r.gearRatio}:1` }))"
              @update:model-value="(id: string) => (reelId = id)"
            />
            <ul>
              <li v-for="t in TURNS" :key="t">
                <span>{{ words.aSecond(t) }}</span>
                <b>{{ show(speedOfTurns(t, perTurnM), 'lureSpeed') }}</b>
              </li>
            </ul>
            <p class="quiet">
              {{
                words.aTurnLess(
                  show(perTurnM, 'lureLength'),
                  reel.spoolM === null ? words.asNotedOn : words.byRatioAndSpool,
                )
              }}
            </p>
          </template>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.pick {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8) var(--space-20);
  margin: var(--space-12) 0;
}
.pick .v-select {
  max-width: 280px;
}
.sums {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-16);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--space-16);
  align-content: start;
  min-width: 0;
}
.wide {
  grid-column: 1 / -1;
}
.turns {
  display: grid;
  gap: var(--space-8);
  padding: var(--space-16) var(--space-20) var(--space-16);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  padding: var(--space-4) 0;
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
@media (max-width: 900px) {
  .sums {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
