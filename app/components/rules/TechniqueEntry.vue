<script setup lang="ts">
import { techniqueEntry as texts, sayRest, sayRule, sayWhen } from '../../../words'
import { luresFor, rulesOf, showTechnique, type Rule } from '../../../core/match'
import { showRange } from '../../../core/quantity'
import { familyOf, type Technique } from '../../../core/tackle'
import { truthDegree } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useJudged } from '~/composables/useJudged'
import { useBox } from '~/stores/box'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'

/** One technique in full: its path at a tempo and a patience that can be moved, its beat, its tackle, when it is reached for, and what of the box it is for. */
const props = defineProps<{ technique: Technique }>()
const box = useBox()
const match = useMatch()
const settings = useSettings()
const { show } = useMeasure()
const { context, options } = useJudged()
const asked = computed(() => context.value?.demand.wanted ?? { tempo: 0.5, patience: 0.5 })
const moved = ref<{ tempo: number; patience: number } | null>(null)
const at = computed(() => moved.value ?? asked.value)
const percent = (share: number) => Math.round(share * 100)
const move = (of: 'tempo' | 'patience', value: number) => (moved.value = { ...at.value, [of]: value / 100 })
const shown = computed(() => context.value && showTechnique(props.technique, at.value, context.value))
const yours = computed(() => luresFor(props.technique, box.box))
const degree = (rule: Rule) => (context.value ? truthDegree(rule.when, context.value.reading.features) : 0)
const said = (rules: readonly Rule[]) =>
  rules.map((rule) => ({
    rule,
    here: degree(rule) >= 0.05,
    when: sayWhen(rule.when, settings.system),
  }))
const rules = computed(() => {
  const { reach, leave } = rulesOf(props.technique, options.value.rules)
  return [
    { name: texts.when, said: said(reach) },
    { name: texts.leaveIt, said: said(leave) },
  ].filter((list) => list.said.length > 0)
})
const passing = computed(() => {
  const { passing: goes } = props.technique
  return texts.passing[goes >= 0.7 ? 'search' : goes >= 0.25 ? 'between' : 'stays']
})
const facts = computed(() => [
  { name: texts.taken, says: props.technique.takes.map((t) => texts.takes[t]).join(', ') },
  { name: texts.covers, says: passing.value },
  ...(props.technique.rest ? [{ name: texts.inTheRest, says: texts.rest[props.technique.rest] }] : []),
])
const range = ([low, high]: readonly [number, number], role: Parameters<typeof showRange>[2]) =>
  showRange(low, high, role, settings.system)
const span = ([low, high]: readonly [string, string]) => (low === high ? low : `${low} to ${high}`)
const tackle = computed(() => {
  const t = shown.value?.tackle
  if (!t) return []
  return [
    { name: texts.rod, says: `${span(t.power)}, ${span(t.action)}, ${range(t.rodM, 'rodLength')}` },
    { name: texts.line, says: range(t.lineN, 'lineStrength') },
    { name: texts.leader, says: range(t.leaderN, 'lineStrength') },
    { name: texts.reel, says: t.reels ? t.reels.join(', ') : texts.anyReel },
  ]
})
const openInMatch = async (id: string) => {
  match.choose(id)
  await navigateTo('/')
}
</script>

<template>
  <div v-if="shown" class="entry">
    <div class="picture">
      <TechniquePath :shown="shown" :says="texts.pathSays(technique.how, show(shown.depthM, 'depth'))" />
      <div class="moves">
        <label v-if="technique.pace">
          <span>{{ texts.tempo }} <b>{{ percent(at.tempo) }} %</b></span>
          <input
            type="range"
            min="0"
            max="100"
            step="5"
            :value="percent(at.tempo)"
            @input="(e) => move('tempo', Number((e.target as HTMLInputElement).value))"
          />
          <small><span>{{ texts.slow }}</span><span>{{ texts.fast }}</span></small>
        </label>
        <label v-if="technique.restS">
          <span>{{ texts.patience }} <b>{{ percent(at.patience) }} %</b></span>
          <input
            type="range"
            min="0"
            max="100"
            step="5"
            :value="percent(at.patience)"
            @input="(e) => move('patience', Number((e.target as HTMLInputElement).value))"
          />
          <small><span>{{ texts.short }}</span><span>{{ texts.long }}</span></small>
        </label>
        <dl class="figures">
          <div>
            <dt>{{ texts.pace }}</dt>
            <dd>{{ technique.pace ? show(shown.work.paceMps, 'lureSpeed') : texts.waterSetsIt }}</dd>
          </div>
          <div>
            <dt>{{ texts.restS }}</dt>
            <dd>{{ shown.work.restS > 0 ? sayRest(shown.work.restS) : texts.noRest }}</dd>
          </div>
        </dl>
        <p class="quiet">
          {{ texts.asked(percent(asked.tempo), percent(asked.patience)) }}
          <button v-if="moved" type="button" class="link" @click="moved = null">{{ texts.asToday }}</button>
        </p>
      </div>
    </div>
    <CadenceScore v-if="technique.pace || technique.restS" :cadence="shown.cadence" />
    <slot />
    <div class="columns">
      <section>
        <h3>{{ texts.tackleFor(context?.species.name ?? '') }}</h3>
        <dl>
          <div v-for="t in tackle" :key="t.name">
            <dt>{{ t.name }}</dt>
            <dd>{{ t.says }}</dd>
          </div>
        </dl>
        <p class="quiet">
          {{
            texts.withLure(familyOf(shown.build.lure.family).name.toLowerCase(), show(shown.build.massKg, 'lureMass'))
          }}; {{ familyOf(shown.build.lure.family).rod.why }}.
        </p>
        <dl>
          <div v-for="f in facts" :key="f.name">
            <dt>{{ f.name }}</dt>
            <dd>{{ f.says }}</dd>
          </div>
        </dl>
      </section>
      <section>
        <template v-if="rules.length === 0">
          <h3>{{ texts.when }}</h3>
          <p class="quiet">{{ texts.whenever }}</p>
        </template>
        <template v-for="list in rules" :key="list.name">
          <h3>{{ list.name }}</h3>
          <ul>
            <li v-for="{ rule, here, when } in list.said" :key="rule.id">
              {{ sayRule(rule) }} <span v-if="when" class="quiet">{{ when }}.</span>
              <span v-if="here" class="here"> {{ texts.speaksHere }}</span>
            </li>
          </ul>
        </template>
      </section>
      <section>
        <h3>{{ texts.yours }}</h3>
        <p v-if="yours.length === 0" class="quiet">{{ texts.noneYours }}</p>
        <ul class="lures">
          <li v-for="lure in yours" :key="lure.id">
            <button type="button" :title="texts.matchIt" @click="openInMatch(lure.id)">{{ lure.name }}</button>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
.entry {
  display: grid;
  gap: var(--space-16);
  padding: 0 var(--space-16) var(--space-20);
}
.picture {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: var(--space-20);
  align-items: center;
}
.moves {
  display: grid;
  gap: var(--space-8);
}
.moves label {
  display: grid;
  gap: var(--space-2);
  font-size: var(--text-3);
}
.moves label > span,
.moves small {
  display: flex;
  justify-content: space-between;
}
.moves small {
  opacity: var(--v-medium-emphasis-opacity);
}
input[type='range'] {
  width: 100%;
  min-height: 32px;
  accent-color: rgb(var(--v-theme-primary));
}
.figures {
  display: flex;
  gap: var(--space-8) var(--space-24);
  flex-wrap: wrap;
}
.figures dd {
  font-weight: 650;
  font-size: var(--text-4);
}
.columns {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--space-24);
}
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
dl {
  margin: 0 0 var(--space-8);
}
section dl div {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: var(--space-8);
  padding: var(--space-2) 0;
}
dt {
  opacity: var(--v-medium-emphasis-opacity);
  font-size: var(--text-2);
}
dd {
  margin: 0;
}
ul {
  margin: 0 0 var(--space-12);
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-6);
}
.lures {
  padding: 0;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-12);
}
.lures button,
.link {
  min-height: 28px;
  text-decoration: underline;
  text-underline-offset: 3px;
  text-align: left;
}
.here {
  margin-left: var(--space-4);
  font-size: var(--text-2);
  font-weight: 650;
  color: rgb(var(--v-theme-primary));
}
@media (max-width: 760px) {
  .picture,
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
