<script setup lang="ts">
import { answerWords, pastOutingPage as words, plural, saySky } from '../../../words'
import { FORMATS } from '../../../core/exchange'
import { accountOf, bitesOf, isOver, spotLabel, type Entry } from '../../../core/outing'
import { speciesOf } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { saveAs } from '~/composables/download'
import { momentNow } from '~/stores/moment'
import { useOutings } from '~/stores/outings'

useHead({ title: words.daySheetYgrion })
const route = useRoute()
const outings = useOutings()
const { show } = useMeasure()
const outing = computed(() => outings.all.find((o) => o.id === route.params.id))
/** Other logs of the same party. */
const friends = computed(() =>
  outings.all.filter((o) => o.id !== outing.value?.id && o.party && o.party.id === outing.value?.party?.id),
)
const account = computed(() => {
  const o = outing.value
  if (!o) return null
  return accountOf(o, isOver(o) ? (o.entries[o.entries.length - 1]?.at ?? o.startedAt) : momentNow())
})
const stretches = computed(() => account.value?.stretches ?? [])
const takes = computed(() => stretches.value.reduce((n, s) => n + bitesOf(s), 0))
const minutes = computed(() => stretches.value.reduce((sum, s) => sum + s.minutes, 0))
const fish = computed(() =>
  stretches.value.flatMap((s) =>
    s.answers.filter((a) => a.fish).map((a) => ({ ...a, lure: s.carried.name, way: s.way.name, spot: s.spot })),
  ),
)
/** When, what, how large, on what, how it was hooked, what became of it. */
function fishLine({ at, fish: caught, lure }: (typeof fish.value)[number]): string {
  const size = [
    speciesOf(caught?.speciesId ?? '')?.name,
    caught?.lengthM && show(caught.lengthM, 'lureLength'),
    caught?.massKg && show(caught.massKg, 'sinkerMass'),
  ]
  const hooked = caught?.hooked && words.hook(caught.hooked)
  const end = caught?.released ? words.released : words.kept
  return [at.slice(11, 16), size.filter(Boolean).join(' '), lure, hooked, end].filter(Boolean).join(' · ')
}
async function remove() {
  if (!outing.value) return
  await outings.remove(outing.value)
  await navigateTo('/outing')
}
const reopen = () => outing.value && outings.undoLast(outing.value)
const print = () => window.print()
function saveTrack() {
  if (!outing.value) return
  const nameOf = (e: Entry) => (e.kind === 'spot' ? words.stop(e.stop) : words.aFish)
  void saveAs(
    FORMATS.track,
    { outing: outing.value, nameOf },
    `${outing.value.placeName} ${outing.value.startedAt.slice(0, 10)}`,
  )
}
</script>

<template>
  <div class="page">
    <p v-if="outings.status.state === 'loading'" role="status">{{ words.openingTheLog }}</p>
    <section v-else-if="!outing" class="panel none">
      <h1>{{ words.thisOutingIsNot }}</h1>
      <p>{{ words.itWasRemovedOr }} <NuxtLink to="/outing">{{ words.allOutings }}</NuxtLink></p>
    </section>
    <article v-else class="panel sheet" :aria-label="words.daySheet">
      <header>
        <div>
          <h1>{{ outing.placeName }}</h1>
          <p>
            {{
              words.seenToWind(
                outing.startedAt.slice(0, 10),
                outing.startedAt.slice(11, 16),
                speciesOf(outing.water.speciesId)?.name ?? outing.water.speciesId,
                show(outing.water.waterTempC, 'waterTemp'),
                show(outing.water.visibilityM, 'depth'),
                saySky(outing.water.sky),
                show(outing.water.windMps, 'wind'),
              )
            }}
          </p>
        </div>
        <p class="tally">
          <b>{{ fish.length }}</b> {{ words.landed }} <b>{{ takes }}</b> {{ plural(takes, 'take') }} {{ words.inTime }}
          <b>{{ (minutes / 60).toFixed(1) }} h</b>
        </p>
      </header>
      <DayInShort :outing="outing" :friends="friends" />
      <PartyDay v-if="outing.party" :outing="{ ...outing, party: outing.party }" :logs="[outing, ...friends]" />
      <div class="scroll" tabindex="0" role="region" :aria-label="words.stretches">
        <table>
          <thead>
            <tr>
              <th>{{ words.from }}</th>
              <th>{{ words.lure }}</th>
              <th>{{ words.technique }}</th>
              <th>{{ words.spot }}</th>
              <th class="num">{{ words.min }}</th>
              <th class="num">{{ words.casts }}</th>
              <th>{{ words.answers }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in stretches" :key="s.from + s.carried.id + s.way.id">
              <td>{{ s.from.slice(11, 16) }}</td>
              <th scope="row">{{ s.carried.name }}</th>
              <td>{{ s.way.name.toLowerCase() }}, {{ show(s.way.depthM, 'depth') }}</td>
              <td>{{ s.spot ? spotLabel(s.spot) : '' }}</td>
              <td class="num">{{ Math.round(s.minutes) }}</td>
              <td class="num">{{ s.casts.length || '' }}</td>
              <td>{{ s.answers.map((a) => answerWords(a.answer).name.toLowerCase()).join('; ') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-if="fish.length">
        <h2>{{ words.fish }}</h2>
        <ul>
          <li v-for="f in fish" :key="f.id">
            {{ fishLine(f) }}
            <FishPhoto v-if="f.fish?.photoId" :photo-id="f.fish.photoId" :species-id="f.fish.speciesId" fixed />
          </li>
        </ul>
      </template>
      <DayNote :key="outing.id" :outing="outing" />
      <details class="screen">
        <summary>{{ words.everythingThatWasWritten(outing.entries.length) }}</summary>
        <LogList :outing="outing" fixed />
      </details>
      <div class="buttons screen">
        <button type="button" class="strong" @click="print">{{ words.printTheDaySheet }}</button>
        <button v-if="isOver(outing) && !outings.live && !outing.party?.isFriends" type="button" @click="reopen">
          {{ words.fishOnTake }}
        </button>
        <button v-if="outing.track?.length" type="button" @click="saveTrack">{{ words.trackAsGpx }}</button>
        <ShareThing
          v-if="outing.party && !outing.party.isFriends"
          :id="outing.id"
          kind="party-log"
          :name="words.thisLog"
          :label="words.logForFriends"
        />
        <ShareThing v-else-if="!outing.party" :id="outing.id" kind="outing" :name="outing.placeName" />
        <button type="button" @click="remove">{{ words.removeTheOuting }}</button>
      </div>
    </article>
  </div>
</template>

<style scoped>
.none,
.sheet {
  padding: var(--space-20) var(--space-24);
  display: grid;
  gap: var(--space-12);
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-8) var(--space-32);
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: var(--space-6) var(--space-8);
  text-align: left;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  vertical-align: top;
}
.num {
  text-align: right;
}
ul {
  margin: 0;
  padding-left: var(--space-16);
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.buttons button,
.buttons :deep(.v-btn) {
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.4);
  font-size: var(--text-4);
  font-weight: 650;
}
.buttons .strong {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
@media print {
  .screen {
    display: none !important;
  }
}
</style>
