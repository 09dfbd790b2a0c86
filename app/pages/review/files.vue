<script setup lang="ts">
import { both, reviewFilesPage as words, sayFileProblem, sayNotInTable } from '../../../words'
import { FORMATS, notInTable, type OutingRowProblem } from '../../../core/exchange'
import type { Outing } from '../../../core/outing'
import { saveAs } from '~/composables/download'
import { onFile, stopFiles } from '~/composables/file-work'
import { plain } from '~/composables/plain'
import { sayError } from '~/composables/say-error'
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'
import { useWater } from '~/stores/water'

useHead({ title: words.logFilesYgrion })
const outings = useOutings()
const box = useBox()
const water = useWater()
const problems = shallowRef<readonly OutingRowProblem[]>([])
const said = ref('')
const failed = ref('')
/** The file that is being read. */
const reading = ref('')
/** What a table would leave out. */
const lacks = computed(() => notInTable(outings.all).map(({ kind, count: n }) => sayNotInTable(kind, n)))
const SHOWN = 40

const csv = () => saveAs(FORMATS.log, outings.all)
const json = () => saveAs(FORMATS['log-json'], outings.all)

/** A log comes in beside what is there: an outing with the same id takes the place of the old one, and all of it can be undone. */
async function bring(file: File) {
  problems.value = []
  said.value = ''
  failed.value = ''
  reading.value = file.name
  try {
    const read = await onFile((files) => files.log(file, plain(box.places), plain(water.current ?? null)))
    if (!read) return
    if (!read.ok) {
      failed.value = words.theFile(sayFileProblem(read.problem))
      return
    }
    problems.value = read.problems
    if (read.outings.length > 0) await take(read.outings, read.whole)
    else if (read.problems.length === 0) failed.value = words.theTableHoldsNo
  } catch (error) {
    failed.value = words.theFileCouldNot(sayError(error))
  } finally {
    reading.value = ''
  }
}
/** The lures of a table are those of the box by their names. */
function named(list: readonly Outing[]): Outing[] {
  const byName = new Map(box.box.lures.map((l) => [l.name, l.id]))
  return list.map((o) => ({
    ...o,
    carried: o.carried.map((c) => ({ ...c, lureId: byName.get(c.name) ?? null })),
  }))
}
async function take(list: readonly Outing[], whole: boolean) {
  const known = new Set(outings.all.map((o) => o.id))
  const fresh = whole ? list : named(list.filter((o) => !known.has(o.id)))
  const again = list.filter((o) => known.has(o.id)).length
  if (fresh.length > 0) await outings.saveAll(fresh, words.broughtInOutings(fresh.length))
  const what = again === 0 ? '' : whole ? words.ofThemTook(again) : words.alreadyHere(again)
  said.value = words.outingsCame(fresh.length, what)
}
</script>

<template>
  <div class="page">
    <PageHead :title="words.theLogAsFiles"><ReviewTabs /></PageHead>
    <section class="panel card" :aria-label="words.out">
      <h2>{{ words.out }}</h2>
      <p class="quiet">
        {{ words.outingsCsvOneRow(outings.all.length) }} {{ words.csvIs }}
        <template v-if="lacks.length">{{ words.csvLacks(both(lacks)) }}</template>
      </p>
      <div class="buttons">
        <button type="button" :disabled="outings.all.length === 0" @click="csv">{{ words.logAsCsv }}</button>
        <button type="button" :disabled="outings.all.length === 0" @click="json">{{ words.logAsJson }}</button>
      </div>
    </section>
    <section class="panel card" :aria-label="words.inWord">
      <h2>{{ words.inWord }}</h2>
      <p class="quiet">
        {{ words.eitherOfTheTwo }}
      </p>
      <FilePick
        :label="words.chooseALog"
        accept=".csv,.json,text/csv,application/json"
        :named="words.logToBring"
        @pick="bring"
      />
      <div v-if="reading" class="buttons">
        <button type="button" @click="stopFiles()">{{ words.stop(reading) }}</button>
      </div>
      <p v-if="said" role="status" class="said">{{ said }}</p>
      <p v-if="failed" role="alert" class="problem">{{ failed }}</p>
      <template v-if="problems.length">
        <p role="alert" class="problem">{{ words.placesCouldNotBe(problems.length) }}</p>
        <ul>
          <li v-for="p in problems.slice(0, SHOWN)" :key="`${p.row} ${p.column}`">
            {{ words.row(p.row, p.column, sayFileProblem(p.problem)) }}
          </li>
          <li v-if="problems.length > SHOWN">{{ words.andMore(problems.length - SHOWN) }}</li>
        </ul>
      </template>
    </section>
  </div>
</template>

<style scoped>
.card {
  padding: var(--space-16) var(--space-20);
  margin: var(--space-16) 0;
  display: grid;
  gap: var(--space-8);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
button {
  min-height: 48px;
  padding: 0 var(--space-20);
  border-radius: var(--radius-m);
  font-weight: 650;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
button:disabled {
  opacity: 0.5;
}
.said {
  font-weight: 650;
}
.problem {
  color: rgb(var(--v-theme-error));
}
</style>
