<script setup lang="ts">
import { EFFORT_WORDS, capital, liveOuting as words } from '../../../words'
import {
  deliveryOfWay,
  isDrawn,
  lastTakeAt,
  minutesOn,
  outingTally,
  spotKey,
  spotLabel,
  stretchesHere,
  takesBySpot,
  usualFeature,
  watchedFish,
  type AlteredInHand,
  type AnswerId,
  type NewEntry,
  type Outing,
  type Wanted,
} from '../../../core/outing'
import { cadenceOf, techniqueAmong } from '../../../core/match'
import { asTrailer } from '../../../core/tackle'
import { shoalsToday } from '../../../core/water'
import { useLiveOuting } from '~/composables/useLiveOuting'
import { usePhoneOutside } from '~/composables/usePhoneOutside'
import { useOutingLog } from '~/composables/useOutingLog'
import { usePractised } from '~/composables/usePractised'
import { useBox } from '~/stores/box'

/** The outing under way, for one thumb: what is in the hand, what to do next, and at the bottom what is tapped most. */
const props = defineProps<{ outing: Outing }>()
const box = useBox()
const practised = usePractised()
const lureOf = (id: string) => (practised ? practised.lureOf(id) : box.lureById.get(id))
const { now, account, advice } = useLiveOuting(() => props.outing)

const PARTS = [
  { id: 'next', name: words.next },
  { id: 'spot', name: words.spot },
  { id: 'fan', name: words.casts },
  { id: 'time', name: words.timers },
  { id: 'ab', name: words.compare },
  { id: 'boat', name: words.boat },
  { id: 'water', name: words.water },
  { id: 'log', name: words.log },
] as const
/** As many parts as a thumb looks through. */
const MOST_SWAPS = 12
const phone = usePhoneOutside(
  () => props.outing,
  () => account.value.paused || practised !== null,
)
/** With the party it is fished with. */
const partied = computed(() => {
  const { party } = props.outing
  return party && { ...props.outing, party }
})
const friends = computed(() => partied.value?.party.names.filter((_, i) => i !== partied.value?.party.who) ?? [])
const inHand = computed(() => account.value.inHand)
/** The boat has a part of its own only while it sets the pace. */
const drawn = computed(() => inHand.value !== null && isDrawn(inHand.value.way))
const parts = computed(() => PARTS.filter((p) => (p.id === 'boat' ? drawn.value : p.id !== 'fan' || !drawn.value)))
const part = ref<(typeof PARTS)[number]['id']>('next')
const sheet = ref<'answer' | 'rig' | null>(null)

/** Where the stop stands: its number, and the piece of cover drawn. */
const feature = ref(account.value.spot?.featureId ?? usualFeature(account.value.water).id)
watch(
  () => account.value.spot?.featureId,
  (id) => id && (feature.value = id),
)
const stop = computed(() => account.value.spot?.stop ?? 1)
const log = useOutingLog(() => props.outing, account, feature)
const { status, details, detailsId, telling, taking } = log
/** Fish that were watched: worked out after every entry, not by the second. */
const watched = computed(() => watchedFish(props.outing, props.outing.entries.at(-1)?.at ?? now.value))
/** What may be on a lure now: by what was changed on it. */
const swaps = computed(() => {
  const { trailers, hooks, lures, terminals } = box.box
  if (telling.value?.kind !== 'altered') return []
  const names = {
    trailer: [...trailers, ...lures.filter((l) => asTrailer(l) !== null)],
    hooks,
    blade: terminals.filter((t) => t.kind === 'clip-blade'),
  } as const
  const { what } = telling.value
  return what in names ? names[what as keyof typeof names].map((p) => p.name).slice(0, MOST_SWAPS) : []
})

const lure = computed(() => lureOf(inHand.value?.carried.lureId ?? ''))
const place = computed(() => box.places.find((p) => p.id === props.outing.water.placeId))
const schooling = computed(() => shoalsToday(account.value.water))
const tally = computed(() => outingTally(account.value))
const cadence = computed(() => {
  if (!inHand.value) return null
  const { way, carried } = inHand.value
  if (deliveryOfWay(way).pace !== 'hand' && way.restS === 0) return null
  // A log from elsewhere may name one that is not known here: it is fished without a beat.
  const technique = techniqueAmong(box.practice.techniques, way.techniqueId)
  if (!technique) return null
  return cadenceOf({
    handling: {
      technique,
      countDownS: way.countDownS,
      paceMps: way.paceMps,
      restS: way.restS,
    },
    outfit: { reel: { linePerTurnM: carried.linePerTurnM || 0.7 } },
  })
})

/** Every lure on the line, the first one first. */
const onLine = computed(() => {
  const rig = inHand.value?.carried
  return rig ? [rig, ...(rig.beside ?? [])].map((l) => ({ id: l.lureId ?? '', name: l.name })) : []
})
function answer(id: AnswerId, lureId: string | null) {
  sheet.value = null
  void log.answer(id, lureId)
}
function takeRig(carriedId: string, wayId: string) {
  sheet.value = null
  void log.takeRig(carriedId, wayId)
}
function alter(what: AlteredInHand, lengthM: number | null) {
  sheet.value = null
  void log.alter(what, lengthM)
}
function beside(entry: NewEntry, said: string) {
  sheet.value = null
  void log.logAndAsk(entry, said)
}
function companion() {
  sheet.value = null
  void log.companion()
}
async function along(wanted: Wanted) {
  await log.takeAlong(wanted)
  sheet.value = null
}
function lost() {
  sheet.value = null
  void log.lost()
}
</script>

<template>
  <div class="live" :data-entries="outing.entries.length" :data-at="account.spot ? spotKey(account.spot) : ''">
    <LiveStrip
      :place-name="outing.placeName"
      :now="now"
      :account="account"
      :tally="tally"
      @pause="log.log({ kind: 'pause' }, words.aBreak)"
      @resume="log.log({ kind: 'resume' }, words.aBreak)"
    />
    <InHand v-if="inHand" :in-hand="inHand" :lure="lure" :minutes="minutesOn(account)" @change="sheet = 'rig'" />

    <section v-if="details" class="panel card">
      <FishDetails
        :entry="details"
        :rules="place?.rules ?? ''"
        :temp-c="account.water.waterTempC"
        @change="log.changeFish"
        @close="detailsId = null"
      />
    </section>

    <section v-if="telling && !details" class="panel card">
      <EntryDetails
        :key="telling.id"
        :entry="telling"
        :carried="outing.carried"
        :options="swaps"
        :friends="friends"
        @tell="log.tell"
        @close="detailsId = null"
      />
    </section>

    <nav class="parts" :aria-label="words.partsOfTheOuting">
      <button v-for="p in parts" :key="p.id" type="button" :aria-pressed="part === p.id" @click="part = p.id">
        {{ p.name }}
      </button>
    </nav>

    <section class="panel card" :aria-label="PARTS.find((p) => p.id === part)?.name">
      <template v-if="part === 'next'">
        <slot name="next">
          <PartyCard v-if="partied" :outing="partied" :now="now" :in-hand="inHand" @take="takeRig" />
          <AdvicePanel
            :advice="advice"
            :outing="outing"
            :paused="account.paused"
            @take="log.follow"
            @refuse="log.refuse"
          />
        </slot>
        <WatchedPanel v-if="watched.length" :fish="watched" />
      </template>
      <template v-else-if="part === 'spot'">
        <p class="at">
          {{ account.spot ? words.stop(account.spot.stop, spotLabel(account.spot)) : words.tapWhereYouThrow }}
        </p>
        <SpotMap
          :feature-id="feature"
          :chosen="account.spot"
          :counts="takesBySpot(account, stop, feature)"
          @choose="(id) => log.goTo(id, stop)"
          @feature="(id) => (feature = id)"
        />
        <button type="button" class="wide" @click="log.goToNextStop">{{ words.nextStop }}</button>
      </template>
      <CastFan
        v-else-if="part === 'fan'"
        :stretches="stretchesHere(account)"
        :depth-m="account.water.depthM"
        :aim="account.aim"
        @cast="log.cast"
      />
      <div v-else-if="part === 'time'" class="timers">
        <CountDown
          v-if="inHand"
          :key="inHand.way.id"
          :fall-mps="inHand.carried.fallMps"
          :way="inHand.way"
          :depth-m="account.water.depthM"
          :zone="account.water.zone"
        />
        <CadenceScore v-if="cadence" :cadence="cadence" />
        <StayTimer :account="account" :last-take-at="lastTakeAt(outing)" :now="now" :schooling="schooling" />
      </div>
      <VersusPanel
        v-else-if="part === 'ab'"
        :outing="outing"
        :now="now"
        :in-hand="inHand"
        @start="log.compare"
        @turn="log.turnTo"
        @end="log.log({ kind: 'comparison-end' }, words.comparisonEnded)"
      />
      <BoatForm
        v-else-if="part === 'boat' && inHand"
        :key="`boat${outing.entries.length}`"
        :boat="account.boat"
        :pace-mps="inHand.way.paceMps"
        :line-out-m="inHand.way.castM"
        :water="account.water"
        :place="place"
        @keep="(boat) => log.log({ kind: 'boat', ...boat }, words.theBoat)"
      />
      <ReadingForm
        v-else-if="part === 'water'"
        :key="outing.entries.length"
        :water="account.water"
        @keep="(read) => log.log({ kind: 'reading', ...read }, words.aReading)"
      />
      <template v-else>
        <LogList :outing="outing" :fixed="practised !== null" @drop="log.remove" @open="(e) => (detailsId = e.id)" />
        <PhoneOutside
          v-if="!practised"
          :can-wake="phone.canWake.value"
          :can-locate="phone.canLocate.value"
          :problem="phone.problem.value"
          :track="outing.track ?? []"
        />
        <EndOuting @end="log.log({ kind: 'end' }, words.outingEnded)" />
      </template>
    </section>

    <slot name="thumb" :status="status">
      <ThumbBar
        :status="status"
        :casts="tally.casts"
        :counted="capital(EFFORT_WORDS[deliveryOfWay(inHand?.way ?? {}).effort].noun)"
        :can-undo="outing.entries.length > 1"
        :can-cast="!account.paused"
        :can-answer="!account.paused && inHand !== null"
        @undo="log.undoLast"
        @cast="log.cast(account.aim)"
        @fish="sheet = 'answer'"
      />
    </slot>

    <AnswerSheet
      v-if="sheet === 'answer'"
      :lures="onLine"
      @answer="answer"
      @beside="beside"
      @companion="companion"
      @close="sheet = null"
    />
    <RigSheet
      v-else-if="sheet === 'rig'"
      :carried="outing.carried"
      :in-hand="inHand"
      :busy="taking"
      @take="takeRig"
      @lost="lost"
      @alter="alter"
      @along="along"
      @close="sheet = null"
    />
  </div>
</template>

<style scoped>
.live {
  max-width: 640px;
  margin: 0 auto;
  display: grid;
  gap: var(--space-8);
  padding-bottom: var(--space-104);
}
.parts {
  display: grid;
  grid-template-columns: repeat(7, minmax(48px, auto));
}
.parts button {
  min-height: 48px;
  padding: 0;
  font-size: var(--text-2);
  font-weight: 650;
  border-radius: var(--radius-m);
}
.parts button[aria-pressed='true'] {
  background: rgb(var(--v-theme-on-surface));
  color: rgb(var(--v-theme-surface));
}
.card {
  padding: var(--space-12);
  min-height: 120px;
}
.at {
  font-weight: 650;
  margin-bottom: var(--space-8);
}
.timers {
  display: grid;
  gap: var(--space-20);
}
.wide {
  width: 100%;
  min-height: 56px;
  margin-top: var(--space-8);
  border-radius: var(--radius-l);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
</style>
