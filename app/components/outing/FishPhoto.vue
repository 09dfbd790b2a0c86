<script setup lang="ts">
import { fishPhoto as words } from '../../../words'
import { mdiCameraPlus } from '@mdi/js'
import { speciesOf } from '../../../core/water'
import { shrinkPhoto } from '~/composables/usePhoto'
import { useBox } from '~/stores/box'
import { repository } from '~/stores/repository'
import { newId } from '../../../core/new-id'

/** A photo of the fish: shrunk, kept in the browser and in archives, never sent. */
const props = defineProps<{ photoId: string | undefined; speciesId: string; fixed?: boolean }>()
const emit = defineEmits<{ photo: [photoId: string] }>()
const box = useBox()
/** Longest side, px: a fish is looked at larger than a lure. Some 90 KB. */
const LONGEST = 900
const shown = ref<string | null>(null)
const problem = ref('')
watch(
  () => props.photoId,
  async (id) => (shown.value = id ? ((await repository.photo(id))?.dataUrl ?? null) : null),
  { immediate: true },
)
async function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  problem.value = ''
  try {
    const { dataUrl } = await shrinkPhoto(file, LONGEST)
    const id = newId()
    await box.edit(words.aPhoto, [{ kind: 'photos', id, item: { id, dataUrl } }])
    emit('photo', id)
  } catch {
    problem.value = words.isNoPicture(file.name)
  }
}
const name = computed(() => speciesOf(props.speciesId)?.name ?? props.speciesId)
</script>

<template>
  <figure v-if="shown || !fixed" class="photo">
    <img v-if="shown" :src="shown" :alt="words.of(name)" />
    <label v-if="!fixed" class="pick">
      <v-icon :icon="mdiCameraPlus" size="22" /> {{ shown ? words.another : words.take }}
      <input type="file" accept="image/*" capture="environment" @change="pick" />
    </label>
    <small v-if="!fixed">{{ words.stays }}</small>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </figure>
</template>

<style scoped>
.photo {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
}
img {
  max-width: 100%;
  max-height: 260px;
  border-radius: var(--radius-m);
}
.pick {
  display: inline-flex;
  align-items: center;
  gap: var(--space-8);
  min-height: 52px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
  cursor: pointer;
}
.pick:focus-within {
  outline: 3px solid rgb(var(--v-theme-primary));
}
input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.problem {
  color: rgb(var(--v-theme-error));
}
</style>
