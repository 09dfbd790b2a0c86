<script setup lang="ts">
import { benchReportPage as words, seriesTitle, testWords } from '../../../words'
import { FORMATS } from '../../../core/exchange'
import type { RoleId } from '../../../core/quantity'
import { familyOf } from '../../../core/tackle'
import {
  TEST_KINDS,
  findingOf,
  profileFromTests,
  seriesPoints,
  testsOf,
  type BenchTest,
  type TestKind,
} from '../../../core/bench'
import SeriesPlot from '~/components/bench/SeriesPlot.vue'
import { svgText } from '~/components/bench/svg-file'
import { howTo } from '~/components/bench/test-form'
import { download, fileName, saveAs } from '~/composables/download'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'

useHead({ title: words.testReportYgrion })
const box = useBox()
const route = useRoute()
const { show } = useMeasure()
const lure = computed(() => box.lureById.get(String(route.query.lure ?? '')) ?? null)
const known = computed(() => lure.value && profileFromTests(lure.value, box.box.tests))
const parts = computed(() => {
  const l = lure.value
  const k = known.value
  if (!l || !k) return []
  return TEST_KINDS.flatMap((kind) => {
    const series = testsOf(k.tests, l.id, kind)
    if (series.length === 0) return []
    return [{ kind, how: howTo(kind), series, finding: findingOf(kind, l, k), plots: seriesPoints(kind, l, k) }]
  })
})
const drawn = ref<{ picture: SVGSVGElement | null }[]>([])
const print = () => window.print()
function saveCsv() {
  if (lure.value) void saveAs(FORMATS.tests, { lures: [lure.value], tests: box.box.tests }, lure.value.name)
}
/** All pictures of the report one under the other in one file. */
function saveSvg() {
  if (!lure.value) return
  const pictures = drawn.value.flatMap((d) => (d.picture ? [svgText(d.picture)] : []))
  let y = 0
  const placed = pictures.map((text) => {
    const height = Number(/height="([\d.]+)"/.exec(text)?.[1] ?? 200)
    const one = text.replace('<svg ', `<svg y="${y}" `)
    y += height + 12
    return one
  })
  const whole = `<svg xmlns="http://www.w3.org/2000/svg" width="480" height="${y}">${placed.join('')}</svg>`
  download(fileName(words.testsOf(lure.value.name), 'svg'), 'image/svg+xml', whole)
}
const fieldsOf = (kind: TestKind) => howTo(kind).readings
const cell = (r: unknown, key: string, role?: string) => {
  const v = (r as Readonly<Record<string, unknown>>)[key]
  return typeof v === 'number' && role ? show(v, role as RoleId) : String(v ?? '')
}
const held = (test: BenchTest, kind: TestKind) =>
  howTo(kind)
    .settings.map((f) => {
      const v = (test as Readonly<Record<string, unknown>>)[f.key]
      if (v === null || v === undefined || v === 0) return ''
      const thing = f.from ? box.box[f.from].find((p) => p.id === v)?.name : undefined
      return `${f.label.replace(/ \(.*\)/, '').toLowerCase()} ${thing ?? (typeof v === 'number' && f.role ? show(v, f.role as RoleId) : String(v))}`
    })
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <div class="page">
    <p v-if="!lure || !known" class="panel none">
      {{ words.thatLureIsNot }} <NuxtLink to="/bench">{{ words.backToTheBench }}</NuxtLink>
    </p>
    <template v-else>
      <LureHead
        :lure="lure"
        :title="words.testReport"
        :about="`${familyOf(lure.family).name}, ${show(lure.lengthM, 'lureLength')}, ${show(known.mass.value, 'lureMass')}. ${today()}`"
      >
        <v-btn color="primary" @click="print">{{ words.print }}</v-btn>
        <v-btn variant="outlined" @click="saveCsv">{{ words.saveAsCsv }}</v-btn>
        <v-btn variant="outlined" :disabled="parts.every((p) => p.plots.length === 0)" @click="saveSvg">{{
          words.saveAsSvg
        }}</v-btn>
      </LureHead>
      <p v-if="parts.length === 0" class="panel none">
        {{ words.nothingWasTestedYet }}
        <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }">{{ words.chooseATest }}</NuxtLink>
        {{ words.andItsReadingsStand }}
      </p>
      <div class="parts">
        <section v-for="p in parts" :key="p.kind" class="panel part" :aria-label="p.how.name">
          <h2>{{ p.how.name }}</h2>
          <p v-if="p.finding">
            {{ lure.name }} {{ testWords(p.kind).figure }} <FigureRange :figure="p.finding" :role="p.finding.role" />
          </p>
          <SeriesPlot
            v-for="(s, i) in p.plots"
            :key="i"
            ref="drawn"
            :points="s.points"
            :role="s.role"
            :title="seriesTitle(s.title)"
            >{{ seriesTitle(s.title) }}</SeriesPlot
          >
          <div v-for="t in p.series" :key="t.id" class="series">
            <p class="quiet">
              {{ words.waterSalinity(t.date, show(t.tempC, 'waterTemp'), t.salinity)
              }}<template v-if="held(t, p.kind)">, {{ held(t, p.kind) }}</template>.<template v-if="t.notes">
                {{ t.notes }}</template
              >
            </p>
            <table>
              <thead>
                <tr>
                  <th scope="col">#</th>
                  <th v-for="f in fieldsOf(p.kind)" :key="f.key" scope="col">{{ f.label }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="(r, i) in t.readings" :key="i">
                  <th scope="row">{{ i + 1 }}</th>
                  <td v-for="f in fieldsOf(p.kind)" :key="f.key">{{ cell(r, f.key, f.role) }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: var(--space-16);
  align-items: start;
}
.part {
  display: grid;
  gap: var(--space-8);
  padding: var(--space-16) var(--space-20) var(--space-16);
}
.series {
  display: grid;
  gap: var(--space-4);
}
table {
  border-collapse: collapse;
  font-size: var(--text-3);
}
th,
td {
  padding: var(--space-4) var(--space-16) var(--space-4) 0;
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: var(--text-2);
}
tbody tr {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
.quiet {
  font-size: var(--text-3);
}
.none {
  padding: var(--space-24);
}
@media print {
  .parts {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .part {
    break-inside: avoid;
    border-color: var(--colour-print-rule);
  }
}
</style>
