<script setup lang="ts">
import { sayFileProblem, sharedHere, takePage as words } from '../../words'
import { readShare, unpacked, type ArchiveContent, type PlacedProblem } from '../../core/exchange'
import { useBox } from '~/stores/box'
import { planPath, techniquePath } from '~/composables/paths'

/** What a friend shared, read off his code: shown first, taken in only when it is asked for. What is there stays. */
useHead({ title: words.sharedYgrion })
const route = useRoute()
const box = useBox()
const content = shallowRef<ArchiveContent | null>(null)
const problems = ref<readonly PlacedProblem[]>([])
const state = ref<'reading' | 'shown' | 'taking' | 'taken' | 'refused'>('reading')

async function read() {
  state.value = 'reading'
  const text = await unpacked(route.hash.replace(/^#/, ''))
  const found = text === null ? null : readShare(text)
  content.value = found?.ok ? found.archive : null
  problems.value = found && !found.ok ? found.problems : []
  state.value = found?.ok ? 'shown' : 'refused'
}
onMounted(read)
watch(() => route.hash, read)

/** Something of a party has its own answers. */
const party = computed(() => {
  const [outing] = content.value?.outings ?? []
  return outing?.party ? { ...outing, party: outing.party } : null
})
const lures = computed(() => content.value?.box.lures ?? [])
const said = computed(() => (content.value ? sharedHere(content.value) : []))
async function take() {
  if (!content.value || state.value !== 'shown') return
  state.value = 'taking'
  await box.merge(content.value)
  state.value = 'taken'
}
const goesTo = computed(() => {
  if (!content.value) return '/'
  const { box: things, outings, places, plans, practice } = content.value
  const [technique] = practice.techniques
  if (technique) return techniquePath(technique.id)
  if (plans[0]) return planPath(plans[0].id)
  if (outings.length > 0) return '/outing'
  if (things.rigs.length) return '/box/rigs'
  return things.lures.length > 0 ? '/box' : places.length > 0 ? '/water/places' : '/'
})
</script>

<template>
  <div class="page">
    <section class="panel taken" :aria-label="words.aFriendShared">
      <h1 v-if="!party">{{ words.aFriendShared }}</h1>
      <p v-if="state === 'reading'" role="status">{{ words.reading }}</p>
      <template v-else-if="state === 'refused'">
        <p role="alert">{{ words.notRead }}</p>
        <ul v-if="problems.length">
          <li v-for="(p, i) in problems" :key="i"><b>{{ p.place }}</b> {{ sayFileProblem(p.problem) }}</li>
        </ul>
        <v-btn to="/" variant="outlined">{{ words.toTheMatch }}</v-btn>
      </template>
      <PartyTaken v-else-if="party" :outing="party" :places="content?.places ?? []" />
      <template v-else>
        <ul class="lures">
          <li v-for="l in lures" :key="l.id"><LureDrawing :lure="l" :width-px="150" /> {{ l.name }}</li>
        </ul>
        <ul class="said">
          <li v-for="one in said" :key="one">{{ one }}</li>
        </ul>
        <p class="quiet">{{ words.whatYouHaveStays }}</p>
        <div class="do">
          <v-btn v-if="state !== 'taken'" color="primary" :loading="state === 'taking'" @click="take">{{
            words.putItInMyBox
          }}</v-btn>
          <template v-else>
            <p role="status">{{ words.itIsIn }}</p>
            <v-btn color="primary" :to="goesTo">{{ words.lookAtIt }}</v-btn>
          </template>
          <v-btn v-if="state === 'shown'" variant="text" to="/">{{ words.notNow }}</v-btn>
        </div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.taken {
  display: grid;
  gap: var(--space-12);
  justify-items: start;
  max-width: 620px;
  margin: 0 auto;
  padding: var(--space-24);
}
.lures {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-12);
  margin: 0;
  padding: 0;
}
.lures li {
  display: grid;
  justify-items: center;
  gap: var(--space-6);
  padding: var(--space-12);
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  color: var(--colour-ink);
  font-weight: 600;
}
.said {
  margin: 0;
  padding-left: var(--space-16);
}
.do {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
}
</style>
