<script setup lang="ts">
import { boxRigsPage as texts } from '../../../words'
import { checkRig, rigParts, type Rig, type RigWater } from '../../../core/tackle'
import { COVERS, speciesOf } from '../../../core/water'
import { choices } from '~/components/form/choices'
import { newRig } from '~/components/box/rig-draft'
import { plain } from '~/composables/plain'
import { thenShow } from '~/composables/then-show'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'
import { byName } from '~/composables/by-name'
import { newId } from '../../../core/new-id'

useHead({ title: texts.rigsYgrion })
const box = useBox()
const water = useWater()

const editing = shallowRef<{ rig: Rig; adding: boolean } | null>(null)
const rigs = computed(() => [...box.rigs].sort(byName))
/** Rigs are judged for today's water; another cover can be tried on. */
const coverAs = ref<string | null>(null)
const judgedFor = computed<RigWater>(() => {
  const c = water.current
  const species = c && speciesOf(c.speciesId)
  const cover = coverAs.value ?? c?.cover.kind ?? 'open'
  return {
    cover: { kind: cover, density: c && c.cover.kind === cover ? c.cover.density : 0.5 },
    depthM: c?.depthM ?? 4,
    visibilityM: c?.visibilityM ?? 3,
    mood: c?.mood ?? 'neutral',
    toothed: species?.biteProof ? species.name : null,
  }
})
const verdicts = (rig: Rig) => {
  const all = checkRig(rigParts(rig, box.box), judgedFor.value)
  return {
    wrong: all.filter((j) => j.verdict === 'wrong').length,
    mind: all.filter((j) => j.verdict === 'mind').length,
  }
}
function said(rig: Rig): string {
  const { wrong, mind } = verdicts(rig)
  const found = [wrong ? texts.wrong(wrong) : '', mind ? texts.toCheck(mind) : ''].filter(Boolean)
  return found.length > 0 ? found.join(', ') : texts.allConnectionsGood
}
function add() {
  const [first] = box.box.lines.filter((l) => l.reelId)
  editing.value = { rig: newRig(newId(), first?.id ?? null, box.box.rods[0]?.id ?? null), adding: true }
}
/** A form with what was typed into it and not saved. */
function resume(_: string, id: string | null) {
  const rig = box.rigs.find((r) => r.id === id)
  if (rig) editing.value = { rig, adding: false }
  else add()
}
async function save(rig: Rig) {
  const base = editing.value && !editing.value.adding ? plain(editing.value.rig) : undefined
  await thenShow(editing, null, () => box.save('rigs', rig, base))
}
const remove = (rig: Rig) => thenShow(editing, null, () => box.remove('rigs', [rig]))
const covers = [{ value: null, title: texts.asInTodaysWater }, ...choices(COVERS)]
</script>

<template>
  <div class="page">
    <PageHead :title="texts.box"><BoxTabs /></PageHead>
    <UnfinishedDrafts :forms="['rigs']" :known="(_, id) => box.rigs.some((r) => r.id === id)" @resume="resume" />
    <div class="bar">
      <p class="quiet">
        {{ texts.whatYouKeepTied }}
        <NuxtLink to="/water">{{ water.place?.name ?? texts.todaysWater }}</NuxtLink>{{ texts.theMatchRanksThem }}
      </p>
      <v-select v-model="coverAs" :label="texts.judgeForCover" :items="covers" class="cover" />
      <v-btn color="primary" @click="add">{{ texts.buildARig }}</v-btn>
    </div>
    <div v-if="rigs.length === 0" class="panel empty">
      <h2>{{ texts.noRigsYet }}</h2>
      <p>
        {{ texts.joinALure }}
      </p>
      <v-btn color="primary" @click="add">{{ texts.buildARig }}</v-btn>
    </div>
    <ul class="list">
      <li v-for="rig in rigs" :key="rig.id">
        <div class="panel card">
          <div class="top">
            <button type="button" class="name" :data-rig="rig.name" @click="editing = { rig, adding: false }">
              {{ rig.name }}
            </button>
            <span class="said" :class="{ bad: verdicts(rig).wrong }">{{ said(rig) }}</span>
          </div>
          <RigDrawing :parts="rigParts(rig, box.box)" />
        </div>
      </li>
    </ul>
    <EditDialog
      :label="editing?.adding ? texts.buildARig : texts.changeARig"
      :open="editing !== null"
      :width-px="1120"
      @close="editing = null"
    >
      <RigForm
        v-if="editing"
        :key="editing.rig.id"
        :rig="editing.rig"
        :adding="editing.adding"
        :water="judgedFor"
        @save="save"
        @remove="remove"
        @close="editing = null"
      />
    </EditDialog>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-12) var(--space-16);
  align-items: center;
  margin: var(--space-16) 0;
}
.bar p {
  flex: 1 1 320px;
  max-width: 62ch;
}
.cover {
  flex: 0 1 230px;
}
.empty {
  padding: var(--space-24);
  display: grid;
  gap: var(--space-12);
  justify-items: start;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-12);
}
.card {
  position: relative;
  display: grid;
  gap: var(--space-8);
  padding: var(--space-12) var(--space-12) var(--space-12);
}
/* The name is the button; all of the card answers to it. */
.name::after {
  content: '';
  position: absolute;
  inset: 0;
  border-radius: var(--radius-l);
}
.name:focus-visible {
  outline: none;
}
.name:focus-visible::after {
  outline: 2.5px solid rgb(var(--v-theme-secondary));
  outline-offset: -3px;
}
.card:hover {
  border-color: rgb(var(--v-theme-primary));
}
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-4) var(--space-16);
}
.name {
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: var(--text-5);
}
.said {
  font-size: var(--text-3);
}
.bad {
  color: rgb(var(--v-theme-error));
  font-weight: 650;
}
</style>
