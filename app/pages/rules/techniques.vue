<script setup lang="ts">
import { deliveryWords, techniquesPage as words } from '../../../words'
import { familyNames } from '../../../core/match'
import { TECHNIQUE_GROUPS, DELIVERY_IDS, type DeliveryId, type Technique } from '../../../core/tackle'

/** The field guide: every technique of the register, found by what is sought, one opened at a time. */
useHead({ title: words.titleYgrion })
const route = useRoute()
const search = ref('')
const way = ref<DeliveryId | ''>('')
const WAYS = [
  { value: '', title: words.anyWay },
  ...DELIVERY_IDS.map((value) => ({ value, title: deliveryWords(value).name })),
]
const opened = ref<string | null>(typeof route.query.t === 'string' ? route.query.t : null)
const toggle = (id: string) => (opened.value = opened.value === id ? null : id)
onMounted(() => {
  if (opened.value) document.getElementById(`technique-${opened.value}`)?.scrollIntoView({ block: 'start' })
})
const fits = (t: Technique) => {
  const sought = (search.value ?? '').trim().toLowerCase()
  if (way.value && t.delivery !== way.value) return false
  const said = [t.name, t.how, t.at, deliveryWords(t.delivery).name, ...familyNames(t)].join(' ').toLowerCase()
  return sought.split(/\s+/).every((word) => said.includes(word))
}
const groups = computed(() =>
  TECHNIQUE_GROUPS.map((g) => ({ ...g, shown: (g.techniques as readonly Technique[]).filter(fits) })).filter(
    (g) => g.shown.length > 0,
  ),
)
const total = TECHNIQUE_GROUPS.reduce((sum, g) => sum + g.techniques.length, 0)
const count = computed(() => groups.value.reduce((sum, g) => sum + g.shown.length, 0))
const kinds = (t: Technique) => familyNames(t).slice(0, 4).join(', ') + (t.works.families.length > 4 ? ' …' : '')
</script>

<template>
  <div class="page guide">
    <PageHead :title="words.title" :about="words.about"><RuleTabs /></PageHead>
    <div class="find">
      <v-text-field v-model="search" :label="words.search" hide-details clearable autocomplete="off" />
      <v-select v-model="way" :label="words.way" :items="WAYS" hide-details />
      <p class="quiet" role="status">{{ words.shown(count, total) }}</p>
    </div>
    <section v-for="g in groups" :key="g.id" class="panel" :aria-labelledby="`g-${g.id}`">
      <h2 :id="`g-${g.id}`">{{ g.name }}</h2>
      <article v-for="t in g.shown" :id="`technique-${t.id}`" :key="t.id" :data-technique="t.id">
        <button type="button" class="head" :aria-expanded="opened === t.id" @click="toggle(t.id)">
          <span class="name">{{ t.name }}</span>
          <span class="way">{{ deliveryWords(t.delivery).name }}</span>
          <span class="how">{{ t.how }}</span>
          <span class="kinds quiet">{{ kinds(t) }}</span>
        </button>
        <TechniqueEntry v-if="opened === t.id" :technique="t" />
      </article>
    </section>
    <p v-if="count === 0" class="quiet none" role="status">{{ words.none }}</p>
  </div>
</template>

<style scoped>
.guide {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-16);
  max-width: 1080px;
}
.find {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 220px auto;
  gap: var(--space-12);
  align-items: center;
}
h2 {
  padding: var(--space-16) var(--space-16) var(--space-6);
}
article {
  scroll-margin-top: var(--space-24);
}
article + article {
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.7));
}
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-2) var(--space-16);
  width: 100%;
  padding: var(--space-12) var(--space-16);
  text-align: left;
}
.head:hover {
  background: rgba(var(--v-theme-surface-variant), 0.55);
}
.head:focus-visible {
  outline-offset: -3px;
}
.name {
  font-weight: 650;
  font-size: var(--text-4);
}
.way {
  font-size: var(--text-2);
}
.how,
.kinds {
  grid-column: 1 / -1;
}
.kinds {
  font-size: var(--text-2);
}
.none {
  padding: 0 var(--space-16);
}
@media (max-width: 600px) {
  .find {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
