<script setup lang="ts">
import { mdiPause, mdiPlay, mdiUndo } from '@mdi/js'
import {
  answerOf,
  minutesOn,
  spotKey,
  spotLabel,
  usualFeature,
  type AnswerId,
  type Change,
  type Entry,
  type EntryOf,
  type Fish,
  type Outing,
  type Spot,
} from '../../../core/outing'
import { cadenceOf } from '../../../core/match'
import { retrieveOf } from '../../../core/tackle'
import { speciesOf } from '../../../core/water'
import { useLiveOuting } from '~/composables/useLiveOuting'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'
import { answerWords, sayAdvice, spotWords } from '../../../words'
import { useSettings } from '~/stores/settings'

/** The outing under way, for one thumb: what is in the hand, what to do next, and at the bottom what is tapped most. */
const props = defineProps<{ outing: Outing }>()
const outings = useOutings()
const box = useBox()
const settings = useSettings()
const { show } = useMeasure()
const { now, account, advice } = useLiveOuting(() => props.outing)

const PARTS = [
  { id: 'next', name: 'Next' },
  { id: 'spot', name: 'Spot' },
  { id: 'fan', name: 'Casts' },
  { id: 'time', name: 'Timers' },
  { id: 'ab', name: 'Compare two' },
  { id: 'water', name: 'Water' },
  { id: 'log', name: 'Log' },
] as const
/** Advice as it is logged: what was said, in the units of the moment. */
const adviceText = ({ does, why }: Change) =>
  `${sayAdvice(does, settings.system)}. ${sayAdvice(why, settings.system)}`.slice(0, 400)
const part = ref<(typeof PARTS)[number]['id']>('next')
const sheet = ref<'answer' | 'rig' | null>(null)
const detailsId = ref<string | null>(null)
const said = ref('')

const inHand = computed(() => account.value.inHand)
const lure = computed(() => (inHand.value?.carried.lureId ? box.lureById.get(inHand.value.carried.lureId) : undefined))
const place = computed(() => box.places.find((p) => p.id === props.outing.water.placeId))
const schooling = computed(() => speciesOf(account.value.water.speciesId)?.isSchooling ?? false)
const details = computed(() =>
  props.outing.entries.find((e): e is EntryOf<'answer'> => e.id === detailsId.value && e.kind === 'answer'),
)
const counts = computed(() => {
  const all = account.value.stretches
  const answers = all.flatMap((s) => s.answers)
  return {
    landed: answers.filter((a) => a.answer === 'landed').length,
    takes: answers.filter((a) => answerOf(a.answer).bite).length,
    casts: all.reduce((sum, s) => sum + s.casts.length, 0),
    minutes: all.reduce((sum, s) => sum + s.minutes, 0),
  }
})
const lastTakeAt = computed(() => {
  const takes = props.outing.entries.filter((e) => e.kind === 'answer' && answerOf(e.answer).bite)
  return takes[takes.length - 1]?.at ?? null
})
const aim = computed(() => account.value.aim)
/** The stretches at the spot under way: casts elsewhere say nothing about what is covered here. */
const here = computed(() =>
  account.value.stretches.filter(
    (s) => s.spot?.stop === account.value.spot?.stop && s.spot?.spotId === account.value.spot?.spotId,
  ),
)
const cadence = computed(() => {
  const way = inHand.value?.way
  if (!way) return null
  const retrieve = retrieveOf(way.retrieveId)
  return cadenceOf({
    handling: { retrieve, countDownS: way.countDownS, retrieveSpeedMps: way.retrieveSpeedMps },
    outfit: { reel: { linePerTurnM: inHand.value?.carried.linePerTurnM || 0.7 } },
  })
})

/** Where the stop stands: its number, and the piece of cover drawn. */
const feature = ref(account.value.spot?.featureId ?? usualFeature(account.value.water).id)
watch(
  () => account.value.spot?.featureId,
  (id) => id && (feature.value = id),
)
const stop = computed(() => account.value.spot?.stop ?? 1)
const spotCounts = computed(() => {
  const count: Record<string, number> = {}
  for (const s of account.value.stretches)
    if (s.spot?.stop === stop.value && s.spot.featureId === feature.value)
      count[s.spot.spotId] = (count[s.spot.spotId] ?? 0) + s.answers.filter((a) => answerOf(a.answer).bite).length
  return count
})

/** One thing after another: a tap waits until the one before it is stored, and is only then shown as logged. */
let before: Promise<unknown> = Promise.resolve()
function after(work: () => Promise<unknown>): Promise<void> {
  const mine = before.then(work).then(
    () => undefined,
    (error: unknown) => {
      said.value = `Not saved: ${error instanceof Error ? error.message : 'the browser refused'}. Tap again.`
    },
  )
  before = mine
  return mine
}

function answer(id: AnswerId) {
  sheet.value = null
  const fish: Fish | null =
    id === 'landed'
      ? {
          speciesId: account.value.water.speciesId,
          lengthM: null,
          massKg: null,
          hooked: null,
          ate: null,
          released: true,
        }
      : null
  return after(async () => {
    const entry = await outings.log(
      props.outing,
      { kind: 'answer', answer: id, aim: aim.value, fish },
      answerWords(id).name,
    )
    said.value = `Logged: ${answerWords(id).says}.`
    if (id === 'landed') detailsId.value = entry.id
  })
}
function changeFish(fish: Fish) {
  const entry = details.value
  if (!entry) return
  const next: Entry = { ...entry, fish }
  return after(() => outings.change({ outingId: props.outing.id, add: [next], drop: [], edits: [] }, 'The fish'))
}
const cast = (to: number | null) =>
  after(async () => {
    await outings.log(props.outing, { kind: 'cast', aim: to }, 'A cast')
    said.value = ''
  })
function takeRig(carriedId: string, wayId: string) {
  sheet.value = null
  return after(() => outings.log(props.outing, { kind: 'rig', carriedId, wayId }, 'Another rig'))
}
function lost() {
  sheet.value = null
  return after(async () => {
    await outings.log(props.outing, { kind: 'lost-lure' }, `${inHand.value?.carried.name} lost`)
    said.value = `${inHand.value?.carried.name} marked lost; one fewer in your box.`
  })
}
const goTo = (spotId: string, at = stop.value) =>
  after(async () => {
    await outings.log(props.outing, { kind: 'spot', stop: at, featureId: feature.value, spotId }, 'Another spot')
    said.value = `At ${spotWords({ featureId: feature.value, spotId })}.`
  })
const nextStop = () => {
  const first = spotsOfFeature()[0]
  if (first) void goTo(first, Math.max(0, ...props.outing.entries.map((e) => (e.kind === 'spot' ? e.stop : 0))) + 1)
}
const spotsOfFeature = () => [...document.querySelectorAll<HTMLElement>('[data-spot]')].map((b) => b.dataset.spot ?? '')

function follow(change: Change) {
  return after(async () => {
    const { to, variable, giveMin } = change
    const says = adviceText(change)
    const towards = typeof to.aim === 'number' ? { aim: to.aim } : {}
    await outings.log(
      props.outing,
      { kind: 'advice', variable, says, giveMin, taken: true, ...towards },
      'Advice followed',
    )
    const spot: Spot | null = to.spot
    const from = account.value.spot
    if (spot && (spot.stop !== from?.stop || spot.spotId !== from.spotId || spot.featureId !== from.featureId))
      await outings.log(props.outing, { kind: 'spot', ...spot }, 'Another spot')
    else if (variable !== 'direction')
      await outings.log(props.outing, { kind: 'rig', carriedId: to.carried.id, wayId: to.way.id }, 'Another rig')
    said.value = 'Changed. Now give it its time.'
  })
}
const refuse = (change: Change) =>
  after(() =>
    outings.log(
      props.outing,
      {
        kind: 'advice',
        variable: change.variable,
        says: adviceText(change),
        giveMin: change.giveMin,
        taken: false,
      },
      'Advice left',
    ),
  )
const say = (kind: 'pause' | 'resume' | 'end') =>
  after(() => outings.log(props.outing, { kind }, kind === 'end' ? 'Outing ended' : 'A break'))
async function startTrial(a: string, b: string, castsEach: number) {
  await after(() => outings.log(props.outing, { kind: 'comparison', a, b, castsEach }, 'A trial'))
  turnTo(a)
}
function turnTo(carriedId: string) {
  const rig = props.outing.carried.find((c) => c.id === carriedId)
  if (rig?.ways[0]) void takeRig(rig.id, rig.ways[0].id)
}
const drop = (entry: Entry) => after(() => outings.removeEntry(props.outing, entry, 'Taken out of the log'))
const takeBack = () =>
  after(async () => {
    detailsId.value = null
    await outings.undoLast(props.outing)
    said.value = 'Taken back.'
  })
const ending = ref(false)
const clock = (min: number) =>
  min < 60 ? `${Math.floor(min)} min` : `${Math.floor(min / 60)} h ${Math.floor(min % 60)} min`
</script>

<template>
  <div class="live" :data-entries="outing.entries.length" :data-at="account.spot ? spotKey(account.spot) : ''">
    <header class="strip">
      <div>
        <p class="where">{{ outing.placeName }}</p>
        <p class="quiet">
          {{ now.slice(11, 16) }} · {{ show(account.water.waterTempC, 'waterTemp') }} ·
          {{ clock(counts.minutes) }} fished
        </p>
      </div>
      <p class="tally">
        <b>{{ counts.landed }}</b> landed<br /><b>{{ counts.takes }}</b> {{ counts.takes === 1 ? 'take' : 'takes' }}
      </p>
      <button
        type="button"
        class="round"
        :aria-label="account.paused ? 'Go on' : 'Have a break'"
        @click="say(account.paused ? 'resume' : 'pause')"
      >
        <v-icon :icon="account.paused ? mdiPlay : mdiPause" />
      </button>
    </header>

    <button
      v-if="inHand"
      type="button"
      class="hand"
      :data-carried="inHand.carried.id"
      :data-way="inHand.way.id"
      @click="sheet = 'rig'"
    >
      <LureDrawing v-if="lure" :lure="lure" :width-px="84" />
      <span class="what">
        <b>{{ inHand.carried.name }}</b>
        <span>{{ inHand.way.name }}</span>
        <small
          >{{ inHand.way.countDownS ? `count ${inHand.way.countDownS}, ` : '' }}runs about
          {{ show(inHand.way.depthM, 'depth') }} · {{ Math.floor(minutesOn(account)) }} min on it</small
        >
      </span>
    </button>

    <section v-if="details" class="panel card">
      <FishDetails
        :entry="details"
        :rules="place?.rules ?? ''"
        :temp-c="account.water.waterTempC"
        @change="changeFish"
        @close="detailsId = null"
      />
    </section>

    <nav class="parts" aria-label="Parts of the outing">
      <button v-for="p in PARTS" :key="p.id" type="button" :aria-pressed="part === p.id" @click="part = p.id">
        {{ p.name }}
      </button>
    </nav>

    <section class="panel card" :aria-label="PARTS.find((p) => p.id === part)?.name">
      <AdvicePanel
        v-if="part === 'next'"
        :advice="advice"
        :outing="outing"
        :paused="account.paused"
        @take="follow"
        @refuse="refuse"
      />
      <template v-else-if="part === 'spot'">
        <p class="at">
          {{
            account.spot
              ? `Stop ${account.spot.stop} · ${spotLabel(account.spot)}`
              : 'Tap where you throw: the log then knows the spot.'
          }}
        </p>
        <SpotMap
          :feature-id="feature"
          :chosen="account.spot"
          :counts="spotCounts"
          @choose="(id) => goTo(id)"
          @feature="(id) => (feature = id)"
        />
        <button type="button" class="wide" @click="nextStop">Next stop</button>
      </template>
      <CastFan v-else-if="part === 'fan'" :stretches="here" :depth-m="account.water.depthM" :aim="aim" @cast="cast" />
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
        <StayTimer :account="account" :last-take-at="lastTakeAt" :now="now" :schooling="schooling" />
      </div>
      <VersusPanel
        v-else-if="part === 'ab'"
        :outing="outing"
        :now="now"
        :in-hand-id="inHand?.carried.id ?? null"
        @start="startTrial"
        @turn="turnTo"
        @end="after(() => outings.log(outing, { kind: 'comparison-end' }, 'Trial ended'))"
      />
      <ReadingForm
        v-else-if="part === 'water'"
        :key="outing.entries.length"
        :water="account.water"
        @keep="(read) => after(() => outings.log(outing, { kind: 'reading', ...read }, 'A reading'))"
      />
      <template v-else>
        <LogList :outing="outing" @drop="drop" @open="(e) => (detailsId = e.id)" />
        <button v-if="!ending" type="button" class="wide" @click="ending = true">End the outing</button>
        <div v-else class="end">
          <p>End it? It stays in the log, and can be taken back.</p>
          <button type="button" class="wide strong" @click="say('end')">End it</button>
          <button type="button" class="wide" @click="ending = false">Fish on</button>
        </div>
      </template>
    </section>

    <div class="thumb">
      <p class="said" role="status">{{ said }}</p>
      <button
        type="button"
        class="back"
        :disabled="outing.entries.length <= 1"
        aria-label="Take the last entry back"
        @click="takeBack"
      >
        <v-icon :icon="mdiUndo" size="28" />
      </button>
      <button type="button" class="cast" :disabled="account.paused" @click="cast(aim)">
        Cast<b>{{ counts.casts }}</b>
      </button>
      <button type="button" class="fish" :disabled="account.paused || !inHand" @click="sheet = 'answer'">Fish!</button>
    </div>

    <AnswerSheet v-if="sheet === 'answer'" @answer="answer" @close="sheet = null" />
    <RigSheet
      v-else-if="sheet === 'rig'"
      :carried="outing.carried"
      :in-hand="inHand"
      @take="takeRig"
      @lost="lost"
      @close="sheet = null"
    />
  </div>
</template>

<style scoped>
.live {
  max-width: 640px;
  margin: 0 auto;
  display: grid;
  gap: 10px;
  padding-bottom: 104px;
}
.strip {
  display: grid;
  grid-template-columns: 1fr auto 56px;
  gap: 12px;
  align-items: center;
}
.where {
  font-weight: 700;
  line-height: 1.2;
}
.tally {
  text-align: right;
  line-height: 1.25;
  font-size: 0.95rem;
}
.round {
  width: 56px;
  height: 56px;
  border-radius: 28px;
  border: 2px solid rgba(var(--v-border-color), 0.5);
}
.hand {
  display: flex;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: 84px;
  padding: 8px 14px;
  text-align: left;
  border-radius: 16px;
  background: rgb(var(--v-theme-surface));
  border: 2.5px solid rgb(var(--v-theme-on-surface));
}
.what {
  display: grid;
  line-height: 1.2;
}
.what b {
  font-family: var(--v-font-heading);
  font-size: 1.2rem;
}
.what small {
  font-size: 0.9rem;
}
.parts {
  display: grid;
  grid-template-columns: repeat(7, minmax(48px, auto));
}
.parts button {
  min-height: 48px;
  padding: 0;
  font-size: 0.9rem;
  font-weight: 650;
  border-radius: 10px;
}
.parts button[aria-pressed='true'] {
  background: rgb(var(--v-theme-on-surface));
  color: rgb(var(--v-theme-surface));
}
.card {
  padding: 14px;
  min-height: 120px;
}
.at {
  font-weight: 650;
  margin-bottom: 10px;
}
.timers {
  display: grid;
  gap: 22px;
}
.wide {
  width: 100%;
  min-height: 56px;
  margin-top: 10px;
  border-radius: 14px;
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
.wide.strong {
  background: rgb(var(--v-theme-error));
  border-color: rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-surface));
}
.said {
  grid-column: 1 / -1;
  font-weight: 650;
  text-align: center;
}
.said:empty {
  display: none;
}
.thumb {
  position: fixed;
  z-index: 20;
  inset: auto 0 0 0;
  display: grid;
  grid-template-columns: 64px 96px 1fr;
  gap: 10px;
  max-width: 664px;
  margin: 0 auto;
  padding: 10px 12px calc(10px + env(safe-area-inset-bottom));
  background: rgb(var(--v-theme-background));
  border-top: 1px solid rgba(var(--v-border-color), 0.3);
}
.thumb button {
  min-height: 72px;
  border-radius: 18px;
  border: 2.5px solid rgb(var(--v-theme-on-surface));
  font-weight: 750;
  font-size: 1.05rem;
  background: rgb(var(--v-theme-surface));
}
.thumb button:disabled {
  opacity: 0.45;
}
.cast b {
  display: block;
  font-size: 1.3rem;
  line-height: 1;
}
.thumb .fish {
  background: rgb(var(--v-theme-secondary));
  border-color: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-on-secondary));
  font-size: 1.25rem;
}
</style>
