<script setup lang="ts">
import { benchComparePage as words } from '../../../words'
import { findingOf, profileFromTests, type Estimate } from '../../../core/bench'
import type { RoleId } from '../../../core/quantity'
import { familyOf, lureAction, lureMass, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'
import { byName } from '~/composables/by-name'

/** Up to six lures side by side on what the bench knows of them. */
useHead({ title: words.sideBySideYgrion })
const MOST = 6
const box = useBox()
const water = useWater()
const route = useRoute()
const router = useRouter()
const { show } = useMeasure()

const chosen = computed<string[]>(() => {
  const asked = String(route.query.lures ?? '')
    .split(',')
    .filter((id) => box.lureById.has(id))
  if (asked.length) return asked.slice(0, MOST)
  // To begin with: some that were timed, which say most beside each other.
  const ids = box.box.tests.filter((t) => t.kind === 'fall').map((t) => t.lureId)
  return [...new Set(ids)].filter((id) => box.lureById.has(id)).slice(0, 4)
})
const choose = (ids: string[]) => void router.replace({ query: { lures: ids.slice(0, MOST).join(',') } })
const items = computed(() => [...box.box.lures].sort(byName).map((l) => ({ value: l.id, title: l.name })))
const carrying = computed(() => ({ tempC: water.current?.waterTempC ?? 15, salinity: water.place?.salinity ?? 0 }))
const lures = computed(() =>
  chosen.value.flatMap((id) => {
    const lure = box.lureById.get(id)
    return lure ? [{ lure, known: profileFromTests(lure, box.box.tests) }] : []
  }),
)
type One = (typeof lures.value)[number]

interface Line {
  readonly name: string
  readonly role: RoleId
  readonly of: (one: One) => Estimate | null
}
const plain = (value: number, n: number, basis: Estimate['basis']): Estimate => ({
  value,
  low: value,
  high: value,
  basis,
  n,
  poor: false,
})
const LINES: readonly Line[] = [
  { name: words.fall, role: 'lureSpeed', of: ({ lure, known }) => findingOf('fall', lure, known, carrying.value) },
  {
    name: words.atRestRises,
    role: 'restSpeed',
    of: ({ lure, known }) => findingOf('rest', lure, known, carrying.value),
  },
  {
    name: words.runsMmM,
    role: 'depth',
    of: ({ lure, known }) => findingOf('depth', lure, known, carrying.value),
  },
  { name: words.worksFrom, role: 'lureSpeed', of: ({ known }) => known.window.slow },
  { name: words.worksUp, role: 'lureSpeed', of: ({ known }) => known.window.fast },
  { name: words.beats, role: 'beats', of: ({ known }) => known.action?.beatsPerS ?? null },
  { name: words.tearsAt, role: 'lineStrength', of: ({ known }) => known.tear },
  { name: words.isCast, role: 'distance', of: ({ known }) => known.cast },
  { name: words.weighs, role: 'lureMass', of: ({ known }) => known.mass },
  { name: words.saysThePacket, role: 'lureMass', of: ({ lure }) => plain(lure.massKg, 0, 'labelled') },
]
const rows = computed(() =>
  LINES.map((line) => ({ ...line, figures: lures.value.map((one) => line.of(one)) })).filter((r) =>
    r.figures.some(Boolean),
  ),
)
/** Where a figure stands among those beside it, for the small bar: 0 … 1 of the largest. */
const reach = (figures: readonly (Estimate | null)[]) => Math.max(...figures.map((f) => Math.abs(f?.high ?? 0)), 1e-9)
const actionOf = ({ lure, known }: One) => {
  const usual = lureAction(lure)
  return {
    amplitude: known.action?.amplitude ?? usual.amplitude,
    vibration: known.action?.vibration ?? usual.vibration,
    swing: known.action?.swing ?? null,
  }
}
const off = (lure: Lure) => {
  const share = Math.round((lureMass(lure).kg / lure.massKg - 1) * 100)
  return share === 0 ? words.asLabelled : words.againstThePacket(share > 0 ? '+' : '−', Math.abs(share))
}
</script>

<template>
  <div class="page">
    <PageHead :title="words.bench" :about="words.upToFourLures"><BenchTabs /></PageHead>
    <section class="panel side" :aria-label="words.sideBySide">
      <v-autocomplete
        :model-value="chosen"
        :label="words.luresUpToSix"
        multiple
        chips
        closable-chips
        :items="items"
        hide-details
        @update:model-value="choose"
      />
      <p v-if="lures.length === 0" class="quiet">
        {{ words.chooseTwoOrMore }}
      </p>
      <div v-else class="scroll" tabindex="0" role="region" :aria-label="words.comparison">
        <table>
          <thead>
            <tr>
              <td class="corner" />
              <th v-for="one in lures" :key="one.lure.id" scope="col">
                <span class="picture"><LureDrawing :lure="one.lure" :width-px="96" /></span>
                <NuxtLink :to="{ path: '/bench', query: { lure: one.lure.id } }">{{ one.lure.name }}</NuxtLink>
                <small>{{ familyOf(one.lure.family).name }}</small>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in rows" :key="r.name">
              <th scope="row">{{ r.name }}</th>
              <td v-for="(f, i) in r.figures" :key="i">
                <template v-if="f">
                  <FigureRange :figure="f" :role="r.role" />
                  <span class="bar" aria-hidden="true"
                    ><i
                      :style="{ width: `${(Math.abs(f.value) / reach(r.figures)) * 100}%` }"
                      :class="{ told: f.n === 0 }"
                  /></span>
                </template>
                <span v-else class="quiet">{{ words.notKnown }}</span>
              </td>
            </tr>
            <tr>
              <th scope="row">{{ words.swingAndThump }}</th>
              <td v-for="one in lures" :key="one.lure.id">
                <span class="two"
                  ><ShareBar :value="actionOf(one).amplitude" :label="words.swing" /><ShareBar
                    :value="actionOf(one).vibration"
                    :label="words.thump"
                /></span>
                <small>{{ actionOf(one).swing ?? words.asItsFamily }}</small>
              </td>
            </tr>
            <tr>
              <th scope="row">{{ words.weightAgainstLabel }}</th>
              <td v-for="one in lures" :key="one.lure.id">{{ off(one.lure) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="quiet">
        {{ words.inWaterOfPale(show(carrying.tempC, 'waterTemp')) }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.side {
  display: grid;
  gap: var(--space-12);
  margin-top: var(--space-16);
  padding: var(--space-16) var(--space-20) var(--space-20);
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
  table-layout: fixed;
  min-width: 720px;
}
th,
td {
  padding: var(--space-8) var(--space-16) var(--space-8) 0;
  text-align: left;
  vertical-align: top;
  font-weight: 400;
  overflow-wrap: anywhere;
}
.corner {
  width: 150px;
}
tbody tr {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
tbody th {
  font-weight: 650;
  white-space: nowrap;
}
thead th {
  font-weight: 700;
}
thead small,
td small {
  display: block;
  font-weight: 400;
  font-size: var(--text-2);
}
.picture {
  display: grid;
  place-items: center;
  height: 84px;
  margin-bottom: var(--space-6);
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.bar {
  display: block;
  height: 7px;
  margin-top: var(--space-4);
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), 0.12);
}
.bar i {
  display: block;
  height: 100%;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
.bar i.told {
  opacity: 0.35;
}
.two {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-6) 0 var(--space-4);
}
</style>
