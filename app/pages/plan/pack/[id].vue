<script setup lang="ts">
import { packPage as words, sayJob, sayShort } from '../../../../words'
import { FORMATS } from '../../../../core/exchange'
import { packingOf, type PackLine } from '../../../../core/plan'
import { slotName } from '../../../../core/tackle'
import { saveAs } from '~/composables/download'
import { useBox } from '~/stores/box'
import { usePlans } from '~/stores/plans'
import { useSettings } from '~/stores/settings'
import { planPath } from '~/composables/paths'

/** The packing list: tray by tray, ticked off by thumb. */
const plans = usePlans()
const box = useBox()
const settings = useSettings()
const route = useRoute()
const plan = computed(() => plans.byId.get(String(route.params.id)))
useHead({ title: () => words.packYgrion(plan.value?.name ?? '') })
const packing = computed(() =>
  plan.value?.planned ? packingOf(plan.value, plan.value.planned, box.box, box.places) : null,
)
const lines = computed(() => [
  ...(packing.value?.trays.flatMap((t) => t.lines) ?? []),
  ...(packing.value?.tackle ?? []),
])
const keys = computed(() => [...lines.value, ...(packing.value?.jobs ?? [])].map(({ key }) => key))
/** Ticks as the thumb has made them; what is stored follows, in the same order. */
const mine = ref<readonly string[] | null>(null)
const ticks = computed(() => mine.value ?? plan.value?.ticked ?? [])
const ticked = computed(() => new Set(ticks.value))
const done = computed(() => keys.value.filter((key) => ticked.value.has(key)).length)
let storing = Promise.resolve()
let waiting = 0
function tick(key: string, name: string) {
  const on = !ticked.value.has(key)
  const next = on ? [...ticks.value, key] : ticks.value.filter((one) => one !== key)
  mine.value = next
  waiting += 1
  storing = storing
    .then(async () => {
      if (plan.value)
        await plans.save({ ...plan.value, ticked: [...next] }, on ? words.ticked(name) : words.unticked(name), true)
    })
    .finally(() => (waiting -= 1))
}
/** Once all is stored, the store has the word again. */
watch(
  () => plan.value?.ticked,
  (stored) => {
    if (waiting === 0 && stored?.join() === mine.value?.join()) mine.value = null
  },
)
const slotOf = (trayId: string | null, slot: number | null) => {
  const tray = box.box.trays.find((t) => t.id === trayId)
  return tray && slot !== null ? slotName(tray, slot) : ''
}
function table() {
  if (!plan.value || !packing.value) return
  const row = (tray: string, compartment: string, { key, name, take, have }: PackLine) => ({
    tray,
    compartment,
    thing: name,
    take,
    have,
    packed: ticked.value.has(key),
  })
  const rows = [
    ...packing.value.trays.flatMap((t) =>
      t.lines.map((line) => row(t.name ?? words.loose, slotOf(t.trayId, line.slot), line)),
    ),
    ...packing.value.tackle.map((line) => row('', '', line)),
  ]
  void saveAs(FORMATS.packing, rows, plan.value.name)
}
const lureOf = (line: PackLine) => box.lureById.get(line.id)
const groups = computed(() => {
  const tackle = packing.value?.tackle ?? []
  const rods = tackle.filter(({ what }) => what === 'rod' || what === 'reel' || what === 'line')
  return [
    { title: words.rodsReelsLines, lines: rods },
    { title: words.between, lines: tackle.filter((one) => !rods.includes(one)) },
  ].filter((group) => group.lines.length > 0)
})
</script>

<template>
  <div class="page">
    <div class="head">
      <PageHead :title="words.packing" :about="plan?.name" />
      <div>
        <v-btn v-if="packing" variant="text" @click="table">{{ words.asTable }}</v-btn>
        <v-btn variant="text" :to="planPath(String(route.params.id))">{{ words.back }}</v-btn>
      </div>
    </div>
    <p v-if="plans.status.state === 'loading'" role="status">…</p>
    <p v-else-if="!packing">{{ words.notWorkedOut }}</p>
    <template v-else>
      <div class="far" role="status">
        <PlainBar :share="done / Math.max(1, keys.length)" />
        <b>{{ words.done(done, keys.length) }}</b>
      </div>
      <div class="lists">
        <section v-for="tray in packing.trays" :key="tray.trayId ?? 'loose'" class="panel">
          <h2>{{ tray.name ?? words.loose }}</h2>
          <ul>
            <li v-for="line in tray.lines" :key="line.key">
              <label :class="{ on: ticked.has(line.key) }">
                <input type="checkbox" :checked="ticked.has(line.key)" @change="tick(line.key, line.name)" />
                <LureDrawing v-if="lureOf(line)" :lure="lureOf(line) as never" :width-px="62" />
                <span
                  ><b>{{ line.name }}</b
                  ><small
                    >{{ words.take(line.take)
                    }}<template v-if="line.have < line.take">, {{ words.have(line.have) }}</template></small
                  ></span
                >
                <span class="slot">{{ slotOf(tray.trayId, line.slot) }}</span>
              </label>
            </li>
          </ul>
        </section>
        <section v-for="group in groups" :key="group.title" class="panel">
          <h2>{{ group.title }}</h2>
          <ul>
            <li v-for="line in group.lines" :key="line.key">
              <label :class="{ on: ticked.has(line.key) }" class="plain">
                <input type="checkbox" :checked="ticked.has(line.key)" @change="tick(line.key, line.name)" />
                <span
                  ><b>{{ line.name }}</b
                  ><small v-if="line.take > 1 || line.have < line.take"
                    >{{ words.take(line.take)
                    }}<template v-if="line.have < line.take">, {{ words.have(line.have) }}</template></small
                  ></span
                >
              </label>
            </li>
          </ul>
        </section>
        <section v-if="packing.jobs.length" class="panel">
          <h2>{{ words.jobs }}</h2>
          <p class="caution">{{ words.careful }}</p>
          <ul>
            <li v-for="job in packing.jobs" :key="job.key">
              <label :class="{ on: ticked.has(job.key) }" class="plain">
                <input type="checkbox" :checked="ticked.has(job.key)" @change="tick(job.key, job.name)" />
                <span>{{ sayJob(job, settings.system) }}</span>
              </label>
            </li>
          </ul>
        </section>
        <section class="panel">
          <h2>{{ words.short }}</h2>
          <p v-if="packing.short.length === 0" class="quiet">{{ words.nothingShort }}</p>
          <ul v-else class="buy">
            <li v-for="one in packing.short" :key="one.key">{{ sayShort(one) }}</li>
          </ul>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: start;
}
.far {
  display: grid;
  gap: var(--space-6);
  margin-bottom: var(--space-16);
}
.lists {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(360px, 100%), 1fr));
  gap: var(--space-16);
  align-items: start;
}
.panel {
  padding: var(--space-12) var(--space-16);
}
ul {
  list-style: none;
  margin: var(--space-6) 0 0;
  padding: 0;
}
li + li {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
label {
  display: grid;
  grid-template-columns: 28px 92px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-8);
  min-height: 60px;
  cursor: pointer;
}
label.plain {
  grid-template-columns: 28px minmax(0, 1fr);
  min-height: 48px;
}
label.on {
  opacity: var(--v-medium-emphasis-opacity);
}
label.on b {
  text-decoration: line-through;
}
label :deep(svg) {
  border-radius: var(--radius-s);
  background: var(--tray-bed);
}
b,
small {
  display: block;
  overflow-wrap: anywhere;
}
small {
  font-size: var(--text-2);
}
.slot {
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
}
.buy li {
  padding: var(--space-8) 0;
}
</style>
