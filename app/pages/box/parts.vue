<script setup lang="ts">
import { boxPartsPage as texts, sayUse, THINGS } from '../../../words'
import { partUse } from '../../../core/match'
import type { Part, PartKind, PartOf } from '../../../core/tackle'
import { DRAWERS, partFigures } from '~/components/box/part-draft'
import { capital } from '~/components/form/choices'
import { useMeasure } from '~/composables/useMeasure'
import { plain } from '~/composables/plain'
import { thenShow } from '~/composables/then-show'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { byName } from '~/composables/by-name'

useHead({ title: texts.rodsLinesPartsYgrion })
const box = useBox()
const settings = useSettings()
const { show } = useMeasure()
const editing = shallowRef<{ kind: PartKind; part: Part | null } | null>(null)

/** By name, with 5 g before 10 g. */
const partsOf = (kind: PartKind): readonly Part[] => [...box.box[kind]].sort(byName)
const figures = (kind: PartKind, part: Part) => partFigures(kind, part, show).join(' · ')
const uses = (kind: PartKind, part: Part) =>
  sayUse(partUse(kind, part as PartOf<typeof kind>, box.box), settings.system)

/** A form with what was typed into it and not saved. */
function resume(form: string, id: string | null) {
  const kind = form as PartKind
  editing.value = { kind, part: partsOf(kind).find((p) => p.id === id) ?? null }
}
async function save(part: Part) {
  if (!editing.value) return
  const { kind, part: base } = editing.value
  await thenShow(editing, null, () => box.save(kind, part as never, base ? (plain(base) as never) : undefined))
}
async function remove(part: Part) {
  if (!editing.value) return
  const { kind } = editing.value
  await thenShow(editing, null, () => box.remove(kind, [part as never]))
}
</script>

<template>
  <div class="page">
    <PageHead :title="texts.box"><BoxTabs /></PageHead>
    <UnfinishedDrafts
      :forms="DRAWERS.map((d) => d.kind)"
      :known="(form, id) => partsOf(form as PartKind).some((p) => p.id === id)"
      @resume="resume"
    />
    <div class="drawers">
      <section v-for="d in DRAWERS" :key="d.kind" :aria-label="capital(THINGS[d.kind].many)" class="drawer">
        <header>
          <h2>{{ capital(THINGS[d.kind].many) }} <small>{{ d.about }}</small></h2>
          <v-btn variant="outlined" size="small" @click="editing = { ...d, part: null }">{{
            texts.add(THINGS[d.kind].one)
          }}</v-btn>
        </header>
        <ul v-if="partsOf(d.kind).length" class="panel list">
          <li v-for="part in partsOf(d.kind)" :key="part.id">
            <button type="button" class="row" :data-part="part.name" @click="editing = { ...d, part }">
              <PartDrawing :kind="d.kind" :part="part" />
              <span class="words">
                <span class="name"
                  >{{ part.name
                  }}<template v-if="'count' in part && part.count !== 1"> × {{ part.count }}</template></span
                >
                <span class="facts">{{ figures(d.kind, part) }}</span>
                <span class="uses">{{ capital(uses(d.kind, part)) }}</span>
              </span>
            </button>
          </li>
        </ul>
        <p v-else class="panel none">{{ texts.noneYet }}</p>
      </section>
    </div>
    <EditDialog
      :label="editing ? (editing.part ? texts.change : texts.add)(THINGS[editing.kind].one) : ''"
      :open="editing !== null"
      :width-px="560"
      @close="editing = null"
    >
      <PartForm
        v-if="editing"
        :key="editing.part?.id ?? 'new'"
        :kind="editing.kind"
        :one="THINGS[editing.kind].one"
        :part="editing.part"
        @save="save"
        @remove="remove"
        @close="editing = null"
      />
    </EditDialog>
  </div>
</template>

<style scoped>
.drawers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 500px), 1fr));
  gap: var(--space-20) var(--space-20);
  margin-top: var(--space-16);
  align-items: start;
}
.drawer header {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: var(--space-12);
  margin-bottom: var(--space-8);
}
h2 small {
  display: block;
  margin-top: var(--space-2);
  font-family: var(--v-font-body);
  font-weight: 400;
  font-size: var(--text-3);
  letter-spacing: 0;
  opacity: var(--v-medium-emphasis-opacity);
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  overflow: hidden;
}
.list li + li {
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.6));
}
.row {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: var(--space-12);
  align-items: center;
  width: 100%;
  padding: var(--space-8) var(--space-12) var(--space-8) var(--space-8);
  text-align: left;
}
.row:hover {
  background: rgba(var(--v-theme-surface-variant), 0.55);
}
.row:focus-visible {
  outline-offset: -3px;
}
.words {
  display: grid;
  overflow-wrap: anywhere;
}
.name {
  font-weight: 650;
}
.facts {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.uses {
  font-size: var(--text-2);
}
.none {
  padding: var(--space-12) var(--space-16);
}
</style>
