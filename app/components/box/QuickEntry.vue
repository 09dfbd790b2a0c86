<script setup lang="ts">
import { quickEntry as words, sayQuick, sayQuickProblem } from '../../../words'
import { quick } from '../../../core/exchange'
import type { Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { newId } from '../../../core/new-id'

/** A lure, rod, reel or line in one line, as it is said: read and drawn while it is typed, in the box with Enter. A list that is pasted goes in line by line. */
const box = useBox()
const settings = useSettings()
const text = ref('')
const said = ref('')
const adding = ref(false)
const read = computed(() => (text.value.trim() === '' ? null : quick(text.value, 'typed', box.box)))
const lure = computed(() => (read.value?.ok && read.value.kind === 'lures' ? (read.value.item as Lure) : null))

/** Puts one line into the box; false where it is not understood. */
async function put(line: string): Promise<boolean> {
  const found = quick(line, newId(), box.box)
  if (!found.ok) return false
  await box.save(found.kind, found.item as never)
  said.value = words.isIn(found.item.name)
  return true
}
async function add() {
  if (adding.value || !read.value?.ok) return
  adding.value = true
  try {
    if (await put(text.value)) text.value = ''
  } finally {
    adding.value = false
  }
}
/** What cannot be understood of a list stays in the field, to be mended there. */
async function paste(event: ClipboardEvent) {
  const lines = (event.clipboardData?.getData('text') ?? '').split(/\r?\n/).filter((line) => line.trim() !== '')
  if (lines.length < 2) return
  event.preventDefault()
  adding.value = true
  try {
    const left: string[] = []
    for (const line of lines.slice(0, 200)) if (!(await put(line))) left.push(line.trim())
    said.value = words.ofTheList(lines.length - left.length, left.length)
    text.value = left[0] ?? ''
  } finally {
    adding.value = false
  }
}
</script>

<template>
  <form class="quick" @submit.prevent="add">
    <v-text-field
      v-model="text"
      :label="words.inALine"
      :placeholder="words.forExample"
      maxlength="200"
      class="line"
      autocomplete="off"
      @paste="paste"
    />
    <v-btn type="submit" color="primary" :disabled="!read?.ok" :loading="adding">{{ words.add }}</v-btn>
    <p class="read" role="status">
      <LureDrawing v-if="lure" :lure="lure" :width-px="72" />
      <span v-if="read?.ok">{{ sayQuick(read, settings.system) }}</span>
      <span v-else-if="read && text.trim().length > 3">{{ sayQuickProblem(read.problem) }}</span>
      <span v-else-if="said">{{ said }}</span>
      <span v-else class="quiet">{{ words.sayItAsYouWould }}</span>
    </p>
  </form>
</template>

<style scoped>
.quick {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-6) var(--space-12);
  align-items: center;
  margin-top: var(--space-16);
}
.read {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: var(--space-12);
  min-height: 36px;
  font-size: var(--text-3);
}
</style>
