<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { kitBox as words, percent, sayAdds, sayLevel, sayProof, sayShare } from '../../../words'
import { MOST_LURES, MOST_RODS, type Plan, type Planned } from '../../../core/plan'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'

/** The kit as an open box: it fills while one moves how many may come, first as far as is known, then worked out anew. */
const settings = useSettings()
const props = defineProps<{ plan: Plan; planned: Planned; proven: boolean }>()
const emit = defineEmits<{ change: [change: Partial<Plan>, label: string] }>()
const box = useBox()
const { show } = useMeasure()

/** How many, under the hand. */
const wanted = ref(props.plan.limits.lures)
watch(
  () => props.plan.limits.lures,
  (n) => (wanted.value = n),
)
const MOST_SHOWN = 24
const most = computed(() => Math.min(MOST_LURES, Math.max(MOST_SHOWN, props.plan.limits.lures)))
const COLUMNS = 4
const path = computed(() => [...props.planned.lures, ...props.planned.more])
const slots = computed(() =>
  // Whole rows: what stays empty is drawn, too.
  Array.from({ length: Math.ceil(wanted.value / COLUMNS) * COLUMNS }, (_, i) => {
    const one = i < wanted.value ? path.value[i] : undefined
    return { i, one, lure: one && box.lureById.get(one.lureId) }
  }),
)
/** What the first so many are worth: exact for the kit itself, what is added for those after it. */
const share = computed(() => {
  const { lures, whole, value } = props.planned
  if (wanted.value === lures.length) return whole > 0 ? value / whole : 0
  return path.value.slice(0, wanted.value).reduce((sum, { adds }) => sum + adds, 0)
})
const pinned = (id: string) => props.plan.pinned.includes(id)
function settle() {
  if (wanted.value !== props.plan.limits.lures)
    emit('change', { limits: { ...props.plan.limits, lures: wanted.value } }, words.set(wanted.value))
}
/** The hand rests: then it is worked out anew. */
const RESTS_MS = 350
watchDebounced(wanted, settle, { debounce: RESTS_MS })
onBeforeUnmount(settle)
function rods(by: number) {
  const n = Math.min(MOST_RODS, Math.max(1, props.plan.limits.rods + by))
  if (n !== props.plan.limits.rods) emit('change', { limits: { ...props.plan.limits, rods: n } }, words.setRods(n))
}
function pin(id: string, name: string) {
  const { pinned: all } = props.plan
  const on = !pinned(id)
  const next = on ? [...all, id] : all.filter((one) => one !== id)
  emit('change', { pinned: next }, on ? words.bringsAlong(name) : words.noMore(name))
}
function leave(id: string, name: string) {
  const { leftHome, pinned: all } = props.plan
  emit('change', { leftHome: [...leftHome, id], pinned: all.filter((one) => one !== id) }, words.leaves(name))
}
const home = computed(() => props.plan.leftHome.flatMap((id) => box.lureById.get(id) ?? []))
const worst = computed(() =>
  props.planned.covered
    .filter(({ weight, id }) => weight >= 0.05 && id !== 'as-told')
    .reduce<Planned['covered'][number] | null>((a, b) => (a && a.share <= b.share ? a : b), null),
)
const next = computed(() => path.value[wanted.value])
const proof = computed(() =>
  props.proven && wanted.value === props.plan.limits.lures ? sayProof(props.planned, props.plan.limits) : '',
)
</script>

<template>
  <section class="kit panel" :aria-label="words.whatToCarry">
    <header>
      <div>
        <h2>{{ words.whatToCarry }}</h2>
        <p class="share"><b data-share>{{ share.toFixed(2) }}</b> <span>{{ words.ofYourBox }}</span></p>
      </div>
      <div class="rods" role="group" :aria-label="words.rods">
        <button type="button" :aria-label="words.fewerRods" :disabled="plan.limits.rods <= 1" @click="rods(-1)">
          −
        </button>
        <span><b>{{ plan.limits.rods }}</b> {{ words.rods.toLowerCase() }}</span>
        <button type="button" :aria-label="words.moreRods" :disabled="plan.limits.rods >= MOST_RODS" @click="rods(1)">
          +
        </button>
      </div>
    </header>
    <label class="many">
      <span>{{ words.lures(wanted) }}</span>
      <input v-model.number="wanted" type="range" min="1" :max="most" step="1" :aria-label="words.howMany" />
    </label>
    <ol class="tray">
      <li v-for="{ i, one, lure } in slots" :key="one?.lureId ?? i" :class="{ pinned: one && pinned(one.lureId) }">
        <template v-if="one">
          <LureDrawing v-if="lure" :lure="lure" :width-px="74" />
          <span class="called">{{ one.name }}</span>
          <span class="adds" :title="sayAdds(one.adds, one.without)">{{ words.adds(sayShare(one.adds)) }}</span>
          <span class="do">
            <button
              type="button"
              :aria-pressed="pinned(one.lureId)"
              :aria-label="words.pin(one.name)"
              :title="words.pin(one.name)"
              @click="pin(one.lureId, one.name)"
            >
              ●
            </button>
            <button
              type="button"
              :aria-label="words.home(one.name)"
              :title="words.home(one.name)"
              @click="leave(one.lureId, one.name)"
            >
              ✕
            </button>
          </span>
        </template>
        <span v-else class="sr-only">{{ words.emptySlot }}</span>
      </li>
    </ol>
    <p v-if="proof" class="proof">{{ proof }}</p>
    <ul class="tells quiet">
      <li>{{ words.grams(show(planned.luresKg, 'lureMass')) }}</li>
      <li v-if="next && next.adds > 0.0005">{{ words.addsNext(next.name, sayShare(next.adds)) }}</li>
      <li v-if="worst && worst.share < 0.97">
        {{ words.uncovered(sayLevel(worst.of, worst.id, plan, settings.system), percent(worst.share)) }}
      </li>
      <li v-if="planned.home > 0">{{ words.mayStay(planned.home) }}</li>
    </ul>
    <p v-if="home.length" class="home">
      {{ words.leftAtHome }}:
      <button
        v-for="l in home"
        :key="l.id"
        type="button"
        @click="emit('change', { leftHome: plan.leftHome.filter((id) => id !== l.id) }, words.backAgain(l.name))"
      >
        {{ l.name }} ✕
      </button>
    </p>
  </section>
</template>

<style scoped>
.kit {
  padding: var(--space-16);
  display: grid;
  gap: var(--space-12);
  align-content: start;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-12);
}
.share b {
  font-family: var(--v-font-heading);
  font-size: var(--text-8);
  line-height: 1;
}
.rods {
  display: flex;
  align-items: center;
  gap: var(--space-8);
}
.rods button {
  width: 44px;
  height: 44px;
  border-radius: var(--radius-round);
  border: 1px solid rgba(var(--v-border-color), 0.45);
  font-size: var(--text-5);
}
.rods button:disabled {
  opacity: 0.4;
}
.many {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  align-items: center;
  gap: var(--space-12);
  font-weight: 650;
}
.many input {
  width: 100%;
  height: 44px;
  accent-color: rgb(var(--v-theme-secondary));
}
.tray {
  list-style: none;
  margin: 0;
  padding: var(--space-6);
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: var(--space-4);
  border-radius: var(--radius-l);
  background: var(--colour-tray-rim);
}
.v-theme--night .tray {
  background: var(--colour-tray-rim-night);
}
.tray li {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  justify-items: center;
  align-content: space-between;
  min-height: 104px;
  padding: var(--space-4) var(--space-6);
  border-radius: var(--radius-s);
  background: var(--tray-bed);
  color: var(--colour-ink);
  box-shadow: inset 0 2px 6px rgb(0 0 0 / 18%);
}
.tray li.pinned {
  outline: 2px solid rgb(var(--v-theme-secondary));
  outline-offset: -2px;
}
.tray li > :deep(svg) {
  grid-column: 1 / -1;
}
.called {
  grid-column: 1 / -1;
  justify-self: start;
  font-size: var(--text-2);
  line-height: 1.15;
  overflow-wrap: anywhere;
}
.adds {
  justify-self: start;
  align-self: end;
  font-weight: 650;
  font-size: var(--text-2);
}
.do {
  display: flex;
}
.do button {
  width: 30px;
  height: 30px;
  opacity: 0.6;
  font-size: var(--text-1);
}
.do button:hover,
.do button:focus-visible,
.do button[aria-pressed='true'] {
  opacity: 1;
}
.proof {
  font-weight: 600;
}
.tells {
  margin: 0;
  padding-left: var(--space-16);
  font-size: var(--text-3);
}
.home {
  font-size: var(--text-3);
}
.home button {
  margin-left: var(--space-6);
  padding: var(--space-4) var(--space-8);
  border-radius: var(--radius-round);
  border: 1px solid rgba(var(--v-border-color), 0.4);
}
@media (max-width: 520px) {
  .tray {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
