<script setup lang="ts">
import { fieldName, placeForm as words, sayFault } from '../../../words'
import { faultOf } from '../../../core/fault'
import { BOTTOMS, COVERS, Place } from '../../../core/water'
import { choices } from '~/components/form/choices'
import { plain } from '~/composables/plain'
import { draftKey, useDraft } from '~/composables/useDraft'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

/** A place: where it lies, its law, its usual water, the temperatures kept with it. */
const props = defineProps<{ place: Place }>()
const box = useBox()
const water = useWater()
const draft = ref<Place>(plain(props.place))
/** The place as what is typed started from it. */
const base = ref<Place>(plain(props.place))
const kept = useDraft(draftKey('places', props.place.id), () => draft.value.name || words.thisPlace, {
  get: () => draft.value,
  set: (value) => (draft.value = { ...draft.value, ...(value as Place) }),
})
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
/** What is being typed stays when the place changes elsewhere meanwhile. */
watch(
  () => props.place,
  (now, before) => {
    if (!same(draft.value, before)) return
    draft.value = plain(now)
    base.value = plain(now)
    void kept.drop()
  },
)
const checked = computed(() => Place.safeParse(draft.value))
const problem = computed(() => {
  const issue = checked.value.error?.issues[0]
  if (!issue) return ''
  const at = issue.path.filter((key) => typeof key === 'string').map(fieldName)
  return `${at.join(', ') || words.thisPlace}: ${sayFault(faultOf(issue, draft.value))}`
})
const dirty = computed(() => !same(draft.value, props.place))
const here = computed(() => water.place?.id === props.place.id)

async function keep() {
  const { data } = checked.value
  if (!data) return
  await box.savePlace(data, words.changed(data.name), plain(base.value))
  base.value = plain(data)
  await kept.drop()
}
async function reset() {
  draft.value = plain(props.place)
  await kept.drop()
}
function usualAsToday() {
  const c = water.current
  if (c) draft.value.usual = plain({ depthM: c.depthM, visibilityM: c.visibilityM, cover: c.cover })
}
const FIGURES = [
  { key: 'latDeg', label: words.latitudeNorth },
  { key: 'lonDeg', label: words.longitudeEast },
  { key: 'utcOffsetH', label: words.hoursAheadOfUtc },
  { key: 'salinity', label: words.salinityFreshSea },
  { key: 'fetchKm', label: words.fetchOpenWaterUpwind },
] as const
</script>

<template>
  <form class="panel sheet" @submit.prevent="keep">
    <header>
      <h2>{{ place.name }}</h2>
      <v-btn v-if="!here" variant="tonal" @click="water.goTo(place.id)">{{ words.fishHereToday }}</v-btn>
      <span v-else class="quiet">{{ words.todaysWater }}</span>
    </header>
    <DraftBar />
    <div class="grid">
      <v-text-field v-model="draft.name" :label="words.name" maxlength="80" class="wide" />
      <v-text-field
        v-for="f in FIGURES"
        :key="f.key"
        :label="f.label"
        type="number"
        step="any"
        :model-value="draft[f.key]"
        @update:model-value="(v) => (draft[f.key] = v === '' ? NaN : Number(v))"
      />
      <v-select v-model="draft.bottom" :label="words.bottom" :items="choices(BOTTOMS)" />
      <v-textarea v-model="draft.note" :label="words.note" rows="2" maxlength="400" auto-grow class="wide" />
    </div>
    <fieldset>
      <legend>{{ words.rulesHere }}</legend>
      <p class="quiet">
        {{ words.asYouKnow }}
      </p>
      <div class="grid">
        <v-textarea
          v-model="draft.rules"
          :label="words.rulesOfThisWater"
          rows="2"
          maxlength="400"
          auto-grow
          class="wide"
        />
        <v-checkbox v-model="draft.singlesOnly" :label="words.singleHooksOnly" hide-details density="compact" />
        <v-text-field
          :label="words.mostHooksOn"
          type="number"
          min="1"
          :model-value="draft.mostHooks"
          clearable
          @update:model-value="(v) => (draft.mostHooks = !v ? null : Number(v))"
        />
        <v-checkbox v-model="draft.trebleIsThree" :label="words.trebleIsThree" hide-details density="compact" />
        <v-text-field
          :label="words.mostLures"
          type="number"
          min="1"
          :model-value="draft.mostLures"
          clearable
          @update:model-value="(v) => (draft.mostLures = !v ? null : Number(v))"
        />
        <v-checkbox v-model="draft.noLead" :label="words.noLead" hide-details density="compact" />
      </div>
    </fieldset>
    <fieldset>
      <legend>{{ words.asItUsually }}</legend>
      <p v-if="!draft.usual" class="quiet">
        {{ words.nothingWrittenDownYet }}
      </p>
      <div v-else class="grid">
        <MeasureField
          :label="words.depth"
          role="depth"
          :model-value="draft.usual.depthM"
          :min="0.3"
          :max="200"
          @update:model-value="(v) => v !== null && (draft.usual!.depthM = v)"
        />
        <MeasureField
          :label="words.visibilityWhiteLure"
          role="depth"
          :model-value="draft.usual.visibilityM"
          :min="0.05"
          :max="40"
          @update:model-value="(v) => v !== null && (draft.usual!.visibilityM = v)"
        />
        <v-select v-model="draft.usual.cover.kind" :label="words.cover" :items="choices(COVERS)" />
        <MeasureField
          :label="words.depthToTop"
          role="depth"
          :model-value="draft.usual.cover.topM"
          :min="0"
          :max="200"
          @update:model-value="(v) => v !== null && (draft.usual!.cover.topM = v)"
        />
      </div>
      <button v-if="here" type="button" class="link" @click="usualAsToday">{{ words.takeTodaysWater }}</button>
    </fieldset>
    <PlaceTemps v-model="draft.temps" />
    <p v-if="problem" class="caution" role="alert">{{ problem }}</p>
    <footer>
      <button type="button" class="link" :disabled="box.places.length < 2" @click="box.removePlace(place)">
        {{ words.removeThisPlace }}
      </button>
      <ShareThing :id="place.id" kind="place" :name="place.name" />
      <span class="grow" />
      <v-btn variant="text" :disabled="!dirty" @click="reset">{{ words.reset }}</v-btn>
      <v-btn type="submit" color="primary" :disabled="!dirty || !!problem">{{ words.save }}</v-btn>
    </footer>
  </form>
</template>

<style scoped>
.sheet {
  padding: var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-20);
}
header {
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
@media (max-width: 520px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
