<script setup lang="ts">
import { boxFiles as words, sayFileProblem } from '../../../words'
import { FORMATS, type PlacedProblem } from '../../../core/exchange'
import { saveAs } from '~/composables/download'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useSettings } from '~/stores/settings'

/** The whole box out into a file and back; demo box and empty box. Every one of these can be undone. */
const box = useBox()
const settings = useSettings()
const problems = ref<readonly PlacedProblem[]>([])
const fileName = ref('')
const busy = ref(false)
const picker = ref<HTMLInputElement | null>(null)
/** Larger than any box, smaller than what would stall the page. */
const LARGEST_BYTES = 50_000_000

async function exportFile() {
  saveAs(FORMATS.archive, await box.everything())
  await settings.keep({ exportedOn: today() })
}
async function importFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  busy.value = true
  fileName.value = file.name
  try {
    problems.value =
      file.size > LARGEST_BYTES
        ? [{ place: words.theFile, problem: { code: 'too-large', megabytes: LARGEST_BYTES / 1e6 } }]
        : await box.importText(await file.text())
  } catch (error) {
    problems.value = [
      {
        place: words.theFile,
        problem: { code: 'failed', detail: error instanceof Error ? error.message : '' },
      },
    ]
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="files">
    <v-btn variant="outlined" size="small" @click="exportFile">{{ words.exportToAFile }}</v-btn>
    <v-btn variant="outlined" size="small" :loading="busy" @click="picker?.click()">{{ words.importAFile }}</v-btn>
    <input
      ref="picker"
      type="file"
      accept="application/json,.json"
      class="sr-only"
      :aria-label="words.archiveToImport"
      tabindex="-1"
      @change="importFile"
    />
    <v-btn variant="text" size="small" @click="box.startEmpty()">{{ words.startAnEmptyBox }}</v-btn>
    <v-btn variant="text" size="small" @click="box.startDemo()">{{ words.openTheDemoBox }}</v-btn>
    <div v-if="problems.length" class="panel problems" role="alert">
      <h2>{{ words.wasNotTaken(fileName) }}</h2>
      <ul>
        <li v-for="(p, i) in problems" :key="i">
          <b>{{ p.place }}</b> {{ sayFileProblem(p.problem) }}
        </li>
      </ul>
      <v-btn variant="text" size="small" @click="problems = []">{{ words.close }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  align-items: center;
}
.problems {
  flex-basis: 100%;
  padding: var(--space-12) var(--space-16);
  border-color: rgb(var(--v-theme-error));
}
.problems ul {
  margin: var(--space-8) 0;
  padding-left: var(--space-16);
  max-height: 240px;
  overflow: auto;
  overflow-wrap: anywhere;
}
</style>
