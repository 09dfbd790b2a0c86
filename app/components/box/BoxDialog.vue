<script lang="ts">
import type { Lure, Tray } from '../../../core/tackle'
</script>

<script setup lang="ts">
import { boxDialog as words, boxStoreWords } from '../../../words'
import { duplicateOf } from '../../../core/tackle'
import { put } from '../../../storage/edits'
import { plain } from '~/composables/plain'
import { thenShow } from '~/composables/then-show'
import { useBox } from '~/stores/box'
import { newId } from '../../../core/new-id'

/** What is open over the box. */
export type OpenInBox =
  | { readonly kind: 'lure'; readonly lure: Lure | null }
  | { readonly kind: 'tray'; readonly tray: Tray | null }
  | { readonly kind: 'series'; readonly lure: Lure; readonly first?: boolean }
  | { readonly kind: 'weigh'; readonly lures: readonly Lure[] }

/** A lure, a tray, a series or the scale, over the box; what is saved there goes into it. */
const open = defineModel<OpenInBox | null>({ required: true })
const box = useBox()
/** The lure as the form was opened with it. */
const base = computed(() => (open.value?.kind === 'lure' && open.value.lure ? plain(open.value.lure) : undefined))

function save(lure: Lure, photo: string | null) {
  const known = box.lureById.get(lure.id)
  const { photoId } = lure
  const photos =
    photoId && photoId !== known?.photoId && photo
      ? [{ kind: 'photos' as const, id: photoId, item: { id: photoId, dataUrl: photo } }]
      : []
  const label = (known ? boxStoreWords.changed : boxStoreWords.added)(lure.name)
  const openedWith = base.value
  return thenShow(open, null, () =>
    box.orAsk((mine) => box.edit(label, [put('lures', lure, mine ? undefined : openedWith), ...photos])),
  )
}
const remove = (lure: Lure) => thenShow(open, null, () => box.remove('lures', [lure]))
function copy(lure: Lure) {
  const twin = duplicateOf(lure, newId())
  return thenShow(open, { kind: 'lure', lure: twin }, () => box.save('lures', twin))
}
const saveSeries = (made: Lure[]) =>
  thenShow(open, null, () => box.saveAll('lures', made, words.addedLures(made.length)))
function saveTray(tray: Tray) {
  const before = open.value?.kind === 'tray' && open.value.tray ? plain(open.value.tray) : undefined
  return thenShow(open, null, () => box.save('trays', tray, before))
}
/** The tray goes to the bin, its lures stay, loose. */
const removeTray = (tray: Tray) => thenShow(open, null, () => box.removeTray(tray))
const DIALOG = {
  lure: { label: words.lure, wide: 1000 },
  tray: { label: words.tray, wide: 460 },
  series: { label: words.series, wide: 760 },
  weigh: { label: words.weigh, wide: 680 },
} as const
</script>

<template>
  <EditDialog
    :label="open ? DIALOG[open.kind].label : words.lure"
    :open="open !== null"
    :width-px="open ? DIALOG[open.kind].wide : 640"
    @close="open = null"
  >
    <LureForm
      v-if="open?.kind === 'lure'"
      :key="open.lure?.id ?? 'new'"
      :lure="open.lure"
      @save="save"
      @remove="remove"
      @copy="copy"
      @series="(lure) => (open = { kind: 'series', lure, first: !box.lureById.has(lure.id) })"
      @close="open = null"
    />
    <TrayForm
      v-else-if="open?.kind === 'tray'"
      :tray="open.tray"
      @save="saveTray"
      @remove="removeTray"
      @close="open = null"
    />
    <SeriesForm
      v-else-if="open?.kind === 'series'"
      :lure="open.lure"
      :first="open.first"
      @save="saveSeries"
      @close="open = null"
    />
    <WeighTray v-else-if="open?.kind === 'weigh'" :lures="open.lures" @close="open = null" />
  </EditDialog>
</template>
