<script setup lang="ts">
import { deliveryWords, ownTechnique as mine, techniquesPage as words } from '../../../words'
import { copyOf, familyNames, techniqueOfOwn, type OwnTechnique } from '../../../core/match'
import { TECHNIQUE_GROUPS, DELIVERY_IDS, findTechnique, type DeliveryId, type Technique } from '../../../core/tackle'
import { draftKey } from '~/composables/useDraft'
import { thenShow } from '~/composables/then-show'
import { useBox } from '~/stores/box'
import { newId } from '../../../core/new-id'

/** The field guide: every technique of the register and of one's own, found by what is sought, one opened at a time. */
useHead({ title: words.titleYgrion })
const route = useRoute()
const box = useBox()
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
const own = computed(() => box.practice.techniques.map(techniqueOfOwn))
const all = computed((): readonly { id: string; name: string; techniques: readonly Technique[] }[] => [
  ...(own.value.length > 0 ? [{ id: 'own', name: mine.title, techniques: own.value }] : []),
  ...TECHNIQUE_GROUPS,
])
const groups = computed(() =>
  all.value
    .map((g) => ({ ...g, shown: g.techniques.filter(fits).map((t) => ({ t, one: ownOf(t) })) }))
    .filter((g) => g.shown.length > 0),
)
const total = computed(() => all.value.reduce((sum, g) => sum + g.techniques.length, 0))
const count = computed(() => groups.value.reduce((sum, g) => sum + g.shown.length, 0))
const ownOf = (t: Technique) => box.practice.techniques.find(({ id }) => id === t.id)
/** Of what a kept one is a copy, by name. */
const originalName = (one: OwnTechnique) => findTechnique(one.of)?.name ?? ''

const editing = ref<OwnTechnique | null>(null)
const copy = (t: Technique) => (editing.value = copyOf(t, `own-${newId()}`))
const COPY = 'copy-of-'
/** What is typed into a copy is kept under its original. */
const draftId = (one: OwnTechnique) => (ownIds.value.has(one.id) ? one.id : COPY + one.of)
const ownIds = computed(() => new Set(own.value.map(({ id }) => id)))
const originalOf = (id: string) => (id.startsWith(COPY) ? findTechnique(id.slice(COPY.length)) : null)
function resume(_: string, id: string | null) {
  const original = id === null ? null : originalOf(id)
  if (original) copy(original)
  else editing.value = box.practice.techniques.find((t) => t.id === id) ?? null
}
async function keep(one: OwnTechnique) {
  const known = ownIds.value.has(one.id)
  const { techniques: there } = box.practice
  const techniques = known ? there.map((t) => (t.id === one.id ? one : t)) : [...there, one]
  await thenShow(editing, null, () => box.putPractice({ techniques }, (known ? mine.changed : mine.added)(one.name)))
  opened.value = one.id
}
const remove = (one: OwnTechnique) =>
  box.putPractice({ techniques: box.practice.techniques.filter((t) => t.id !== one.id) }, mine.removed(one.name))
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
    <UnfinishedDrafts
      :forms="['techniques']"
      :known="(_, id) => ownIds.has(id) || originalOf(id) !== null"
      @resume="resume"
    />
    <p v-if="own.length === 0" class="quiet own">{{ mine.none }}</p>
    <section v-for="g in groups" :key="g.id" class="panel" :aria-labelledby="`g-${g.id}`">
      <h2 :id="`g-${g.id}`">{{ g.name }}</h2>
      <article v-for="{ t, one } in g.shown" :id="`technique-${t.id}`" :key="t.id" :data-technique="t.id">
        <button type="button" class="head" :aria-expanded="opened === t.id" @click="toggle(t.id)">
          <span class="name">{{ t.name }}</span>
          <span class="way">{{ deliveryWords(t.delivery).name }}</span>
          <span class="how">{{ t.how }}</span>
          <span class="kinds quiet">{{ kinds(t) }}</span>
        </button>
        <TechniqueEntry v-if="opened === t.id" :key="JSON.stringify(one ?? t.id)" :technique="t">
          <div class="acts">
            <template v-if="one">
              <v-btn color="primary" size="small" @click="editing = one">{{ mine.change }}</v-btn>
              <ShareThing kind="technique" :id="one.id" :name="one.name" />
              <v-btn variant="text" size="small" @click="remove(one)">{{ mine.remove }}</v-btn>
              <span class="quiet">{{ mine.copyOf(originalName(one)) }}</span>
            </template>
            <v-btn v-else variant="outlined" size="small" @click="copy(t)">{{ mine.copyIt }}</v-btn>
          </div>
        </TechniqueEntry>
      </article>
    </section>
    <p v-if="count === 0" class="quiet none" role="status">{{ words.none }}</p>
    <EditDialog :open="editing !== null" :label="mine.formTitle" :width-px="760" @close="editing = null">
      <TechniqueForm
        v-if="editing"
        :key="editing.id"
        :technique="editing"
        :draft-key="draftKey('techniques', draftId(editing))"
        @keep="keep"
        @close="editing = null"
      />
    </EditDialog>
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
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
}
.own {
  max-width: 68ch;
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
