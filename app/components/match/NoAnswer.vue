<script setup lang="ts">
import { both, noAnswer as words, sayPiece, sayRefusal } from '../../../words'
import type { Piece } from '../../../core/match'
import type { Lure, PartKind, PartOf } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'

/** Nothing of the box can be fished here: the limit that stands against it, and the cheapest change that works, ready to be put in the box. */
const match = useMatch()
const box = useBox()
const settings = useSettings()

const answer = computed(() => match.answer)
const why = computed(() => answer.value?.leftOut[0]?.why ?? null)
const remedy = computed(() => answer.value?.remedy ?? null)
const say = (piece: Piece) => sayPiece(piece, settings.system)
const done = ref(false)
watch(answer, () => (done.value = false))

/** Pieces get ids of their own in the box, lines the id of the reel that comes with them. */
async function add() {
  const pieces = remedy.value?.pieces ?? []
  done.value = true
  const ids = new Map<string, string>()
  const idFor = (piece: Piece) => {
    const { id } = piece.kind === 'singles' ? piece.lure : piece.part
    const known = ids.get(id)
    if (known) return known
    const fresh = piece.kind === 'singles' || piece.kind === 'respool' ? id : crypto.randomUUID()
    ids.set(id, fresh)
    return fresh
  }
  for (const piece of pieces) {
    if (piece.kind === 'singles') await box.save('lures', piece.lure as Lure)
    else if (piece.kind === 'respool') await box.save('lines', piece.part)
    else {
      const reelId =
        'reelId' in piece.part && piece.part.reelId ? { reelId: ids.get(piece.part.reelId) ?? piece.part.reelId } : {}
      const part = { ...piece.part, ...reelId, id: idFor(piece), name: say(piece) } as PartOf<PartKind>
      await box.save(piece.kind, part as never)
    }
  }
}
</script>

<template>
  <div v-if="answer" class="none" role="status">
    <p><b>{{ words.nothing }}</b> {{ why ? words.because(sayRefusal(why)) : words.hangsUp }}</p>
    <template v-if="remedy">
      <p>{{ words.wouldDo(both(remedy.pieces.map(say)), remedy.lure.name, Math.round(remedy.score)) }}</p>
      <button type="button" class="do" :disabled="done" @click="add">{{ words.putIn }}</button>
    </template>
    <p v-else class="quiet">{{ words.noSinglePiece }}</p>
  </div>
</template>

<style scoped>
.none {
  display: grid;
  gap: var(--space-8);
  justify-items: start;
  padding: var(--space-4) var(--space-16) var(--space-20);
}
.do {
  min-height: 44px;
  padding: 0 var(--space-16);
  font-weight: 650;
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.do:disabled {
  opacity: 0.5;
}
</style>
