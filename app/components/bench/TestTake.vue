<script setup lang="ts">
import { testTake as words } from '../../../words'
import { speedOfTurns } from '../../../core/motion'
import { lureMass } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useScale } from '~/composables/useScale'
import type { Series } from '~/composables/useSeries'
import { useBox } from '~/stores/box'
import { takenAtOnce } from './test-form'

/** What is held fixed, the instruments (watch, counter, scale), and the reading, which can be typed as well. */
const props = defineProps<{ run: Series }>()
const box = useBox()
const { show } = useMeasure()
const { kind, how, lure, series, fixed, reading, tempC, salinity, problem, takeReading, another } = props.run

function stopped(field: string, seconds: number) {
  reading.value = { ...reading.value, [field]: Math.round(seconds * 100) / 100 }
  if (takenAtOnce(kind.value)) takeReading()
}
const reelId = ref<string | null>(null)
const reel = computed(() => box.box.reels.find((r) => r.id === reelId.value) ?? box.box.reels[0] ?? null)
/** Line per turn where the box has no reel, m. */
const ANY_TURN_M = 0.6
function paced(field: { key: string; by?: string }, perS: number, count: number) {
  const perTurn = reel.value?.linePerTurnM ?? ANY_TURN_M
  const value = field.by === 'taps' ? perS : field.key === 'castM' ? count * perTurn : speedOfTurns(perS, perTurn)
  reading.value = { ...reading.value, [field.key]: Math.round(value * 1000) / 1000 }
}
const usesTurns = computed(() => how.value.readings.some((f) => f.by === 'turns'))
const usesScale = computed(() => how.value.readings.some((f) => f.by === 'scale'))
const scale = useScale()
watch(
  () => (usesScale.value ? lure.value?.id : undefined),
  (id) => {
    scale.lift()
    if (id && lure.value) scale.lay({ id: lure.value.id, labelKg: lureMass(lure.value).kg })
  },
  { immediate: true },
)
function takeWeight() {
  const { value } = scale.state
  if (value.state !== 'settled') return
  reading.value = { ...reading.value, massKg: value.massKg }
  takeReading()
}
</script>

<template>
  <section class="panel do" :aria-label="words.takeReadings">
    <div v-if="how.settings.length" class="fields">
      <TestField
        v-for="f in how.settings"
        :key="f.key"
        :field="f"
        :model-value="fixed[f.key]"
        @update:model-value="(v) => (fixed = { ...fixed, [f.key]: v })"
      />
    </div>
    <div class="fields">
      <MeasureField v-model="tempC" :label="words.waterTemperature" role="waterTemp" :min="-2" :max="40" />
      <v-text-field
        :model-value="String(salinity)"
        :label="words.salinity"
        suffix="‰"
        inputmode="decimal"
        @update:model-value="
          (t: string) => Number.isFinite(Number(t)) && (salinity = Math.min(42, Math.max(0, Number(t))))
        "
      />
      <v-select
        v-if="usesTurns && box.box.reels.length"
        :model-value="reel?.id"
        :label="words.reelForCountingTurns"
        :items="
          box.box.reels.map((r) => ({
            value: r.id,
            title: `${r.name}, ${show(r.linePerTurnM, 'lureLength')} a turn`,
          }))
        "
        @update:model-value="(id: string) => (reelId = id)"
      />
    </div>
    <p v-if="series" class="quiet small">
      {{ words.theseHoldFor }}
      <button type="button" class="link" @click="another">{{ words.beginningAnew }}</button>.
    </p>
    <template v-for="f in how.readings" :key="f.key">
      <StopWatch v-if="f.by === 'watch'" @stopped="(s) => stopped(f.key, s)" />
      <TapCounter
        v-else-if="f.by === 'taps' || f.by === 'turns'"
        :label="
          f.by === 'taps' ? words.tapAtEachBeat(f.label.toLowerCase()) : words.tapAtEachHandle(f.label.toLowerCase())
        "
        :unit="f.by === 'taps' ? words.beatsASecond : words.turnsASecond"
        @pace="(perS, count) => paced(f, perS, count)"
      />
      <div v-else-if="f.by === 'scale'" class="scale">
        <output :class="scale.state.value.state">{{ show(scale.shown.value, 'lureMass') }}</output>
        <p class="simulated">{{ words.simulatedScaleItStands }}</p>
        <p v-if="scale.lost.value" role="status">{{ words.theScaleDoesNot }}</p>
        <v-btn color="primary" :disabled="scale.state.value.state !== 'settled'" @click="takeWeight">{{
          words.takeThisWeight
        }}</v-btn>
      </div>
    </template>
    <form class="typed" @submit.prevent="takeReading">
      <div class="fields">
        <TestField
          v-for="f in how.readings"
          :key="f.key"
          :field="f"
          :model-value="reading[f.key]"
          @update:model-value="(v) => (reading = { ...reading, [f.key]: v })"
        />
      </div>
      <v-btn type="submit" variant="outlined">{{
        takenAtOnce(kind) ? words.addATypedReading : words.addThisReading
      }}</v-btn>
    </form>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-16) var(--space-16);
  display: grid;
  gap: var(--space-12);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--space-12);
}
.typed {
  display: grid;
  gap: var(--space-12);
  padding-top: var(--space-12);
  border-top: 1px solid rgba(var(--v-border-color), 0.16);
}
.scale {
  display: grid;
  gap: var(--space-6);
  justify-items: start;
}
.scale output {
  font-family: var(--v-font-heading);
  font-size: var(--text-8);
  font-weight: 700;
  line-height: 1.1;
}
.scale output.settled {
  color: rgb(var(--v-theme-primary));
}
.simulated {
  font-size: var(--text-3);
  color: rgb(var(--v-theme-warning));
}
.wrong {
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-error));
}
.small {
  font-size: var(--text-2);
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 28px;
}
</style>
