<script setup lang="ts">
import { lurePhoto as words } from '../../../words'
import { mdiCameraPlus, mdiClose } from '@mdi/js'
import { colourAt, colourOf, type ColourId, type Pixels } from '../../../core/tackle'
import { coloursOfPhoto, readPhoto, shrinkPhoto } from '~/composables/usePhoto'

/** A photo of the lure, shrunk and kept here; its colours are read off it, and corrected by tapping. */
type Part = 'back' | 'flank' | 'belly'
defineProps<{ photo: string | null; colours: Readonly<Record<Part, ColourId>> }>()
const emit = defineEmits<{ photo: [dataUrl: string | null]; colour: [part: Part, colour: ColourId] }>()

const PARTS: readonly Part[] = ['back', 'flank', 'belly']
const tapping = ref<Part>('back')
const problem = ref('')
let pixels: Pixels | null = null

async function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  problem.value = ''
  try {
    const photo = await shrinkPhoto(file)
    pixels = photo.pixels
    emit('photo', photo.dataUrl)
    const found = coloursOfPhoto(photo.pixels)
    if (found) for (const part of PARTS) emit('colour', part, found[part])
    else problem.value = words.nothingStandsOutFrom
  } catch {
    problem.value = words.isNoPictureThis(file.name)
  }
}
async function tap(event: MouseEvent, photo: string) {
  const at = (event.currentTarget as HTMLElement).getBoundingClientRect()
  pixels ??= await readPhoto(photo)
  const found = colourAt(pixels, (event.clientX - at.left) / at.width, (event.clientY - at.top) / at.height)
  if (found) emit('colour', tapping.value, found)
  tapping.value = PARTS[(PARTS.indexOf(tapping.value) + 1) % PARTS.length] ?? 'back'
}
</script>

<template>
  <div class="photo">
    <template v-if="photo">
      <!-- Colours can also be picked from the lists: tapping is a short cut for the hand with a mouse or finger. -->
      <img :src="photo" :alt="words.photoOfThisLure" @click="tap($event, photo)" />
      <div class="tap" role="group" :aria-label="words.nextTapOn">
        <button
          v-for="part in PARTS"
          :key="part"
          type="button"
          :aria-pressed="tapping === part"
          @click="tapping = part"
        >
          <i :style="{ background: colourOf(colours[part]).hex }" />{{ part }}
        </button>
        <button type="button" :aria-label="words.removeThePhoto" class="gone" @click="emit('photo', null)">
          <v-icon :icon="mdiClose" size="18" />
        </button>
      </div>
    </template>
    <label v-else class="add">
      <v-icon :icon="mdiCameraPlus" size="18" /> {{ words.coloursFromAPhoto }}
      <input type="file" accept="image/*" class="sr-only" :aria-label="words.photoOfTheLure" @change="pick" />
    </label>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.photo img {
  display: block;
  width: 100%;
  max-height: 190px;
  object-fit: cover;
  border-radius: var(--radius-m);
  cursor: crosshair;
}
.tap {
  display: flex;
  gap: var(--space-4);
  margin-top: var(--space-6);
}
.tap button {
  display: flex;
  align-items: center;
  gap: var(--space-6);
  min-height: 32px;
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  font-size: var(--text-2);
}
.tap button[aria-pressed='true'] {
  background: rgb(var(--v-theme-surface-variant));
  box-shadow: inset 0 -2px rgb(var(--v-theme-secondary));
}
.tap i {
  width: 14px;
  height: 14px;
  border-radius: var(--radius-round);
  border: 1px solid currentColor;
}
.gone {
  margin-left: auto;
}
.add {
  display: inline-flex;
  align-items: center;
  gap: var(--space-8);
  min-height: 40px;
  padding: var(--space-4) var(--space-12);
  border-radius: var(--radius-m);
  border: 1px dashed rgba(var(--v-border-color), 0.5);
  cursor: pointer;
  font-weight: 600;
  font-size: var(--text-3);
}
.add:hover,
.add:focus-within {
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
.add:focus-within {
  outline: 2.5px solid rgb(var(--v-theme-secondary));
}
.problem {
  margin-top: var(--space-6);
  font-size: var(--text-3);
  color: rgb(var(--v-theme-error));
}
</style>
