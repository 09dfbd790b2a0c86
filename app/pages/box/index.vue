<script setup lang="ts">
import { boxPage as texts } from '../../../words'
import { FAMILIES, searchFor, type Lure } from '../../../core/tackle'
import type { OpenInBox } from '~/components/box/BoxDialog.vue'
import { useBox } from '~/stores/box'
import { useSettings, type BoxView } from '~/stores/settings'
import { byName } from '~/composables/by-name'

useHead({ title: texts.boxYgrion })
const box = useBox()
const settings = useSettings()

const open = shallowRef<OpenInBox | null>(null)
const search = ref('')
const family = ref<string | null>(null)
const sort = ref<'name' | 'length' | 'weight' | 'fish' | 'cost'>('name')

const VIEWS: readonly { id: BoxView; name: string }[] = [
  { id: 'trays', name: texts.trays },
  { id: 'families', name: texts.families },
  { id: 'table', name: texts.table },
]
const families = [{ value: null, title: texts.everyFamily }, ...FAMILIES.map((f) => ({ value: f.id, title: f.name }))]
const SORTS = [
  { value: 'name', title: texts.byName },
  { value: 'length', title: texts.longestFirst },
  { value: 'weight', title: texts.heaviestFirst },
  { value: 'fish', title: texts.mostFishFirst },
  { value: 'cost', title: texts.mostExpensiveFirst },
]
const ORDER: Readonly<Record<typeof sort.value, (a: Lure, b: Lure) => number>> = {
  name: byName,
  length: (a, b) => b.lengthM - a.lengthM,
  weight: (a, b) => b.massKg - a.massKg,
  fish: (a, b) => b.fish - a.fish,
  cost: (a, b) => (b.cost ?? -1) - (a.cost ?? -1),
}
const sought = computed(() => (search.value ?? '').trim() !== '' || family.value !== null)
const lures = computed(() => {
  const meant = searchFor(search.value ?? '', box.box.trays)
  return box.box.lures
    .filter((l) => (family.value === null || l.family === family.value) && meant(l))
    .sort(ORDER[sort.value])
})
const found = computed(() => (sought.value ? new Set(lures.value.map((l) => l.id)) : null))

/** A form with what was typed into it and not saved. */
function resume(form: string, id: string | null) {
  open.value =
    form === 'trays'
      ? { kind: 'tray', tray: box.trayById.get(id ?? '') ?? null }
      : { kind: 'lure', lure: box.lureById.get(id ?? '') ?? null }
}
const route = useRoute()
/** A label's code opens its lure. */
onMounted(() => {
  const lure = box.lureById.get(String(route.query.lure ?? ''))
  if (lure) open.value = { kind: 'lure', lure }
})
</script>

<template>
  <div class="page">
    <header class="head">
      <div>
        <h1>{{ texts.box }}</h1>
        <p class="quiet">
          {{
            texts.luresInTraysRods(
              box.box.lures.length,
              box.box.trays.length,
              box.box.rods.length,
              box.box.reels.length,
              box.box.lines.length,
            )
          }}
        </p>
      </div>
      <BoxFiles />
    </header>
    <BoxTabs />
    <KeepAsk />
    <UnfinishedDrafts
      :forms="['lures', 'trays']"
      :known="(form, id) => (form === 'trays' ? box.trayById : box.lureById).has(id)"
      @resume="resume"
    />
    <QuickEntry />
    <div class="bar">
      <v-text-field
        v-model="search"
        :label="texts.searchSilentShallowCrank"
        clearable
        class="search"
        @click:clear="search = ''"
      />
      <v-select v-model="family" :label="texts.show" :items="families" class="pick" />
      <v-select v-if="settings.boxView !== 'trays'" v-model="sort" :label="texts.order" :items="SORTS" class="pick" />
      <div class="views" role="group" :aria-label="texts.show2">
        <button
          v-for="v in VIEWS"
          :key="v.id"
          type="button"
          :aria-pressed="settings.boxView === v.id"
          @click="settings.keep({ boxView: v.id })"
        >
          {{ v.name }}
        </button>
      </div>
      <v-btn color="primary" @click="open = { kind: 'lure', lure: null }">{{ texts.addALure }}</v-btn>
    </div>

    <div v-if="box.box.lures.length === 0" class="panel empty">
      <h2>{{ texts.anEmptyBox }}</h2>
      <p>
        {{ texts.addYourFirstLure }}
      </p>
      <div class="ways">
        <v-btn color="primary" @click="open = { kind: 'lure', lure: null }">{{ texts.addALure }}</v-btn>
        <v-btn variant="outlined" to="/box/files">{{ texts.bringInASpreadsheet }}</v-btn>
        <v-btn variant="text" @click="box.startDemo()">{{ texts.openTheDemoBox }}</v-btn>
      </div>
    </div>
    <p v-else-if="lures.length === 0" class="panel empty" role="status">
      {{ texts.noLureMatchesTry(search) }}
    </p>
    <template v-if="box.box.lures.length || box.box.trays.length">
      <p v-if="sought && lures.length" class="sr-only" role="status">{{ texts.luresMatch(lures.length) }}</p>
      <TrayView
        v-if="settings.boxView === 'trays'"
        :found="found"
        @open="(lure) => (open = { kind: 'lure', lure })"
        @tray="(tray) => (open = { kind: 'tray', tray })"
        @weigh="(some) => (open = { kind: 'weigh', lures: some })"
      />
      <FamilyView
        v-else-if="settings.boxView === 'families'"
        :lures="lures"
        @open="(lure) => (open = { kind: 'lure', lure })"
      />
      <LureTable v-else :lures="lures" @open="(lure) => (open = { kind: 'lure', lure })" />
    </template>

    <BoxDialog v-model="open" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-12) var(--space-24);
  justify-content: space-between;
  align-items: end;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-12);
  align-items: center;
  margin: var(--space-16) 0 var(--space-6);
}
.search {
  flex: 1 1 300px;
  max-width: 480px;
}
.pick {
  flex: 0 1 190px;
}
.views {
  display: flex;
  padding: var(--space-4);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-surface-variant), 0.7);
}
.views button {
  min-height: 36px;
  padding: var(--space-2) var(--space-12);
  border-radius: var(--radius-m);
  font-weight: 600;
}
.views button[aria-pressed='true'] {
  background: rgb(var(--v-theme-surface));
  box-shadow: 0 1px 3px rgba(0, 0, 0, 0.25);
}
.empty {
  padding: var(--space-24);
  display: grid;
  gap: var(--space-12);
  justify-items: start;
  margin-top: var(--space-16);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
@media (max-width: 600px) {
  /* The files have a page of their own; here the lures come first. */
  .head :deep(.files) {
    display: none;
  }
  .bar {
    gap: var(--space-8);
    margin-top: var(--space-12);
  }
  .search {
    flex: 1 1 100%;
    max-width: none;
  }
  .pick {
    flex: 1 1 120px;
  }
}
</style>
