<script setup lang="ts">
import { COLUMNS, columnOf, FORMATS } from '../../../core/exchange'
import { saveAs } from '~/composables/download'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useSheets } from '~/stores/sheets'
import { sayFileProblem } from '../../../words'

/** A spreadsheet of lures in and out: the columns are named, every row is looked at, and only then anything changes. */
const box = useBox()
const sheets = useSheets()
const settings = useSettings()
const pasted = ref('')
const pasting = ref(false)
const stage = computed(() => sheets.stage)
const MOST_BYTES = 30_000_000
const PREVIEW = 4

const choices = [{ value: null, title: 'Leave it out' }, ...COLUMNS.map((c) => ({ value: c.id, title: c.heading }))]
async function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  if (file.size > MOST_BYTES)
    sheets.stage = { state: 'refused', file: file.name, problem: { code: 'too-large', megabytes: MOST_BYTES / 1e6 } }
  else if (/\.xlsx?$|\.ods$/i.test(file.name))
    sheets.stage = {
      state: 'refused',
      file: file.name,
      problem: { code: 'workbook' },
    }
  else await sheets.read(file.name, await file.text())
}
async function readPasted() {
  await sheets.read('the pasted cells', pasted.value)
  pasted.value = ''
  pasting.value = false
}
async function exportSheet() {
  saveAs(FORMATS.lures, box.box)
  await settings.keep({ exportedOn: today() })
}
const REQUIRED = ['name', 'family', 'length', 'weight'] as const
const missing = computed(() => {
  const s = stage.value
  if (s.state !== 'mapping' || s.mapping.includes('id')) return []
  return REQUIRED.filter((id) => !s.mapping.includes(id)).map((id) => columnOf(id)?.label ?? id)
})
const many = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`
</script>

<template>
  <section class="panel sheet" aria-label="Spreadsheet">
    <header>
      <h2>Spreadsheet</h2>
      <p class="quiet">
        Lures as rows, in or out. Units may stand in the heading or in the cell: “10.5 g”, “3/8 oz”, “2 1/2 in”. Nothing
        changes before you say so.
      </p>
    </header>

    <div v-if="stage.state === 'idle' || stage.state === 'done' || stage.state === 'refused'" class="start">
      <p v-if="stage.state === 'refused'" role="alert" class="wrong">
        “{{ stage.file }}” was not read; nothing was changed. {{ sayFileProblem(stage.problem) }}
      </p>
      <p v-if="stage.state === 'done'" role="status" class="told">
        “{{ stage.file }}”: {{ many(stage.added, 'lure') }} added, {{ stage.changed }} changed,
        {{ stage.same }} unchanged, {{ stage.aside }} set aside{{ stage.aside ? ' below, to be fixed' : '' }}.
      </p>
      <div class="ways">
        <label class="pick">
          Choose a CSV file
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv"
            class="sr-only"
            aria-label="Spreadsheet to bring in"
            @change="pick"
          />
        </label>
        <v-btn variant="outlined" @click="pasting = !pasting">Paste cells</v-btn>
        <v-btn variant="outlined" :disabled="box.box.lures.length === 0" @click="exportSheet"
          >Export lures as CSV</v-btn
        >
      </div>
      <div v-if="pasting" class="paste">
        <v-textarea
          v-model="pasted"
          label="Cells copied from a spreadsheet, headings first"
          rows="5"
          variant="outlined"
          density="compact"
          hide-details
        />
        <v-btn color="primary" :disabled="!pasted.trim()" @click="readPasted">Read them</v-btn>
      </div>
    </div>

    <div v-else-if="stage.state === 'mapping'" class="map">
      <p>
        “{{ stage.file }}”: {{ many(stage.sheet.rows.length, 'row') }}. What each column means, as far as its heading
        tells; correct it where it is wrong.
      </p>
      <div class="scroll" tabindex="0" role="region" aria-label="Columns of the file">
        <table>
          <thead>
            <tr>
              <th v-for="(h, i) in stage.sheet.headings" :key="i" scope="col">
                <v-select
                  :label="h || `Column ${i + 1}`"
                  :items="choices"
                  :model-value="stage.mapping[i] ?? null"
                  @update:model-value="(id: string | null) => sheets.map(i, id)"
                />
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, r) in stage.sheet.rows.slice(0, PREVIEW)" :key="r">
              <td v-for="(_, i) in stage.sheet.headings" :key="i" :class="{ out: !stage.mapping[i] }">{{ row[i] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="missing.length" role="alert" class="wrong">
        Every lure needs {{ missing.join(', ') }}: say which column that is, or its rows are set aside.
      </p>
      <div class="ways">
        <v-btn color="primary" @click="sheets.plan()">Look through the rows</v-btn>
        <v-btn variant="text" @click="sheets.close()">Cancel</v-btn>
      </div>
    </div>

    <div v-else-if="stage.state === 'reading'" class="reading" role="status">
      <p>Row {{ stage.done }} of {{ stage.of }} …</p>
      <v-progress-linear
        :model-value="(100 * stage.done) / Math.max(1, stage.of)"
        color="primary"
        height="8"
        rounded
        aria-label="Rows read"
      />
      <v-btn variant="outlined" @click="sheets.stop()">Stop</v-btn>
    </div>

    <SheetPlan v-else :plan="stage.plan" @take="sheets.take()" @again="sheets.again()" @close="sheets.close()" />
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
.pick {
  display: inline-grid;
  place-items: center;
  min-height: 36px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 650;
  font-size: var(--text-3);
  cursor: pointer;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.pick:focus-within {
  outline: 2.5px solid rgb(var(--v-theme-secondary));
  outline-offset: 2px;
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
}
table {
  border-collapse: collapse;
  font-size: var(--text-3);
}
th {
  min-width: 150px;
  padding: 0 var(--space-8) var(--space-8) 0;
  vertical-align: top;
  text-align: left;
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
