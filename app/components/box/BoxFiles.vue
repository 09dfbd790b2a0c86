<script setup lang="ts">
import { boxFiles as words, count, sayFileProblem } from '../../../words'
import type { ArchiveContent, PlacedProblem } from '../../../core/exchange'
import { demoWorld, emptyWorld } from '../../../core/demo/world'
import { saveArchive } from '~/composables/download'
import { onFile, stopFiles } from '~/composables/file-work'
import { useBox } from '~/stores/box'
import { Told } from '~/stores/commands'
import { judgePhotos } from '~/stores/opening'
import { today } from '~/stores/repository'
import { useSettings } from '~/stores/settings'

/** The whole box out into a file and back; demo box and empty box. What is replaced is asked about first, kept as a backup, and can be undone. */
const box = useBox()
const settings = useSettings()
const problems = ref<readonly PlacedProblem[]>([])
/** What the problems are told under. */
const heading = ref('')
const fileName = ref('')
const busy = ref(false)
/** A file is being read. */
const reading = ref(false)
const picker = ref<HTMLInputElement | null>(null)

/** What would take the place of everything. */
interface Asked {
  readonly what: string
  /** What came of it, for the list of steps. */
  readonly label: string
  readonly content: ArchiveContent
  readonly canMerge: boolean
}
const asked = shallowRef<Asked | null>(null)
const comes = computed(() => {
  const content = asked.value?.content
  if (!content) return ''
  const { box: inside, outings, places } = content
  return words.comes(
    [count(inside.lures.length, 'lure'), count(outings.length, 'outing'), count(places.length, 'place')].join(', '),
  )
})
function askFor(what: string, label: string, content: ArchiveContent, canMerge: boolean) {
  asked.value = { what, label, content, canMerge }
}
async function work(does: (now: Asked) => Promise<void>) {
  const now = asked.value
  if (!now || busy.value) return
  busy.value = true
  try {
    await does(now)
    // Another file may have been chosen while this one went in: its question stays.
    if (asked.value === now) asked.value = null
  } finally {
    busy.value = false
  }
}
const replace = () => work((now) => box.replace(now.content, now.label))
const merge = () => work((now) => box.merge(now.content))

async function exportFile() {
  await judgePhotos()
  const problem = await saveArchive(await box.everything())
  heading.value = words.wasNotSaved
  problems.value = problem ? [{ place: words.theFile, problem }] : []
  if (!problem) await settings.keep({ exportedOn: today() })
}
async function importFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  reading.value = true
  fileName.value = file.name
  heading.value = words.wasNotTaken(file.name)
  problems.value = []
  try {
    const read = await onFile((files, send) => files.archive(file, send))
    if (!read) return
    if (!read.ok) {
      problems.value = read.problems
      return
    }
    const { format: _, version: __, ...content } = read.archive
    // One thing that was shared never takes the place of everything.
    if (read.shared) return await box.merge(content)
    askFor(words.take(file.name), words.imported(content.box.lures.length), content, true)
  } catch (error) {
    if (error instanceof Told) throw error
    const detail = error instanceof Error ? error.message : ''
    problems.value = [{ place: words.theFile, problem: { code: 'failed', detail } }]
  } finally {
    reading.value = false
  }
}
</script>

<template>
  <div class="files">
    <v-btn variant="outlined" size="small" @click="exportFile">{{ words.exportToAFile }}</v-btn>
    <v-btn v-if="reading" variant="outlined" size="small" @click="stopFiles()">{{ words.stop(fileName) }}</v-btn>
    <v-btn v-else variant="outlined" size="small" :loading="busy" @click="picker?.click()">{{
      words.importAFile
    }}</v-btn>
    <input
      ref="picker"
      type="file"
      accept="application/json,.json"
      class="sr-only"
      :aria-label="words.archiveToImport"
      tabindex="-1"
      @change="importFile"
    />
    <v-btn
      variant="text"
      size="small"
      @click="askFor(words.startAnEmptyBox, words.startedAnEmptyBox, emptyWorld(today()), false)"
      >{{ words.startAnEmptyBox }}</v-btn
    >
    <v-btn
      variant="text"
      size="small"
      @click="askFor(words.openTheDemoBox, words.openedTheDemoBox, demoWorld(today()), true)"
      >{{ words.openTheDemoBox }}</v-btn
    >
    <div v-if="problems.length" class="panel problems" role="alert">
      <h2>{{ heading }}</h2>
      <ul>
        <li v-for="(p, i) in problems" :key="i"><b>{{ p.place }}</b> {{ sayFileProblem(p.problem) }}</li>
      </ul>
      <v-btn variant="text" size="small" @click="problems = []">{{ words.close }}</v-btn>
    </div>
    <EditDialog :open="asked !== null" :label="words.theBoxReplaced" :width-px="560" @close="asked = null">
      <ReplaceAsk
        v-if="asked"
        :what="asked.what"
        :comes="comes"
        :can-merge="asked.canMerge"
        :busy="busy"
        @replace="replace"
        @merge="merge"
        @close="asked = null"
      />
    </EditDialog>
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
