<script setup lang="ts">
import { clockAt, printPage as words, sayHours, sayWay } from '../../../../words'
import { packed, writeShare } from '../../../../core/exchange'
import { epochOf, readWater, speciesOf, stationFor, tideAt } from '../../../../core/water'
import type { Block } from '../../../../core/plan'
import { qrPicture, type QrPicture } from '~/composables/qr'
import { useBox } from '~/stores/box'
import { usePlans } from '~/stores/plans'
import { repository } from '~/stores/repository'
import { useSettings } from '~/stores/settings'
import { planPath } from '~/composables/paths'

/** Cards of a plan on paper: a side of A6 for each rod, a side of A4 for the day. */
const plans = usePlans()
const box = useBox()
const settings = useSettings()
const route = useRoute()
const plan = computed(() => plans.byId.get(String(route.params.id)))
const planned = computed(() => plan.value?.planned ?? null)
useHead({ title: () => words.printYgrion(plan.value?.name ?? '') })

const nameIn = (list: readonly { id: string; name: string }[], id: string) =>
  list.find((one) => one.id === id)?.name ?? id
const carriedOf = (id: string | null) => planned.value?.carried.find((one) => one.id === id)
const lureOf = (id: string | null) => box.lureById.get(carriedOf(id)?.lureId ?? '')
const wayOf = ({ carriedId, wayId }: Block) => {
  const one = carriedOf(carriedId)
  const way = one?.ways.find(({ id }) => id === wayId) ?? one?.ways[0]
  return way ? sayWay(way, settings.system) : ''
}
interface CardRow {
  readonly carriedId: string
  readonly legId: string
  readonly fromH: number
  readonly toH: number
  readonly how: string
}
/** What hangs on a rod through the days, one row for as long as it stays. */
function rowsOn(rodId: string): CardRow[] {
  const rows: CardRow[] = []
  for (const block of planned.value?.blocks ?? []) {
    const fished = block.rodId === rodId
    const carriedId = fished ? block.carriedId : block.beside.find((b) => b.rodId === rodId)?.carriedId
    const [way] = carriedOf(carriedId ?? null)?.ways ?? []
    if (!carriedId || !way) continue
    const { legId, fromH, toH } = block
    const last = rows.at(-1)
    const stays = last?.carriedId === carriedId && last.legId === legId
    const how = fished ? wayOf(block) : stays ? last.how : sayWay(way, settings.system)
    if (stays) rows[rows.length - 1] = { ...last, toH, how }
    else rows.push({ carriedId, legId, fromH, toH, how })
  }
  return rows
}
/** More rows than this fill a card only without the parts of each rig. */
const ROOMY = 4
const rods = computed(() =>
  (planned.value?.rods ?? []).map(({ rodId, reelId, lineIds }) => ({
    id: rodId,
    name: nameIn(box.box.rods, rodId),
    line: words.line(lineIds.map((id) => nameIn(box.box.lines, id)).join(', '), nameIn(box.box.reels, reelId)),
    rows: rowsOn(rodId),
  })),
)
const days = computed(() =>
  (plan.value?.legs ?? []).map((leg) => {
    const place = box.places.find(({ id }) => id === leg.water.placeId)
    const species = speciesOf(leg.water.speciesId)
    const station = place && stationFor(place)
    const sun = place && species ? readWater(leg.water, place, species).sun : null
    const clock = (ms: number | null) => clockAt(ms, place?.utcOffsetH ?? 0)
    const from = place ? epochOf(place, leg.water.date, leg.fromH) : 0
    const to = place ? epochOf(place, leg.water.date, leg.toH) : 0
    const turns = station ? tideAt(station, (from + to) / 2).turns.filter(({ atMs }) => atMs >= from && atMs <= to) : []
    return {
      id: leg.id,
      place: place?.name ?? '',
      date: leg.water.date,
      marks: [
        sun ? words.sun(clock(sun.sunriseMs), clock(sun.sunsetMs)) : '',
        turns.length
          ? words.highLow(turns.map((t) => (t.high ? words.high : words.low)(clock(t.atMs))).join(', '))
          : '',
      ].filter((mark) => mark !== ''),
      rows: (planned.value?.blocks ?? []).filter((b) => b.legId === leg.id),
    }
  }),
)
const code = shallowRef<QrPicture | null>(null)
watch(
  plan,
  async (now) => {
    const text = now && writeShare('plan', now.id, await repository.readAll())
    try {
      code.value = text ? qrPicture(`${location.origin}/take#${await packed(text)}`, 'L') : null
    } catch {
      // More than a code can hold.
      code.value = null
    }
  },
  { immediate: true },
)
const print = () => window.print()
</script>

<template>
  <div class="page">
    <div class="screen-only">
      <PageHead :title="words.cards" :about="words.about" />
      <div class="do">
        <v-btn color="primary" :disabled="!planned" @click="print">{{ words.print }}</v-btn>
        <v-btn variant="text" :to="planPath(String(route.params.id))">{{ words.back }}</v-btn>
      </div>
    </div>
    <p v-if="!planned || !plan">{{ words.notWorkedOut }}</p>
    <template v-else>
      <div class="cards">
        <section v-for="rod in rods" :key="rod.id" class="card a6" :data-rod="rod.id">
          <header>
            <h2>{{ rod.name }}</h2>
            <p>{{ rod.line }}</p>
          </header>
          <div v-for="row in rod.rows" :key="`${row.legId} ${row.fromH}`" class="row">
            <LureDrawing
              v-if="lureOf(row.carriedId)"
              :lure="lureOf(row.carriedId) as never"
              :width-px="rod.rows.length > ROOMY ? 48 : 72"
            />
            <div>
              <b>{{ sayHours(row.fromH, row.toH) }} {{ carriedOf(row.carriedId)?.name }}</b>
              <p>{{ row.how }}</p>
              <p v-if="rod.rows.length <= ROOMY" class="small">{{ carriedOf(row.carriedId)?.rig }}</p>
            </div>
          </div>
        </section>
      </div>
      <section class="card a4">
        <header>
          <h2>{{ plan.name }}</h2>
          <svg
            v-if="code"
            :viewBox="`-2 -2 ${code.size + 4} ${code.size + 4}`"
            role="img"
            :aria-label="words.codeOfPlan"
            class="code"
          >
            <path :d="code.d" fill="#000" shape-rendering="crispEdges" />
          </svg>
        </header>
        <div v-for="day in days" :key="day.id" class="day">
          <h3>{{ day.date }} · {{ day.place }}</h3>
          <p class="small">{{ day.marks.join(' · ') }}</p>
          <table>
            <thead>
              <tr>
                <th>{{ words.hours }}</th>
                <th>{{ words.tieOn }}</th>
                <th>{{ words.rod }}</th>
                <th>{{ words.how }}</th>
                <th>{{ words.then }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="b in day.rows" :key="b.id">
                <td>{{ sayHours(b.fromH, b.toH) }}</td>
                <th scope="row">{{ carriedOf(b.carriedId)?.name }}</th>
                <td>{{ nameIn(box.box.rods, b.rodId) }}</td>
                <td>{{ wayOf(b) }}</td>
                <td>{{ words.minutes(b.giveMin) }}, {{ carriedOf(b.nextCarriedId)?.name ?? '' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <ol class="kit">
          <li v-for="l in planned.lures" :key="l.lureId">
            <LureDrawing v-if="box.lureById.get(l.lureId)" :lure="box.lureById.get(l.lureId) as never" :width-px="56" />
            {{ l.name }}
          </li>
        </ol>
        <p class="small">{{ words.careful }}</p>
      </section>
    </template>
  </div>
</template>

<style scoped>
.do {
  display: flex;
  gap: var(--space-8);
  margin-bottom: var(--space-16);
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(148mm, 100%), 148mm));
  gap: 4mm;
}
.card {
  background: var(--colour-print-paper);
  color: var(--colour-print-ink);
  border: 0.2mm solid var(--colour-print-rule);
  padding: 6mm;
  font-size: var(--text-print-m);
  overflow: hidden;
}
.a6 {
  width: min(148mm, 100%);
  min-height: 105mm;
  box-sizing: border-box;
}
.a4 {
  width: min(210mm, 100%);
  min-height: 200mm;
  margin-top: 4mm;
  box-sizing: border-box;
}
.card header {
  display: flex;
  justify-content: space-between;
  align-items: start;
  gap: 4mm;
  border-bottom: 0.4mm solid var(--colour-print-ink);
  padding-bottom: 2mm;
  margin-bottom: 3mm;
}
.code {
  width: 52mm;
  flex: none;
}
.row {
  display: grid;
  grid-template-columns: 30mm minmax(0, 1fr);
  gap: 3mm;
  align-items: center;
  padding: 1mm 0;
}
.small {
  font-size: var(--text-print-s);
}
table {
  width: 100%;
  border-collapse: collapse;
  margin: 2mm 0 4mm;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 1mm 2mm 1mm 0;
  border-bottom: 0.2mm solid var(--colour-print-rule);
}
.kit {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(34mm, 1fr));
  gap: 2mm;
  padding: 0;
  margin: 0 0 3mm;
  list-style: none;
  font-size: var(--text-print-s);
}
.kit li {
  display: grid;
  justify-items: center;
  text-align: center;
}
td:nth-child(1),
td:nth-child(3) {
  white-space: nowrap;
}
@media print {
  .screen-only {
    display: none;
  }
  .page {
    padding: 0;
  }
  .card {
    border: 0;
    break-after: page;
    margin: 0;
  }
  .cards {
    display: block;
  }
}
</style>
