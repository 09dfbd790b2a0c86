<script setup lang="ts">
import { FAMILIES, describeColouring, lureMass, searchFor, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

useHead({ title: 'Box · Ygrion' })
const box = useBox()
const { show } = useMeasure()
const search = ref('')
const editing = ref<{ lure: Lure | null } | null>(null)

const trays = computed(() => [...new Set(box.box.lures.map((l) => l.tray).filter(Boolean))].sort())
const groups = computed(() => {
  const found = box.box.lures.filter(searchFor(search.value ?? ''))
  return FAMILIES.map((family) => ({ family, lures: found.filter((l) => l.family === family.id) })).filter(
    (g) => g.lures.length > 0,
  )
})
/** One scale in a family, so that a small one looks small beside its sisters; the longest fits its compartment. */
const pxPerMm = (lures: readonly Lure[]) => 118 / Math.max(...lures.map((l) => l.lengthM * 1000))
const weight = (lure: Lure) => {
  const mass = lureMass(lure)
  return `${show(mass.kg, 'lureMass')}${mass.basis === 'measured' ? ' weighed' : ''}`
}

async function save(lure: Lure) {
  await box.save('lures', lure)
  editing.value = null
}
async function remove(lure: Lure) {
  await box.remove('lures', lure)
  editing.value = null
}
</script>

<template>
  <div class="page">
    <header class="head">
      <div>
        <h1>Box</h1>
        <p class="quiet">
          {{ box.box.lures.length }} lures, {{ box.box.rods.length }} rods, {{ box.box.reels.length }} reels,
          {{ box.box.lines.length }} lines · kept in this browser
        </p>
      </div>
      <BoxFiles />
    </header>
    <BoxTabs />
    <div class="bar">
      <v-text-field
        v-model="search"
        label="Search: silent shallow crank natural, 3/8 jig …"
        clearable
        class="search"
        @click:clear="search = ''"
      />
      <v-btn color="primary" @click="editing = { lure: null }">Add a lure</v-btn>
    </div>

    <div v-if="box.box.lures.length === 0" class="panel empty">
      <h2>An empty box</h2>
      <p>
        Add your first lure: its family, length and weight are enough to begin. The demo box shows what a full one looks
        like and can be undone.
      </p>
      <v-btn color="primary" @click="editing = { lure: null }">Add a lure</v-btn>
      <v-btn variant="text" @click="box.startDemo()">Open the demo box</v-btn>
    </div>
    <p v-else-if="groups.length === 0" class="panel empty">
      Nothing in the box answers to “{{ search }}”. Try fewer words.
    </p>

    <div class="families">
      <section v-for="g in groups" :key="g.family.id" class="family" :aria-label="g.family.name">
        <h2>
          {{ g.family.name }} <small>{{ g.family.about }}</small>
        </h2>
        <ul class="tray panel" :style="{ '--n': Math.min(g.lures.length, 6) }">
          <li v-for="lure in g.lures" :key="lure.id">
            <button type="button" class="lure" :data-lure="lure.name" @click="editing = { lure }">
              <span class="drawing"><LureDrawing :lure="lure" :px-per-mm="pxPerMm(g.lures)" /></span>
              <span class="name"
                >{{ lure.name }}<template v-if="lure.count > 1"> × {{ lure.count }}</template></span
              >
              <span class="facts">{{ show(lure.lengthM, 'lureLength') }} · {{ weight(lure) }}</span>
              <span class="facts"
                >{{ describeColouring(lure.colour)
                }}<template v-if="lure.sound !== 'silent'"
                  >, {{ lure.sound === 'knock' ? 'one knock' : 'rattles' }}</template
                ></span
              >
            </button>
          </li>
        </ul>
      </section>
    </div>

    <EditDialog
      :label="editing?.lure ? 'Change a lure' : 'Add a lure'"
      :open="editing !== null"
      :width-px="640"
      @close="editing = null"
    >
      <LureForm
        v-if="editing"
        :key="editing.lure?.id ?? 'new'"
        :lure="editing.lure"
        :trays="trays"
        @save="save"
        @remove="remove"
        @close="editing = null"
      />
    </EditDialog>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  justify-content: space-between;
  align-items: end;
}
.bar {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 18px 0 6px;
}
.search {
  max-width: 520px;
}
.empty {
  padding: 28px;
  display: grid;
  gap: 14px;
  justify-items: start;
  margin-top: 16px;
}
.families {
  display: flex;
  flex-wrap: wrap;
  gap: 22px 20px;
  margin-top: 20px;
  align-items: start;
}
.family h2 small {
  display: block;
  margin-top: 2px;
  font-family: var(--v-font-body);
  font-weight: 400;
  font-size: 0.9rem;
  letter-spacing: 0;
  opacity: var(--v-medium-emphasis-opacity);
}
.tray {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(var(--n), 188px);
  width: fit-content;
  overflow: hidden;
}
.tray li {
  display: grid;
  box-shadow: 0 0 0 0.5px rgba(var(--v-border-color), var(--v-border-opacity));
}
.lure {
  display: grid;
  grid-template-rows: 116px auto auto auto;
  align-content: start;
  justify-items: center;
  text-align: center;
  padding: 6px 10px 12px;
}
.lure:hover {
  background: rgba(var(--v-theme-surface-variant), 0.5);
}
.lure:focus-visible {
  outline-offset: -3px;
}
.drawing {
  display: grid;
  place-items: center;
  width: 100%;
  height: 106px;
  border-radius: 10px;
  background: #dde3d8;
  overflow: hidden;
}
.v-theme--night .drawing {
  background: #8a7358;
}
.name {
  font-weight: 650;
  overflow-wrap: anywhere;
}
.facts {
  font-size: 0.84rem;
  opacity: var(--v-medium-emphasis-opacity);
}
@media (max-width: 600px) {
  .family,
  .tray {
    width: 100%;
  }
  .tray {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
