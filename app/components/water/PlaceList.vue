<script setup lang="ts">
import { placeList as texts, sayFileProblem } from '../../../words'
import { FORMATS, newPlacesOf } from '../../../core/exchange'
import { Place, waterKind } from '../../../core/water'
import { byName } from '~/composables/by-name'
import { saveAs } from '~/composables/download'
import { onFile } from '~/composables/file-work'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'
import { newId } from '../../../core/new-id'

/** All places by name; new ones by hand or out of a GPX file. What came of a file is told to the page. */
const chosenId = defineModel<string>({ required: true })
const emit = defineEmits<{ said: [words: string] }>()
const box = useBox()
const water = useWater()
const places = computed(() => [...box.places].sort(byName))
const like = () => ({ utcOffsetH: water.place?.utcOffsetH ?? 0, salinity: water.place?.salinity ?? 0 })

async function add() {
  const { latDeg = 0, lonDeg = 0 } = water.place ?? {}
  const place = Place.parse({ ...like(), id: newId(), name: texts.newPlace, latDeg, lonDeg, salinity: 0 })
  await box.savePlace(place, texts.addedAPlace)
  chosenId.value = place.id
}
const gpx = ref<HTMLInputElement | null>(null)
async function importGpx() {
  const file = gpx.value?.files?.[0]
  if (!file) return
  const read = await onFile((files) => files.places(file))
  if (gpx.value) gpx.value.value = ''
  if (!read) return
  if (!read.ok) {
    emit('said', texts.wasNotTaken(file.name, sayFileProblem(read.problem)))
    return
  }
  const fresh = newPlacesOf(read.waypoints, box.places, like(), newId)
  await box.savePlaces(fresh, texts.tookInFrom(fresh.length, file.name))
  const twice = read.waypoints.length - fresh.length
  const said = [
    texts.takenInFrom(fresh.length, file.name),
    twice > 0 ? texts.skippedAlreadyInYour(twice) : '',
    ...read.problems.map((p) => texts.leftOut(sayFileProblem(p))),
  ]
  emit('said', said.filter(Boolean).join(' '))
}
</script>

<template>
  <section class="panel list" :aria-label="texts.places">
    <ul>
      <li v-for="p in places" :key="p.id">
        <button type="button" :aria-pressed="p.id === chosenId" @click="chosenId = p.id">
          <b>{{ p.name }}</b>
          <small>{{ waterKind(p.salinity) }}{{ p.rules || p.singlesOnly ? texts.hasRules : '' }}</small>
        </button>
      </li>
    </ul>
    <div class="do">
      <v-btn color="primary" @click="add">{{ texts.newPlace }}</v-btn>
      <v-btn variant="outlined" @click="gpx?.click()">{{ texts.importGpx }}</v-btn>
      <v-btn variant="outlined" @click="saveAs(FORMATS.places, box.places)">{{ texts.exportGpx }}</v-btn>
      <input ref="gpx" type="file" accept=".gpx" class="sr-only" :aria-label="texts.gpxFile" @change="importGpx" />
    </div>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: var(--space-8) 0;
}
button[aria-pressed] {
  display: grid;
  width: 100%;
  min-height: 56px;
  padding: var(--space-8) var(--space-16);
  text-align: left;
  border-left: 4px solid transparent;
}
button[aria-pressed]:hover {
  background: rgba(var(--v-theme-surface-variant), 0.5);
}
button[aria-pressed='true'] {
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
</style>
