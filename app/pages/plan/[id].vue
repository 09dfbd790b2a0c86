<script setup lang="ts">
import { blockCard, legFields, planPage as words, whatMayBe, sayHours } from '../../../words'
import { accountOf, isOver, minutesBetween } from '../../../core/outing'
import { heldAgainst, triedOf, type Block, type Lock, type Plan } from '../../../core/plan'
import { FORMATS } from '../../../core/exchange'
import { eventsOf } from '~/components/plan/events'
import { saveAs } from '~/composables/download'
import { plain } from '~/composables/plain'
import { useBox } from '~/stores/box'
import { momentNow } from '~/stores/moment'
import { useOutings } from '~/stores/outings'
import { usePlans } from '~/stores/plans'
import { useSettings } from '~/stores/settings'
import { outingPath, packPath, printPath } from '~/composables/paths'

/** One plan: the day as a band, what hangs on which rod, the kit as an open box; whatever is moved is planned anew. */
const plans = usePlans()
const route = useRoute()
const id = computed(() => String(route.params.id))
const plan = computed(() => plans.byId.get(id.value))
useHead({ title: () => words.planYgrion(plan.value?.name ?? '') })

const working = computed(() => (plans.workingOn === id.value ? plans.working : { state: 'idle' as const }))
const soFar = computed(() => (working.value.state === 'working' ? plans.soFar : null))
const planned = computed(() => soFar.value ?? plan.value?.planned ?? null)
const still = computed(() => soFar.value !== null)

const chosenId = ref<string | null>(null)
const chosen = computed(() => planned.value?.blocks.find((b) => b.id === chosenId.value) ?? planned.value?.blocks[0])

async function change(over: Partial<Plan>, label: string) {
  if (plan.value) await plans.save(plain({ ...plan.value, ...over }), label)
}
/** All that the answer hangs on: where it changes, by hand or by undo, the plan is worked out anew. */
const asked = computed(() => {
  if (!plan.value) return null
  const { legs, limits, spread, added, pinned, leftHome, locks } = plan.value
  return { id: plan.value.id, key: JSON.stringify([legs, limits, spread, added, pinned, leftHome, locks]) }
})
watch(asked, (now, before) => {
  if (plan.value && now && before && now.id === before.id && now.key !== before.key) void plans.work(plan.value)
})
/** Where the same stretch is held already, that hold goes. */
const without = (locks: readonly Lock[], { legId, fromH, toH, rodId }: Block) =>
  locks.filter((l) => l.legId !== legId || l.rodId !== rodId || l.toH <= fromH || l.fromH >= toH)
function hold(block: Block, fromH: number, toH: number, lureId?: string) {
  const carried = planned.value?.carried.find((one) => one.id === block.carriedId)
  if (!plan.value || !carried) return
  const { legId, rodId } = block
  const lock: Lock = { legId, rodId, fromH, toH, lureId: lureId ?? carried.lureId ?? '' }
  const rest = without(without(plan.value.locks, block), { ...block, fromH, toH })
  void change({ locks: [...rest, lock] }, blockCard.heldFast(carried.name, sayHours(fromH, toH)))
}
function release(block: Block) {
  const carried = planned.value?.carried.find((one) => one.id === block.carriedId)
  if (plan.value) void change({ locks: without(plan.value.locks, block) }, blockCard.letGoOf(carried?.name ?? ''))
}
const box = useBox()
const outings = useOutings()
const settings = useSettings()
/** Outings from this plan, the newest first. */
const fished = computed(() => outings.newest.filter((o) => o.plan?.id === id.value))
const held = computed(() =>
  fished.value.flatMap((outing) => {
    const end = outing.entries.at(-1)?.at ?? outing.startedAt
    const now = isOver(outing) ? end : momentNow()
    const found = heldAgainst(outing, accountOf(outing, now))
    return found ? [{ id: outing.id, day: outing.startedAt.slice(0, 10), ...found }] : []
  }),
)
const place = computed(() => box.places.find(({ id: of }) => of === plan.value?.legs[0]?.water.placeId))
const starting = ref(false)
async function start() {
  if (!plan.value || !place.value || starting.value) return
  starting.value = true
  try {
    await outings.startPlan(plan.value, place.value, 'clock')
    await navigateTo('/outing')
  } finally {
    starting.value = false
  }
}
/** Lays out what is still to come by what the fish have answered; where all is over, the whole anew. */
async function fromAnswers() {
  if (!plan.value) return
  const at = momentNow()
  const tried = fished.value.flatMap((o) => triedOf(o, isOver(o) ? (o.entries.at(-1)?.at ?? at) : at))
  const last = plan.value.legs.at(-1)
  const [h = 0, m = 0] = at.slice(11, 16).split(':').map(Number)
  const over = !last || minutesBetween(at, `${last.water.date}T23:59:00${at.slice(19)}`) === 0
  await plans.work(plan.value, { tried, from: over ? null : { date: at.slice(0, 10), hour: h + m / 60 } })
}
function calendar() {
  if (!plan.value) return
  const events = eventsOf(plan.value, box.box, box.places, settings.system, Date.parse(momentNow()))
  void saveAs(FORMATS.calendar, events, plan.value.name)
}
async function remove() {
  if (!plan.value) return
  await plans.remove(plan.value)
  await navigateTo('/plan')
}
</script>

<template>
  <div class="page">
    <p v-if="plans.status.state === 'loading'" role="status">…</p>
    <template v-else-if="!plan">
      <p>{{ words.gone }}</p>
      <v-btn to="/plan">{{ words.toThePlans }}</v-btn>
    </template>
    <template v-else>
      <NuxtLink class="back" to="/plan">{{ words.toThePlans }}</NuxtLink>
      <div class="head">
        <PageHead :title="plan.name" />
        <div class="do">
          <v-btn v-if="planned" color="primary" :to="packPath(plan.id)">{{ words.pack }}</v-btn>
          <v-btn v-if="outings.live" variant="outlined" to="/outing">{{ words.toTheOuting }}</v-btn>
          <v-btn v-else-if="plan.planned" color="secondary" :loading="starting" :disabled="!place" @click="start">{{
            words.startTheOuting
          }}</v-btn>
          <ShareThing :id="plan.id" kind="plan" :name="plan.name" size="default" />
          <v-btn v-if="plan.planned" variant="text" :to="printPath(plan.id)">{{ words.printCards }}</v-btn>
          <v-btn v-if="plan.planned" variant="text" @click="calendar">{{ words.calendar }}</v-btn>
          <v-btn variant="text" @click="remove">{{ words.remove }}</v-btn>
        </div>
      </div>
      <div v-if="working.state === 'working'" class="panel now" role="status">
        <PlainBar :share="working.done / Math.max(1, working.of)" />
        <p>{{ words.working(working.done, working.of) }} <template v-if="soFar">{{ words.soFar }}</template></p>
        <v-btn variant="text" @click="plans.stop()">{{ words.stop }}</v-btn>
      </div>
      <p v-else-if="working.state === 'refused'" class="caution" role="alert">
        {{ words.notWorkedOut(working.problem) }}
      </p>
      <div v-else-if="!plan.planned" class="panel now">
        <p>{{ words.stoppedHere }}</p>
        <v-btn color="secondary" @click="plans.work(plan)">{{ words.workItOut }}</v-btn>
      </div>
      <template v-if="planned">
        <p v-if="planned.lures.length === 0 && working.state !== 'working'" class="panel none">
          {{ words.nothing }} <NuxtLink to="/">{{ words.seeTheMatch }}</NuxtLink>
        </p>
        <template v-else>
          <DayBand
            :plan="plan"
            :planned="planned"
            :chosen="chosen?.id ?? null"
            :still="still"
            @choose="(b) => (chosenId = b)"
            @move="hold"
          />
          <div class="two">
            <KitBox :plan="plan" :planned="planned" :proven="!still" @change="change" />
            <div class="side">
              <BlockCard
                v-if="chosen"
                :plan="plan"
                :planned="planned"
                :block="chosen"
                :still="still"
                @hold="hold"
                @release="release"
              />
              <RodCards :planned="planned" :chosen="chosen?.id ?? null" @choose="(b) => (chosenId = b)" />
            </div>
          </div>
        </template>
      </template>
      <section v-if="held.length" class="panel held" :aria-label="words.heldAgainst">
        <h2>{{ words.heldAgainst }}</h2>
        <p v-for="h in held" :key="h.id">
          <NuxtLink :to="outingPath(h.id)">{{ h.day }}</NuxtLink>: {{ words.used(h.carried, h.used) }}
          {{
            h.caught.length
              ? words.caught(h.caught.map((c) => words.inPlace(c.name, c.place, c.takes)).join(', '))
              : words.nothingTaken
          }}
        </p>
        <v-btn variant="outlined" :loading="working.state === 'working'" @click="fromAnswers">{{
          outings.live ? words.planTheRest : words.planAgain
        }}</v-btn>
      </section>
      <section class="panel more">
        <MoreFields :title="legFields.whereAndWhen" :said="plan.legs.length > 1">
          <LegFields :plan="plan" @change="change" />
        </MoreFields>
        <MoreFields :title="whatMayBe.whatMayBe" :said="false">
          <WhatMayBe :plan="plan" @change="change" />
        </MoreFields>
      </section>
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: start;
  gap: var(--space-8);
}
.back {
  font-size: var(--text-3);
}
.do {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
  margin-bottom: var(--space-12);
}
.now {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-8) var(--space-16);
  padding: var(--space-12) var(--space-16);
  margin-bottom: var(--space-12);
}
.now > :first-child:not(p) {
  grid-column: 1 / -1;
}
.none {
  padding: var(--space-16);
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: var(--space-16);
  margin-top: var(--space-16);
  align-items: start;
}
.side {
  display: grid;
  gap: var(--space-16);
}
.held {
  margin-top: var(--space-16);
  padding: var(--space-16);
  display: grid;
  gap: var(--space-8);
  justify-items: start;
}
.more {
  margin-top: var(--space-16);
  padding: var(--space-4) var(--space-16);
  contain: none;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    order: -1;
  }
}
</style>
