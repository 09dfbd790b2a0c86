<script setup lang="ts">
import { sheetPlan as words, count, sayFileProblem, saySlip } from '../../../words'
import {
  columnOf,
  trayEffects,
  unknownWords,
  type ImportPlan,
  type TrayEffect,
  type WordKind,
} from '../../../core/exchange'
import { COLOURS, FAMILIES } from '../../../core/tackle'
import { useBox } from '~/stores/box'

/** What a spreadsheet would do to the box, before it does it. */
const props = defineProps<{ plan: ImportPlan }>()
const emit = defineEmits<{ take: []; again: []; close: []; means: [kind: WordKind, word: string, known: string] }>()
const box = useBox()
const effects = computed(() => trayEffects(props.plan, box.box))
const said = (e: TrayEffect) =>
  [
    e.made ? words.isNew : '',
    e.comes ? words.comeIn(count(e.comes, 'lure')) : '',
    e.leaves ? words.goOut(count(e.leaves, 'lure')) : '',
    e.moves ? words.changePlace(count(e.moves, 'lure')) : '',
  ]
    .filter(Boolean)
    .join('; ')
/** Words that would set rows aside, and what each may be said to stand for. */
const MOST_WORDS = 12
const unknown = computed(() => unknownWords(props.plan).slice(0, MOST_WORDS))
const CHOICES: Readonly<Record<WordKind, readonly { value: string; title: string }[]>> = {
  family: FAMILIES.map((f) => ({ value: f.name, title: f.name })),
  colour: COLOURS.map((c) => ({ value: c.name, title: c.name })),
}
const columnName = (id: string) => columnOf(id)?.label ?? id
</script>

<template>
  <div class="planned">
    <ul class="counts">
      <li><b>{{ plan.added.length }}</b> {{ words.newWord }}</li>
      <li><b>{{ plan.changed.length }}</b> {{ words.changeWhatYouHave }}</li>
      <li><b>{{ plan.same }}</b> {{ words.unchanged }}</li>
      <li :class="{ bad: plan.aside.length }"><b>{{ plan.aside.length }}</b> {{ words.toFixFirst }}</li>
      <li v-if="plan.trays.length"><b>{{ plan.trays.length }}</b> {{ words.newTrays }}</li>
    </ul>
    <ul v-if="plan.added.length" class="made" :aria-label="words.theFirstOfThem">
      <li v-for="lure in plan.added.slice(0, 8)" :key="lure.id">
        <LureDrawing :lure="lure" :width-px="92" /><span>{{ lure.name }}</span>
      </li>
    </ul>
    <details v-if="effects.length" :open="effects.length <= 6">
      <summary>{{ words.traysTouched(count(effects.length, 'tray')) }}</summary>
      <ul>
        <li v-for="e in effects" :key="e.name"><b>{{ e.name }}</b> {{ said(e) }}</li>
      </ul>
    </details>
    <section v-if="unknown.length" :aria-label="words.wordsNotKnown">
      <h3>{{ words.wordsNotKnown }}</h3>
      <ul class="words">
        <li v-for="u in unknown" :key="`${u.kind} ${u.word}`">
          <span>{{ words.wordIn(u.word, count(u.rows, 'row')) }}</span>
          <v-select
            :label="words.means(u.word)"
            :items="CHOICES[u.kind]"
            :model-value="null"
            @update:model-value="(known) => known && emit('means', u.kind, u.word, known)"
          />
        </li>
      </ul>
      <p class="quiet">{{ words.remembered }}</p>
    </section>
    <details v-if="plan.aside.length" :open="unknown.length === 0">
      <summary>{{ words.rowsThatWouldBe }}</summary>
      <ul>
        <li v-for="a in plan.aside.slice(0, 30)" :key="a.row">
          {{ words.row(a.row) }}
          <template v-for="(p, i) in a.problems" :key="i"
            >{{ columnName(p.column) }} {{ sayFileProblem(p.problem) }}.
          </template>
        </li>
      </ul>
    </details>
    <details v-if="plan.slips.length">
      <summary>{{ words.readDespiteATypo(count(plan.slips.length, 'word')) }}</summary>
      <ul>
        <li v-for="(n, i) in plan.slips.slice(0, 40)" :key="i">{{ words.row2(n.row, saySlip(n.slip)) }}</li>
      </ul>
    </details>
    <div class="ways">
      <v-btn
        color="primary"
        :disabled="plan.added.length + plan.changed.length + plan.aside.length === 0"
        @click="$emit('take')"
        >{{ words.takeThem }}</v-btn
      >
      <v-btn variant="outlined" @click="$emit('again')">{{ words.backToTheColumns }}</v-btn>
      <v-btn variant="text" @click="$emit('close')">{{ words.cancel }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.planned {
  display: grid;
  gap: var(--space-12);
  min-width: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.counts {
  list-style: none;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-24);
}
.counts b {
  font-family: var(--v-font-heading);
  font-size: var(--text-7);
}
.words {
  list-style: none;
  margin: var(--space-8) 0;
  padding: 0;
  display: grid;
  gap: var(--space-8);
}
.words li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-12);
  align-items: center;
  overflow-wrap: anywhere;
}
.quiet {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
}
.bad b {
  color: rgb(var(--v-theme-error));
}
.made {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: var(--space-6);
}
.made li {
  display: grid;
  justify-items: center;
  padding: var(--space-4);
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  color: var(--colour-ink);
  font-size: var(--text-2);
  text-align: center;
  overflow: hidden;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
details ul {
  max-height: 220px;
  overflow: auto;
  font-size: var(--text-3);
}
</style>
