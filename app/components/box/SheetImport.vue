<script setup lang="ts">
import { count, sayFileProblem, sheetImport as words } from '../../../words'
import { COLUMNS, columnOf, FORMATS, settled } from '../../../core/exchange'
import { saveAs } from '~/composables/download'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useSheets } from '~/stores/sheets'

/** A spreadsheet of lures in and out: the columns are named, every row is looked at, and only then anything changes. */
const box = useBox()
const sheets = useSheets()
const settings = useSettings()
const pasted = ref('')
const pasting = ref(false)
const stage = computed(() => sheets.stage)
const PREVIEW = 4

const choices = [{ value: null, title: words.leaveItOut }, ...COLUMNS.map((c) => ({ value: c.id, title: c.heading }))]
async function pick(file: File) {
  if (/\.xlsx?$|\.ods$/i.test(file.name))
    sheets.stage = {
      state: 'refused',
      file: file.name,
      problem: { code: 'workbook' },
    }
  else await sheets.read(file.name, file)
}
async function readPasted() {
  await sheets.read(words.thePastedCells, pasted.value)
  pasted.value = ''
  pasting.value = false
}
async function exportSheet() {
  await saveAs(FORMATS.lures, box.box)
  await settings.keep({ exportedOn: today() })
}
const REQUIRED = ['name', 'family', 'length', 'weight'] as const
/** Columns that are passed over are many in foreign sheets: they wait out of sight. */
const showAll = ref(false)
const FEW = 12
const columns = computed(() => {
  const s = stage.value
  if (s.state !== 'mapping') return []
  const all = s.sheet.headings.map((_, i) => i)
  return showAll.value || all.length <= FEW ? all : all.filter((i) => s.mapping[i] || i < 4)
})
const hidden = computed(() =>
  stage.value.state === 'mapping' ? stage.value.sheet.headings.length - columns.value.length : 0,
)
const meanings = (unclear: string) => [
  { value: 'decimal', title: settled(unclear, 'decimal') },
  { value: 'thousands', title: settled(unclear, 'thousands') },
]
const missing = computed(() => {
  const s = stage.value
  if (s.state !== 'mapping' || s.mapping.includes('id')) return []
  return REQUIRED.filter((id) => !s.mapping.includes(id)).map((id) => columnOf(id)?.label ?? id)
})
</script>

<template>
  <section class="panel sheet" :aria-label="words.spreadsheet">
    <header>
      <h2>{{ words.spreadsheet }}</h2>
      <p class="quiet">
        {{ words.luresAsRows }}
      </p>
    </header>

    <div v-if="stage.state === 'idle' || stage.state === 'done' || stage.state === 'refused'" class="start">
      <p v-if="stage.state === 'refused'" role="alert" class="wrong">
        {{ words.wasNotReadNothing(stage.file, sayFileProblem(stage.problem)) }}
      </p>
      <p v-if="stage.state === 'done'" role="status" class="told">
        {{
          words.addedChangedUnchangedSet(
            stage.file,
            count(stage.added, 'lure'),
            stage.changed,
            stage.same,
            stage.aside,
            stage.aside ? words.belowToBeFixed : '',
          )
        }}
      </p>
      <div class="ways">
        <FilePick
          :label="words.chooseACsvFile"
          accept=".csv,.tsv,.txt,text/csv"
          :named="words.spreadsheetToBring"
          @pick="pick"
        />
        <v-btn variant="outlined" @click="pasting = !pasting">{{ words.pasteCells }}</v-btn>
        <v-btn variant="outlined" :disabled="box.box.lures.length === 0" @click="exportSheet">{{
          words.exportLuresAsCsv
        }}</v-btn>
      </div>
      <div v-if="pasting" class="paste">
        <v-textarea
          v-model="pasted"
          :label="words.cellsCopiedFrom"
          rows="5"
          variant="outlined"
          density="compact"
          hide-details
        />
        <v-btn color="primary" :disabled="!pasted.trim()" @click="readPasted">{{ words.readThem }}</v-btn>
      </div>
    </div>

    <div v-else-if="stage.state === 'mapping'" class="map">
      <p>
        {{ words.whatEachColumnMeans(stage.file, count(stage.sheet.rows.length, 'row')) }}
      </p>
      <div class="scroll" tabindex="0" role="region" :aria-label="words.columnsOfTheFile">
        <table>
          <thead>
            <tr>
              <th v-for="i in columns" :key="i" scope="col">
                <v-select
                  :label="stage.sheet.headings[i] || words.column(i + 1)"
                  :items="choices"
                  :model-value="stage.mapping[i] ?? null"
                  @update:model-value="(id: string | null) => sheets.map(i, id)"
                />
                <template v-for="mark in [stage.marks[i]]" :key="mark?.unclear ?? ''">
                  <v-select
                    v-if="mark"
                    class="mark"
                    :label="words.whatIs(mark.unclear)"
                    :items="meanings(mark.unclear)"
                    :model-value="mark.comma"
                    @update:model-value="(comma: 'decimal' | 'thousands') => sheets.mark(i, comma)"
                  />
                  <small v-if="mark">{{
                    mark.comma === null ? words.say : mark.from ? words.asIn(mark.from) : ''
                  }}</small>
                </template>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, r) in stage.sheet.rows.slice(0, PREVIEW)" :key="r">
              <td v-for="i in columns" :key="i" :class="{ out: !stage.mapping[i] }">{{ row[i] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <v-btn v-if="hidden" variant="text" size="small" @click="showAll = true">{{
        words.passedOver(count(hidden, 'column'))
      }}</v-btn>
      <p v-if="missing.length" role="alert" class="wrong">
        {{ words.everyLureNeedsSay(missing.join(', ')) }}
      </p>
      <div class="ways">
        <v-btn color="primary" @click="sheets.plan()">{{ words.lookThroughTheRows }}</v-btn>
        <v-btn variant="text" @click="sheets.close()">{{ words.cancel }}</v-btn>
      </div>
    </div>

    <div v-else-if="stage.state === 'reading'" class="reading" role="status">
      <p>{{ stage.of ? words.row(stage.done, stage.of) : words.readingFile(stage.file) }}</p>
      <v-progress-linear
        :model-value="(100 * stage.done) / Math.max(1, stage.of)"
        :indeterminate="stage.of === 0"
        color="primary"
        height="8"
        rounded
        :aria-label="words.rowsRead"
      />
      <v-btn variant="outlined" @click="sheets.stop()">{{ words.stop }}</v-btn>
    </div>

    <SheetPlan
      v-else
      :plan="stage.plan"
      @take="sheets.take()"
      @means="sheets.means"
      @again="sheets.again()"
      @close="sheets.close()"
    />
  </section>
</template>

<style scoped>
.sheet {
  padding: var(--space-16) var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-12);
  min-width: 0;
}
.start,
.map,
.reading,
.paste {
  display: grid;
  gap: var(--space-12);
  min-width: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.wrong {
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-error));
}
.told {
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-success));
}
.scroll {
  overflow-x: auto;
  /* Labels stand on the upper edge of their fields. */
  padding-top: var(--space-8);
}
table {
  border-collapse: collapse;
  font-size: var(--text-3);
}
th {
  min-width: 168px;
  padding: 0 var(--space-8) var(--space-8) 0;
  vertical-align: top;
  text-align: left;
}
.mark {
  margin-top: var(--space-12);
}
th small {
  display: block;
  font-weight: 400;
  max-width: 200px;
}
td {
  padding: var(--space-4) var(--space-8);
  border-top: 1px solid rgba(var(--v-border-color), 0.15);
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.out {
  opacity: 0.55;
  text-decoration: line-through;
}
</style>
