<script setup lang="ts">
import { BOTTOMS, COVERS, Place, withReading } from '../../../core/water'
import { readGpx, FORMATS } from '../../../core/exchange'
import { choices } from '~/components/form/choices'
import { saveAs } from '~/composables/download'
import { plain } from '~/composables/plain'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useWater } from '~/stores/water'
import { sayFileProblem } from '../../../words'

useHead({ title: 'Places · Ygrion' })
const box = useBox()
const water = useWater()
const { show } = useMeasure()

const byName = computed(() => [...box.places].sort((a, b) => a.name.localeCompare(b.name, 'en')))
const chosenId = ref(water.place?.id ?? '')
const chosen = computed(() => box.places.find((p) => p.id === chosenId.value) ?? box.places[0])
const draft = ref<Place | null>(null)
/** What is being typed stays when the place changes elsewhere meanwhile, and goes when another place is looked at. */
watch(
  chosen,
  (now, before) => {
    const typed = draft.value && before && JSON.stringify(draft.value) !== JSON.stringify(before)
    if (typed && now?.id === before.id) return
    draft.value = now ? plain(now) : null
  },
  { immediate: true },
)
const judged = computed(() => (draft.value ? Place.safeParse(draft.value) : null))
const problem = computed(() => {
  const issue = judged.value?.success === false ? judged.value.error.issues[0] : undefined
  return issue ? `${issue.path.join(' › ') || 'This place'}: ${issue.message}` : ''
})
const dirty = computed(() => JSON.stringify(draft.value) !== JSON.stringify(chosen.value))
const said = ref('')

async function keep() {
  if (!judged.value?.success) return
  await box.savePlace(judged.value.data, `Changed ${judged.value.data.name}`)
}
async function add() {
  const like = water.place
  const place = Place.parse({
    id: crypto.randomUUID(),
    name: 'New place',
    latDeg: like?.latDeg ?? 0,
    lonDeg: like?.lonDeg ?? 0,
    utcOffsetH: like?.utcOffsetH ?? 0,
    salinity: 0,
  })
  await box.savePlace(place, 'Added a place')
  chosenId.value = place.id
}
async function remove() {
  if (!chosen.value || box.places.length < 2) return
  await box.removePlace(chosen.value)
  chosenId.value = ''
}
function usualAsToday() {
  const c = water.current
  if (!draft.value || !c) return
  draft.value.usual = plain({ depthM: c.depthM, visibilityM: c.visibilityM, cover: c.cover })
}
const here = computed(() => water.place?.id === chosen.value?.id)

// Temperatures kept with the place.
const tempDate = ref(today())
const tempC = ref<number | null>(null)
function addTemp() {
  if (!draft.value || tempC.value === null) return
  draft.value.temps = withReading(draft.value, tempDate.value, tempC.value)
  tempC.value = null
}
const temps = computed(() => [...(draft.value?.temps ?? [])].reverse())

// GPX.
const gpx = ref<HTMLInputElement | null>(null)
async function importGpx() {
  const file = gpx.value?.files?.[0]
  if (!file) return
  const read = readGpx(await file.text())
  if (gpx.value) gpx.value.value = ''
  if (!read.ok) {
    said.value = `${file.name} was not taken in: it ${sayFileProblem(read.problem)}. Nothing was changed.`
    return
  }
  const like = water.place
  const known = new Set(box.places.map((p) => `${p.latDeg.toFixed(5)} ${p.lonDeg.toFixed(5)}`))
  const fresh = read.waypoints.filter((w) => !known.has(`${w.latDeg.toFixed(5)} ${w.lonDeg.toFixed(5)}`))
  const places = fresh.map((w) =>
    Place.parse({ ...w, id: crypto.randomUUID(), utcOffsetH: like?.utcOffsetH ?? 0, salinity: like?.salinity ?? 0 }),
  )
  await box.savePlaces(places, `Took in ${places.length} ${places.length === 1 ? 'place' : 'places'} from ${file.name}`)
  const twice = read.waypoints.length - fresh.length
  said.value = [
    `${places.length} taken in from ${file.name}.`,
    twice > 0 ? `${twice} skipped: already in your places.` : '',
    ...read.problems.map((p) => `Left out: ${sayFileProblem(p)}.`),
  ]
    .filter(Boolean)
    .join(' ')
}
const exportGpx = () => saveAs(FORMATS.places, box.places)
const FIGURES = [
  { key: 'latDeg', label: 'Latitude, ° north' },
  { key: 'lonDeg', label: 'Longitude, ° east' },
  { key: 'utcOffsetH', label: 'Hours ahead of UTC' },
  { key: 'salinity', label: 'Salinity (0 fresh, 35 sea)' },
  { key: 'fetchKm', label: 'Fetch (open water upwind), km' },
] as const
</script>

<template>
  <div class="page">
    <WaterTabs />
    <p class="said" role="status">{{ said }}</p>
    <div class="places">
      <section class="panel list" aria-label="Places">
        <ul>
          <li v-for="p in byName" :key="p.id">
            <button type="button" :aria-pressed="p.id === chosen?.id" @click="chosenId = p.id">
              <b>{{ p.name }}</b>
              <small
                >{{ p.salinity < 0.5 ? 'fresh' : p.salinity < 18 ? 'brackish' : 'salt'
                }}{{ p.rules || p.singlesOnly ? ' · has rules' : '' }}</small
              >
            </button>
          </li>
        </ul>
        <div class="do">
          <v-btn color="primary" @click="add">New place</v-btn>
          <v-btn variant="outlined" @click="gpx?.click()">Import GPX</v-btn>
          <v-btn variant="outlined" @click="exportGpx">Export GPX</v-btn>
          <input ref="gpx" type="file" accept=".gpx" class="sr-only" aria-label="GPX file" @change="importGpx" />
        </div>
      </section>
      <form v-if="draft && chosen" class="panel sheet" @submit.prevent="keep">
        <header>
          <h1>{{ chosen.name }}</h1>
          <v-btn v-if="!here" variant="tonal" @click="water.goTo(chosen.id)">Fish here today</v-btn>
          <span v-else class="quiet">today’s water</span>
        </header>
        <div class="grid">
          <v-text-field v-model="draft.name" label="Name" maxlength="80" class="wide" />
          <v-text-field
            v-for="f in FIGURES"
            :key="f.key"
            :label="f.label"
            type="number"
            step="any"
            :model-value="draft[f.key]"
            @update:model-value="(v) => (draft![f.key] = v === '' ? NaN : Number(v))"
          />
          <v-select v-model="draft.bottom" label="Bottom" :items="choices(BOTTOMS)" />
          <v-textarea v-model="draft.note" label="Note" rows="2" maxlength="400" auto-grow class="wide" />
        </div>
        <fieldset>
          <legend>Rules here</legend>
          <p class="quiet">
            As you know it. Ygrion applies your hook rules to every answer; look up the rest before you fish.
          </p>
          <div class="grid">
            <v-textarea
              v-model="draft.rules"
              label="Rules of this water"
              rows="2"
              maxlength="400"
              auto-grow
              class="wide"
            />
            <v-checkbox v-model="draft.singlesOnly" label="Single hooks only" hide-details density="compact" />
            <v-text-field
              label="Most hooks on a line"
              type="number"
              min="1"
              :model-value="draft.mostHooks"
              clearable
              @update:model-value="(v) => (draft!.mostHooks = !v ? null : Number(v))"
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>As it usually is</legend>
          <p v-if="!draft.usual" class="quiet">
            Nothing written down yet. A water set here for the first time starts from this.
          </p>
          <div v-else class="grid">
            <MeasureField
              label="Depth"
              role="depth"
              :model-value="draft.usual.depthM"
              :min="0.3"
              :max="200"
              @update:model-value="(v) => v !== null && (draft!.usual!.depthM = v)"
            />
            <MeasureField
              label="Visibility (white lure)"
              role="depth"
              :model-value="draft.usual.visibilityM"
              :min="0.05"
              :max="40"
              @update:model-value="(v) => v !== null && (draft!.usual!.visibilityM = v)"
            />
            <v-select v-model="draft.usual.cover.kind" label="Cover" :items="choices(COVERS)" />
            <MeasureField
              label="Depth to top of cover"
              role="depth"
              :model-value="draft.usual.cover.topM"
              :min="0"
              :max="200"
              @update:model-value="(v) => v !== null && (draft!.usual!.cover.topM = v)"
            />
          </div>
          <button v-if="here" type="button" class="link" @click="usualAsToday">Take today’s water as the usual</button>
        </fieldset>
        <fieldset>
          <legend>Temperatures</legend>
          <p class="quiet">From them come the trend and the season: a few cold days do not set it back.</p>
          <div class="temp">
            <v-text-field v-model="tempDate" label="Day" type="date" hide-details />
            <MeasureField
              label="Temperature"
              role="waterTemp"
              :model-value="tempC"
              :min="-2"
              :max="40"
              optional
              @update:model-value="(v) => (tempC = v)"
            />
            <v-btn variant="tonal" :disabled="tempC === null" @click="addTemp">Add</v-btn>
          </div>
          <ul class="temps">
            <li v-for="t in temps.slice(0, 14)" :key="t.date">
              <span>{{ t.date }}</span><b>{{ show(t.tempC, 'waterTemp') }}</b>
              <button
                type="button"
                class="link"
                :aria-label="`Delete ${t.date}`"
                @click="draft!.temps = draft!.temps.filter((o) => o.date !== t.date)"
              >
                Delete
              </button>
            </li>
          </ul>
          <p v-if="temps.length > 14" class="quiet">and {{ temps.length - 14 }} earlier ones.</p>
        </fieldset>
        <p v-if="problem" class="caution" role="alert">{{ problem }}</p>
        <footer>
          <button type="button" class="link" :disabled="box.places.length < 2" @click="remove">
            Remove this place
          </button>
          <span class="grow" />
          <v-btn variant="text" :disabled="!dirty" @click="draft = plain(chosen!)">Reset</v-btn>
          <v-btn type="submit" color="primary" :disabled="!dirty || !!problem">Save</v-btn>
        </footer>
      </form>
    </div>
  </div>
</template>

<style scoped>
.said {
  min-height: 28px;
  padding: var(--space-4) var(--space-2);
  font-weight: 600;
}
.places {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: var(--space-16);
  align-items: start;
}
.list ul {
  list-style: none;
  margin: 0;
  padding: var(--space-8) 0;
}
.list button[aria-pressed] {
  display: grid;
  width: 100%;
  min-height: 56px;
  padding: var(--space-8) var(--space-16);
  text-align: left;
  border-left: 4px solid transparent;
}
.list button:hover {
  background: rgba(var(--v-theme-surface-variant), 0.5);
}
.list button[aria-pressed='true'] {
  background: rgb(var(--v-theme-surface-variant));
  border-left-color: rgb(var(--v-theme-secondary));
}
small {
  opacity: var(--v-medium-emphasis-opacity);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  padding: var(--space-8) var(--space-16) var(--space-16);
}
.sheet {
  padding: var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-20);
}
.sheet header {
  display: flex;
  gap: var(--space-16);
  justify-content: space-between;
  align-items: center;
}
.grid {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-12);
}
.wide {
  grid-column: 1 / -1;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-8);
}
legend {
  padding: 0;
  margin-bottom: var(--space-8);
  font-family: var(--v-font-heading);
  font-weight: 700;
}
.temp {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: var(--space-12);
  align-items: start;
}
.temps {
  list-style: none;
  margin: 0;
  padding: 0;
  columns: 2;
  column-gap: var(--space-24);
}
.temps li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  align-items: center;
  min-height: 32px;
  break-inside: avoid;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 32px;
  justify-self: start;
  font-size: var(--text-3);
}
.link:disabled {
  opacity: 0.4;
}
footer {
  display: flex;
  gap: var(--space-8);
  align-items: center;
}
.grow {
  flex: 1;
}
@media (max-width: 900px) {
  .places {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 520px) {
  .grid,
  .temp {
    grid-template-columns: minmax(0, 1fr);
  }
  .temps {
    columns: 1;
  }
}
</style>
