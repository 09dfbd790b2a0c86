<script setup lang="ts">
import { boxPicker, startOuting as words, sayHandling, sayRefusal } from '../../../words'
import type { SetUp } from '../../../core/match'
import { hourOf, type Wanted } from '../../../core/outing'
import { sayError } from '~/composables/say-error'
import { plain } from '~/composables/plain'
import { useMatchShown } from '~/composables/useMatchShown'
import { useBox } from '~/stores/box'
import { momentNow } from '~/stores/moment'
import { today } from '~/stores/repository'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useOutings, type PartyAsked } from '~/stores/outings'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { useMeasure } from '~/composables/useMeasure'

/** From the match to the water: what is carried, and how effort is counted. */
const match = useMatchShown()
const outings = useOutings()
const box = useBox()
const water = useWater()
const settings = useSettings()
const { show } = useMeasure()

/** Carried to begin with: the first places of the match. */
const USUAL = 6
const MOST = 12
/** Every size, colour and way that was opened in the ranking can be carried, too. */
const places = computed(() => match.answer?.rows ?? [])
const rows = computed(() => [...places.value, ...match.beside])
const chosen = ref<Set<string> | null>(null)
const keys = computed(() => chosen.value ?? new Set(places.value.slice(0, USUAL).map((r) => r.key)))
/** Set-ups with the ids of what else hangs on their lines. */
const taken = computed<{ setUp: SetUp; beside: string[] }[]>(() => [
  ...rows.value.filter((r) => keys.value.has(r.key)).map((r) => ({ setUp: r.setUp, beside: [] })),
  ...match.rigs.flatMap(({ rig, row, members }) =>
    row && keys.value.has(rig.id)
      ? [{ setUp: row.setUp, beside: members.filter((m) => !m.dummy).map((m) => m.lureId) }]
      : [],
  ),
])
const carried = computed(() => taken.value.map((t) => t.setUp))
/** Carried without being asked of the match. */
const others = ref<Wanted[]>([])
const otherName = ({ kind, id }: Wanted) =>
  (kind === 'lure' ? box.lureById.get(id) : box.box.rigs.find((r) => r.id === id))?.name ?? ''
const picking = ref(false)
/** What stands against what is carried so, by its id. */
const against = ref<Readonly<Record<string, string>>>({})
async function takeOther(wanted: Wanted) {
  if (others.value.some((o) => o.id === wanted.id)) return
  others.value = [...others.value, wanted]
  if (!match.asked) return
  await match.sendInputs()
  const [taken] = await useMatchWorker().carryAny(...plain([[wanted], [wanted.id], match.asked] as const))
  if (taken?.why)
    against.value = { ...against.value, [wanted.id]: boxPicker.notFished(taken.carried.name, sayRefusal(taken.why)) }
}
const first = computed(() => carried.value[0]?.build.lure.name ?? (others.value[0] ? otherName(others.value[0]) : ''))
function toggle(key: string) {
  const next = new Set(keys.value)
  if (next.has(key)) next.delete(key)
  else if (next.size < MOST) next.add(key)
  chosen.value = next
}
const clock = (hour: number) =>
  `${String(Math.floor(hour)).padStart(2, '0')}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`
/** Friends, and whether they can be started with. */
const party = shallowRef<PartyAsked | null>(null)
const partyFits = ref(true)
function asParty(asked: PartyAsked | null, fits: boolean) {
  party.value = asked
  partyFits.value = fits
}
const effortBy = ref<'clock' | 'cast'>('clock')
const starting = ref(false)
const problem = ref('')
/** A water that was set for another day is asked about before it is fished. */
const asking = ref(false)
const isToday = computed(() => match.asked?.c.date === today())
async function start(when: 'ask' | 'now' | 'as-set' = 'ask') {
  if (!match.asked || !match.whole || starting.value) return
  if (when === 'ask' && !isToday.value) {
    asking.value = true
    return
  }
  asking.value = false
  starting.value = true
  problem.value = ''
  try {
    const beside = taken.value.map((t) => t.beside)
    await match.sendInputs()
    const at = momentNow()
    const c = when === 'now' ? { ...match.asked.c, date: today(), hour: Math.floor(hourOf(at)) } : match.asked.c
    await outings.start(carried.value, { ...match.asked, c }, effortBy.value, beside, others.value, party.value)
  } catch (error) {
    problem.value = words.theOutingWasNot(sayError(error))
  }
  starting.value = false
}
const askedFor = computed(
  () =>
    water.current && words.seen(show(water.current.waterTempC, 'waterTemp'), show(water.current.visibilityM, 'depth')),
)
</script>

<template>
  <section class="start panel" :aria-label="words.startAnOuting">
    <header>
      <div>
        <h1>{{ words.onTheWater }}</h1>
        <p class="quiet">
          {{ water.place?.name }} · {{ askedFor }} · <NuxtLink to="/water">{{ words.changeTheWater }}</NuxtLink>
        </p>
        <WithoutNetwork />
      </div>
    </header>
    <template v-if="match.answer">
      <div class="off">
        <button
          type="button"
          class="go"
          :disabled="first === '' || starting || !partyFits || !match.whole"
          @click="start()"
        >
          {{
            starting
              ? words.gettingReady
              : !match.whole
                ? words.rankingYourBox
                : first
                  ? words.start(first)
                  : words.chooseAtLeastOne
          }}
        </button>
        <fieldset>
          <legend>{{ words.measureFishingTime }}</legend>
          <label><input v-model="effortBy" type="radio" value="clock" /> {{ words.byClock }}</label>
          <label><input v-model="effortBy" type="radio" value="cast" /> {{ words.byCastsThatI }}</label>
        </fieldset>
      </div>
      <div v-if="asking && match.asked" class="ask" role="alert">
        <p>{{ words.anotherDay(match.asked.c.date, clock(match.asked.c.hour)) }}</p>
        <button type="button" class="now" @click="start('now')">{{ words.startForNow }}</button>
        <button type="button" @click="start('as-set')">{{ words.startAsSet }}</button>
      </div>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <h2>{{ words.whatDoYouCarry }}</h2>
      <ul class="carry" :aria-busy="!match.whole">
        <li v-for="row in rows" :key="row.key">
          <label :class="{ on: keys.has(row.key) }">
            <input type="checkbox" :checked="keys.has(row.key)" @change="toggle(row.key)" />
            <LureDrawing :lure="row.setUp.build.lure" :width-px="72" />
            <span><b>{{ row.setUp.build.lure.name }}</b><small>{{ sayHandling(row, settings.system) }}</small></span>
            <b class="points">{{ Math.round(row.score) }}</b>
          </label>
        </li>
        <template v-for="{ rig, row } in match.rigs" :key="rig.id">
          <li v-if="row">
            <label :class="{ on: keys.has(rig.id) }">
              <input type="checkbox" :checked="keys.has(rig.id)" @change="toggle(rig.id)" />
              <LureDrawing :lure="row.setUp.build.lure" :width-px="72" />
              <span><b>{{ rig.name }}</b><small>{{ words.tiedAlready(row.setUp.build.lure.name) }}</small></span>
              <b class="points">{{ Math.round(row.score) }}</b>
            </label>
          </li>
        </template>
      </ul>
      <p v-if="places.length === 0">
        {{ words.nothingInTheBox }} <NuxtLink to="/">{{ words.seeTheMatch }}</NuxtLink> {{ words.forWhatIsMissing }}
      </p>
      <ul v-if="others.length" class="others" :aria-label="boxPicker.somethingElse">
        <li v-for="o in others" :key="o.id">
          {{ otherName(o) }}
          <button
            type="button"
            :aria-label="words.leaveAtHome(otherName(o))"
            @click="others = others.filter((other) => other.id !== o.id)"
          >
            ✕
          </button>
        </li>
      </ul>
      <p v-for="o in others.filter(({ id }) => against[id])" :key="o.id" role="status">{{ against[o.id] }}</p>
      <PartyForm :carried="carried.length + others.length" @change="asParty" />
      <button v-if="!picking" type="button" class="more" @click="picking = true">{{ boxPicker.somethingElse }}</button>
      <BoxPicker v-else :busy="starting" @take="takeOther" />
    </template>
    <p v-else-if="typeof match.status === 'object'" role="alert">{{ match.status.problem }}</p>
    <p v-else role="status">{{ words.rankingYourBox }}</p>
  </section>
</template>

<style scoped>
.start {
  contain: none;
  padding: var(--space-16);
  display: grid;
  gap: var(--space-12);
}
.carry {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: var(--space-8);
}
.carry label {
  height: 100%;
  display: grid;
  grid-template-columns: 24px 96px minmax(0, 1fr) auto;
  gap: var(--space-8);
  align-items: center;
  min-height: 68px;
  padding: var(--space-6) var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.25);
  cursor: pointer;
}
.carry label.on {
  border-color: rgb(var(--v-theme-primary));
  background: rgba(var(--v-theme-primary), 0.07);
}
.carry b,
.carry small {
  display: block;
  overflow-wrap: anywhere;
}
.carry small {
  font-size: var(--text-2);
  line-height: 1.25;
  opacity: var(--v-medium-emphasis-opacity);
}
.points {
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
}
input {
  accent-color: rgb(var(--v-theme-primary));
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-20);
  align-items: center;
}
legend {
  float: left;
  font-weight: 650;
  margin-right: var(--space-12);
}
fieldset label {
  display: inline-flex;
  align-items: center;
  gap: var(--space-8);
  min-height: 48px;
}
.off {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-24);
}
.go {
  flex: 0 1 420px;
  min-height: 64px;
  padding: var(--space-6) var(--space-20);
  border-radius: var(--radius-l);
  font-weight: 750;
  font-size: var(--text-5);
  background: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-on-secondary));
}
.go:disabled {
  opacity: 0.5;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
  padding: var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px solid rgb(var(--v-theme-secondary));
}
.ask p {
  flex: 1 1 240px;
}
.ask button {
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
.ask .now {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.others {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6);
}
.others li {
  display: inline-flex;
  align-items: center;
  padding-left: var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px solid rgb(var(--v-theme-primary));
  background: rgba(var(--v-theme-primary), 0.07);
  font-weight: 650;
}
.others button {
  width: 48px;
  height: 48px;
}
.more {
  min-height: 48px;
  padding: 0 var(--space-16);
  justify-self: start;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
.problem {
  color: rgb(var(--v-theme-error));
}
</style>
