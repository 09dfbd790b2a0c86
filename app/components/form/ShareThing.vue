<script setup lang="ts">
import { shareThing as words } from '../../../words'
import { packed, writeShare, type ShareKind } from '../../../core/exchange'
import { download, fileName } from '~/composables/download'
import { qrPicture, type QrPicture } from '~/composables/qr'
import { repository } from '~/stores/repository'

/** One thing and what belongs to it for a friend: a code for his phone, or a small file. */
const props = withDefaults(
  defineProps<{ kind: ShareKind; id: string; name: string; size?: 'small' | 'default'; label?: string }>(),
  { size: 'small', label: words.share },
)
defineOptions({ inheritAttrs: false })
const open = ref(false)
const text = ref('')
const code = shallowRef<QrPicture | null>(null)

async function show() {
  text.value = writeShare(props.kind, props.id, await repository.readAll()) ?? ''
  const address = `${location.origin}/take#${await packed(text.value)}`
  try {
    code.value = qrPicture(address, 'L')
  } catch {
    // More than a code can hold.
    code.value = null
  }
  open.value = true
}
const save = () => download(fileName(props.name, 'ygrion.json'), 'application/json', text.value)
</script>

<template>
  <v-btn variant="outlined" :size="size" v-bind="$attrs" @click="show">{{ label }}</v-btn>
  <EditDialog :open="open" :label="words.shareIt(name)" :width-px="460" @close="open = false">
    <v-card class="share">
      <h2>{{ words.shareIt(name) }}</h2>
      <svg
        v-if="code"
        :viewBox="`-4 -4 ${code.size + 8} ${code.size + 8}`"
        role="img"
        :aria-label="words.codeOf(name)"
        class="code"
      >
        <rect x="-4" y="-4" width="100%" height="100%" fill="#fff" />
        <path :d="code.d" fill="#000" shape-rendering="crispEdges" />
      </svg>
      <p>{{ code ? words.letThePhoneRead : words.tooLongForACode }}</p>
      <p class="quiet">{{ words.whatGoes[kind] }}</p>
      <div class="do">
        <v-btn color="primary" @click="save">{{ words.saveAsAFile }}</v-btn>
        <v-btn variant="text" @click="open = false">{{ words.close }}</v-btn>
      </div>
    </v-card>
  </EditDialog>
</template>

<style scoped>
.share {
  padding: var(--space-20);
  display: grid;
  gap: var(--space-12);
  border-radius: var(--radius-l);
}
.code {
  width: min(100%, 420px);
  justify-self: center;
  border-radius: var(--radius-m);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
</style>
