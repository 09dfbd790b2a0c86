<script setup lang="ts">
import {
  against,
  findingOf,
  kindsFor,
  knownMotion,
  knownOf,
  newSeries,
  sampleOf,
  weighedBy,
  withReading,
  withoutReading,
} from '../../../core/bench'
import { speedOfTurns } from '../../../core/motion'
import type { RoleId } from '../../../core/quantity'
import { lureMass, TEST_KINDS, testsOf, type BenchTest, type TestKind } from '../../../core/tackle'
import { put, take } from '../../../storage/repository'
import { howTo, lastOf, startOf, takenAtOnce } from '~/components/bench/test-form'
import { seriesPoints } from '~/components/bench/series-points'
import { useMeasure } from '~/composables/useMeasure'
import { useScale } from '~/composables/useScale'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

const box = useBox()
const water = useWater()
const settings = useSettings()
const route = useRoute()
const { show, figure } = useMeasure()

const kind = computed<TestKind>(() => TEST_KINDS.find((k) => k === route.query.kind) ?? 'fall')
const how = computed(() => howTo(kind.value))
useHead({ title: () => `${how.value.name} · Ygrion` })
const lure = computed(() => box.lureById.get(String(route.query.lure ?? '')) ?? null)
const known = computed(() => lure.value && knownOf(lure.value, box.box.tests))

/** The series under the hand: the one begun here today, else none yet. */
const seriesId = ref<string | null>(null)
const series = computed(() => box.box.tests.find((t) => t.id === seriesId.value) ?? null)
const earlier = computed(() =>
  lure.value ? testsOf(box.box.tests, lure.value.id, kind.value).filter((t) => t.id !== seriesId.value) : [],
)

const fixed = ref<Record<string, unknown>>({})
const reading = ref<Record<string, unknown>>({})
const tempC = ref(15)
const salinity = ref(0)
const problem = ref('')
watch(
  // A plain word, which stands still while the box around it changes.
  () => `${kind.value}|${lure.value?.id}`,
  () => {
    const last = lastOf(box.box.tests, kind.value)
    fixed.value = startOf(how.value.settings, last)
    reading.value = startOf(how.value.readings)
    seriesId.value = null
    problem.value = ''
  },
  { immediate: true },
)
watch(
  () => water.current?.placeId,
  () => {
    tempC.value = water.current?.waterTempC ?? 15
    salinity.value = water.place?.salinity ?? 0
  },
  { immediate: true },
)

const words = (field: string) =>
  [...how.value.settings, ...how.value.readings].find((f) => f.key === field)?.label ?? field

/** Readings are taken one after another, however fast they come: each begins where the one before it ended. */
let queue = Promise.resolve()
function takeReading() {
  const given = { ...reading.value }
  queue = queue.then(() => keep(given))
}
/** Whether what is held fixed is still what the series was begun with. */
function sameHeld(test: BenchTest): boolean {
  const held = test as unknown as Record<string, unknown>
  return (
    test.tempC === tempC.value &&
    test.salinity === salinity.value &&
    how.value.settings.every((f) => held[f.key] === fixed.value[f.key])
  )
}
async function keep(given: Record<string, unknown>) {
  if (!lure.value) return
  const found =
    series.value && sameHeld(series.value)
      ? withReading(series.value, given)
      : newSeries({
          id: crypto.randomUUID(),
          lure: lure.value,
          kind: kind.value,
          called: how.value.name.toLowerCase(),
          date: today(),
          tempC: tempC.value,
          salinity: salinity.value,
          settings: fixed.value,
          reading: given,
        })
  if (!found.ok) {
    problem.value = found.problems.map((p) => `${words(p.field)}: ${said(p.reason)}`).join(' ')
    return
  }
  problem.value = ''
  const { test } = found
  seriesId.value = test.id
  await box.edit(`Reading ${test.readings.length} of ${test.name}`, [
    put('tests', test),
    ...(kind.value === 'weigh' ? [put('lures', weighedBy(lure.value, test))] : []),
  ])
  // The live query brings it back a moment later; the next reading must find it.
  await untilStored(test)
}
const said = (reason: string) =>
  /expected|Invalid|Too/.test(reason) ? 'say it first, within what can be.' : `${reason}.`
function untilStored(test: BenchTest): Promise<void> {
  const there = () => (box.box.tests.find((t) => t.id === test.id)?.readings.length ?? 0) >= test.readings.length
  return new Promise((resolve) => {
    if (there()) return resolve()
    const stop = watch(
      () => box.box.tests,
      () => {
        if (!there()) return
        stop()
        resolve()
      },
    )
  })
}
function stopped(field: string, seconds: number) {
  reading.value = { ...reading.value, [field]: Math.round(seconds * 100) / 100 }
  if (takenAtOnce(kind.value)) takeReading()
}
async function takeOut(test: BenchTest, at: number) {
  const left = withoutReading(test, at)
  await box.edit(`Took out a reading of ${test.name}`, [left ? put('tests', left) : take('tests', test.id)])
}
function another() {
  seriesId.value = null
  reading.value = startOf(how.value.readings)
}

// Instruments.
const reelId = ref<string | null>(null)
const reel = computed(() => box.box.reels.find((r) => r.id === reelId.value) ?? box.box.reels[0] ?? null)
function paced(field: { key: string; by?: string }, perS: number, count: number) {
  const perTurn = reel.value?.linePerTurnM ?? 0.6
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

// What it comes to.
const finding = computed(() => (lure.value && known.value ? findingOf(kind.value, lure.value, known.value) : null))
const plots = computed(() =>
  lure.value && known.value ? seriesPoints(kind.value, lure.value, known.value, box.box.tests) : [],
)
const carrying = computed(() => ({ tempC: water.current?.waterTempC ?? 15, salinity: water.place?.salinity ?? 0 }))
const motion = computed(() => {
  if (!lure.value || !known.value) return null
  const withKg = Number(fixed.value.withKg ?? 0)
  const bare = knownMotion(
    { lure: lure.value, mount: { kind: 'own' }, trailer: null, massKg: 0 },
    known.value,
    carrying.value,
  )
  return { ...bare, weightN: bare.weightN + withKg * 9.80665 * (1 - (water.reading?.density ?? 1000) / 11_340) }
})
const seconds = computed(() =>
  series.value?.kind === 'fall' ? sampleOf(series.value.readings.map((r) => r.seconds)) : null,
)
const references = computed(() => {
  const ids = new Set(
    box.box.tests.filter((t) => t.kind === kind.value && t.lureId !== lure.value?.id).map((t) => t.lureId),
  )
  return box.box.lures.filter((l) => ids.has(l.id)).map((l) => ({ value: l.id, title: l.name }))
})
const referenceId = computed(() => {
  const kept = settings.references[kind.value]
  return references.value.some((r) => r.value === kept) ? (kept ?? null) : (references.value[0]?.value ?? null)
})
const compared = computed(() => {
  const reference = referenceId.value ? box.lureById.get(referenceId.value) : undefined
  return lure.value && reference ? against(kind.value, lure.value, reference, box.box.tests) : null
})
const share = (ratio: number) => {
  const off = Math.round((ratio - 1) * 100)
  return off === 0 ? 'the same as' : `${Math.abs(off)} % ${off > 0 ? 'more' : 'less'} than`
}
const sayReading = (r: Readonly<Record<string, unknown>>) =>
  how.value.readings
    .map((f) => {
      const v = r[f.key]
      return typeof v === 'number' && f.role ? show(v, f.role as RoleId) : String(v ?? '')
    })
    .join(' · ')
const asRecords = (test: BenchTest) => test.readings as unknown as readonly Readonly<Record<string, unknown>>[]
const apartOf = (test: BenchTest) => {
  if (test.kind === 'fall') return sampleOf(test.readings.map((r) => r.seconds))?.apart ?? []
  return []
}
const fits = computed(() => lure.value && kindsFor(lure.value).includes(kind.value))
</script>

<template>
  <div class="page">
    <p v-if="!lure" class="panel none">
      That lure is not in the box. <NuxtLink to="/bench">Back to the bench</NuxtLink>
    </p>
    <template v-else-if="known">
      <header class="top-line">
        <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }" class="back">Bench</NuxtLink>
        <h1>{{ how.name }}: {{ lure.name }}</h1>
        <p class="quiet">It gives {{ how.gives }}.</p>
      </header>
      <p v-if="!fits" class="caution">This test tells little of a lure of this family; it is kept all the same.</p>
      <div class="run">
        <section class="panel do" aria-label="Take readings">
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
            <MeasureField v-model="tempC" label="Water temperature" role="waterTemp" :min="-2" :max="40" />
            <v-text-field
              :model-value="String(salinity)"
              label="Salinity"
              suffix="‰"
              inputmode="decimal"
              @update:model-value="
                (t: string) => Number.isFinite(Number(t)) && (salinity = Math.min(42, Math.max(0, Number(t))))
              "
            />
            <v-select
              v-if="usesTurns && box.box.reels.length"
              :model-value="reel?.id"
              label="Reel for counting turns"
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
            These hold for the series under way. Change one, and the next reading begins a new series; so does
            <button type="button" class="link" @click="another">beginning anew</button>.
          </p>
          <template v-for="f in how.readings" :key="f.key">
            <StopWatch v-if="f.by === 'watch'" @stopped="(s) => stopped(f.key, s)" />
            <TapCounter
              v-else-if="f.by === 'taps' || f.by === 'turns'"
              :label="
                f.by === 'taps'
                  ? `Tap at each beat: ${f.label.toLowerCase()}`
                  : `Tap at each handle turn: ${f.label.toLowerCase()}`
              "
              :unit="f.by === 'taps' ? 'beats a second' : 'turns a second'"
              @pace="(perS, count) => paced(f, perS, count)"
            />
            <div v-else-if="f.by === 'scale'" class="scale">
              <output :class="scale.state.value.state">{{ show(scale.shown.value, 'lureMass') }}</output>
              <p class="simulated">Simulated scale: it stands in for a real one and invents its weights.</p>
              <p v-if="scale.lost.value" role="status">The scale does not answer. Is Ygrion’s server running?</p>
              <v-btn color="primary" :disabled="scale.state.value.state !== 'settled'" @click="takeWeight"
                >Take this weight</v-btn
              >
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
              takenAtOnce(kind) ? 'Add a typed reading' : 'Add this reading'
            }}</v-btn>
          </form>
          <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
        </section>

        <section class="panel found" aria-label="What it comes to">
          <div class="list">
            <h2>Readings</h2>
            <ol v-if="series" class="readings" aria-live="polite">
              <li v-for="(r, i) in asRecords(series)" :key="i" :class="{ apart: apartOf(series).includes(i) }">
                <span>{{ sayReading(r) }}</span>
                <em v-if="apartOf(series).includes(i)">stands apart: kept, look again</em>
                <button type="button" :aria-label="`Take out reading ${i + 1}`" @click="takeOut(series, i)">
                  Take out
                </button>
              </li>
            </ol>
            <p v-else class="quiet">None in this series yet. Every reading is kept the moment it is taken.</p>
            <p v-if="seconds" class="mean">
              Mean <b>{{ figure(seconds.mean, 'watch') }}&#8239;s</b
              ><template v-if="seconds.n > 1"
                >, spread {{ figure(seconds.sd, 'watch') }}&#8239;s<template v-if="seconds.apart.length"
                  >; without what stands apart {{ figure(seconds.without, 'watch') }}&#8239;s</template
                ></template
              >
            </p>
          </div>
          <div v-if="finding" class="finding">
            <h2>So {{ lure.name }} {{ finding.what }}</h2>
            <p class="big"><FigureRange :figure="finding" :role="finding.role" /></p>
          </div>
          <div v-if="kind === 'fall' && motion && water.reading && water.current" class="count">
            <h2>Count it down</h2>
            <CountTable
              :known="known"
              :motion="motion"
              :density="water.reading.density"
              :line-diameter-m="Number(fixed.lineDiameterM ?? 0)"
              :depth-m="Math.max(water.current.depthM, Number(fixed.depthM ?? 0))"
            />
          </div>
          <SeriesPlot v-for="p in plots" :key="p.title" :points="p.points" :role="p.role" :title="p.title">
            {{ p.title }}: dots are readings, the tick is what they come to.
          </SeriesPlot>
          <div v-if="references.length" class="against">
            <v-select
              label="Beside the reference lure"
              density="compact"
              hide-details
              :items="references"
              :model-value="referenceId"
              @update:model-value="
                (id: string) => settings.keep({ references: { ...settings.references, [kind]: id } })
              "
            />
            <p v-if="compared">
              {{ share(compared.ratio) }} {{ compared.reference.name
              }}{{ compared.clear ? '.' : ', but the two are not clear of each other yet.' }}
            </p>
            <p v-else class="quiet">Test this one, and the two are compared.</p>
          </div>
        </section>

        <section class="panel how" aria-label="How it is done">
          <h2>How it is done</h2>
          <h3>You need</h3>
          <ul>
            <li v-for="n in how.needs" :key="n">{{ n }}</li>
          </ul>
          <h3>Then</h3>
          <ol>
            <li v-for="s in how.steps" :key="s">{{ s }}</li>
          </ol>
          <div v-for="m in how.minds" :key="m" class="caution"><b>Mind:</b> {{ m }}</div>
          <template v-if="earlier.length">
            <h3>Earlier series</h3>
            <ul class="earlier">
              <li v-for="t in earlier" :key="t.id">
                <b>{{ t.date }}</b>
                <span v-for="(r, i) in asRecords(t)" :key="i">{{ sayReading(r) }}</span>
                <button type="button" class="link" @click="seriesId = t.id">Go on with it</button>
                <button type="button" class="link" @click="box.remove('tests', [t])">Throw away</button>
              </li>
            </ul>
          </template>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.top-line {
  display: grid;
  gap: 2px;
  margin-bottom: 14px;
}
.back {
  font-weight: 650;
}
.run {
  display: grid;
  grid-template-columns: minmax(0, 6fr) minmax(0, 6fr) minmax(0, 4fr);
  gap: 16px;
  align-items: start;
}
.panel {
  padding: 16px 18px 18px;
  display: grid;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
}
.typed {
  display: grid;
  gap: 8px;
  padding-top: 10px;
  border-top: 1px solid rgba(var(--v-border-color), 0.16);
}
.readings {
  margin: 6px 0 0;
  padding-left: 26px;
}
.readings li {
  padding: 3px 0;
}
.readings li::marker {
  font-weight: 700;
}
.readings button,
.link {
  margin-left: 10px;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: 0.88rem;
  min-height: 28px;
}
.apart em {
  margin-left: 8px;
  color: rgb(var(--v-theme-error));
  font-weight: 650;
  font-style: normal;
  font-size: 0.88rem;
}
.mean b,
.big :deep(b) {
  font-family: var(--v-font-heading);
}
.big :deep(b) {
  font-size: 1.6rem;
}
.finding,
.list,
.count,
.against {
  display: grid;
  gap: 4px;
}
.scale {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.scale output {
  font-family: var(--v-font-heading);
  font-size: 3rem;
  font-weight: 700;
  line-height: 1.1;
}
.scale output.settled {
  color: rgb(var(--v-theme-primary));
}
.simulated {
  font-size: 0.9rem;
  color: rgb(var(--v-theme-warning));
}
.how ul,
.how ol {
  margin: 0;
  padding-left: 20px;
  font-size: 0.94rem;
}
.how h3 {
  font-size: 0.96rem;
}
.how .earlier {
  list-style: none;
  padding: 0;
}
.earlier li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  padding: 4px 0;
}
.caution {
  padding: 6px 12px;
  border-left: 4px solid rgb(var(--v-theme-warning));
  font-size: 0.9rem;
}
.wrong {
  padding: 6px 12px;
  border-left: 4px solid rgb(var(--v-theme-error));
}
p .link {
  margin-left: 0;
}
.small {
  font-size: 0.88rem;
}
.none {
  padding: 24px;
}
@media (max-width: 1150px) {
  .run {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .how {
    grid-column: 1 / -1;
  }
}
@media (max-width: 760px) {
  .run {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
