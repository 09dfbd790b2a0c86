<script setup lang="ts">
import { rescuePage as words, sayFailure } from '../../words'
import { saveArchive } from '~/composables/download'
import { sayError } from '~/composables/say-error'
import { useOpening } from '~/stores/opening'

/** Where the box does not open: what is wrong, what can be saved, and how to go on all the same. */
const opening = useOpening()
const silent = computed(() => opening.stage === 'silent')
const why = computed(() => sayFailure('', opening.problem ?? { code: 'no-answer' }))
const saving = ref(false)
const saved = ref('')
async function save() {
  saving.value = true
  try {
    const content = await opening.all()
    await saveArchive(content, { anyway: true })
    saved.value = words.saved(content.box.lures.length, content.outings.length, content.unreadable.length)
  } catch (error) {
    saved.value = sayError(error)
  } finally {
    saving.value = false
  }
}
const reload = () => window.location.reload()
</script>

<template>
  <section class="panel rescue" role="alert">
    <h1>{{ silent ? words.notYetOpen : words.doesNotOpen }}</h1>
    <p>{{ why }}</p>
    <p v-if="silent" class="quiet">{{ words.stillTrying }}</p>
    <ol>
      <li>
        <span><b>{{ words.tryAgain }}</b><small>{{ words.tryAgainMeans }}</small></span>
        <v-btn color="primary" @click="reload">{{ words.reload }}</v-btn>
      </li>
      <li>
        <span><b>{{ words.saveWhatIsThere }}</b><small>{{ words.saveMeans }}</small></span>
        <v-btn variant="outlined" :loading="saving" @click="save">{{ words.saveToAFile }}</v-btn>
      </li>
      <li>
        <span><b>{{ words.goOn }}</b><small>{{ words.goOnMeans }}</small></span>
        <v-btn variant="outlined" @click="opening.goOnInMemory()">{{ words.goOnWithoutKeeping }}</v-btn>
      </li>
    </ol>
    <p v-if="saved" role="status">{{ saved }}</p>
  </section>
</template>

<style scoped>
.rescue {
  width: min(640px, calc(100% - 24px));
  margin: var(--space-32) auto;
  padding: var(--space-24);
  display: grid;
  gap: var(--space-12);
  border-left: 5px solid rgb(var(--v-theme-error));
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-16);
  align-items: center;
  padding: var(--space-12) 0;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
li > span {
  flex: 1 1 280px;
}
small {
  display: block;
  font-size: var(--text-2);
}
</style>
