<script setup lang="ts">
import { howToFish as words, noteWords, sayFitting, sayHandling, sayLaw, sayRest } from '../../../words'
import { fittingFor, howToFish, type Ranked } from '../../../core/match'
import type { Verdict } from '../../../core/motion'
import { deliveryOf } from '../../../core/tackle'
import { useJudged } from '~/composables/useJudged'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { techniquePath } from '~/composables/paths'

/** What the hand does with a set-up here, what it feels for, what the fish say, and what to mind. */
const props = defineProps<{ row: Ranked }>()
const settings = useSettings()
const { show } = useMeasure()
const { context } = useJudged()
const how = computed(() => context.value && howToFish(props.row, context.value))
const box = useBox()
const tied = computed(() => {
  const fitting = context.value && fittingFor(props.row.setUp, box.box.terminals, context.value)
  return fitting ? sayFitting(fitting, settings.system) : []
})
const law = computed(() => (how.value ? sayLaw(how.value.law) : []))
const handling = computed(() => props.row.setUp.handling)
/** Drawn by boat or river there is no beat to keep. */
const beats = computed(() => {
  const { technique, restS } = props.row.setUp.handling
  return deliveryOf(technique.delivery).pace === 'hand' || restS > 0
})
const turns = computed(() => how.value?.cadence.turnsPerS ?? null)
const stays = computed(() => {
  const down = how.value?.staysDown
  if (!down) return []
  const say = (v: Verdict, yes: string) =>
    v.does ? yes : v.moreKg === null ? words.outOfReach : words.moreWould(show(v.moreKg, 'lureMass'))
  const { seconds, carriedM } = down.getsDown
  return [
    { name: words.holdsBottom, does: down.holdsBottom.does, says: say(down.holdsBottom, words.yes) },
    { name: words.holdsDepth, does: down.holdsDepth.does, says: say(down.holdsDepth, words.yes) },
    {
      name: words.getsDown,
      does: down.getsDown.does,
      says: say(down.getsDown, words.inSCarried(seconds.toFixed(0), show(carriedM, 'distance'))),
    },
  ]
})
const reel = computed(() => props.row.setUp.outfit.reel)
</script>

<template>
  <div v-if="how" class="how">
    <section>
      <h3>{{ words.theHand }}</h3>
      <NuxtLink class="guide" :to="techniquePath(handling.technique.id)">{{
        words.fieldGuide(handling.technique.name)
      }}</NuxtLink>
      <p class="line">{{ sayHandling(row, settings.system) }}</p>
      <dl class="figures">
        <div v-if="handling.countDownS > 0">
          <dt>{{ words.count }}</dt>
          <dd>{{ handling.countDownS }} s <small>{{ words.to(show(how.sinksToM, 'depth')) }}</small></dd>
        </div>
        <div>
          <dt>{{ turns === null ? words.pull : words.pace }}</dt>
          <dd>{{ show(handling.paceMps, 'lureSpeed') }}</dd>
        </div>
        <div v-if="turns !== null">
          <dt>{{ words.handle }}</dt>
          <dd>{{ words.turnsS(turns.toFixed(1)) }} <small>{{ words.on(reel.name) }}</small></dd>
        </div>
        <div v-if="how.cable">
          <dt>{{ words.cableOut }}</dt>
          <dd>{{ how.cable.outM === null ? words.heavierBall : show(how.cable.outM, 'depth') }}</dd>
        </div>
        <div v-if="how.blowOut.fromMps !== null">
          <dt>{{ words.blowsOutFrom }}</dt>
          <dd>{{ show(how.blowOut.fromMps, 'lureSpeed') }}</dd>
        </div>
        <div v-if="handling.restS > 0">
          <dt>{{ words.rest }}</dt>
          <dd>{{ sayRest(handling.restS) }}</dd>
        </div>
      </dl>
      <dl v-if="how.staysDown" class="figures" data-testid="stays-down">
        <div v-for="v in stays" :key="v.name">
          <dt>{{ v.name }}</dt>
          <dd :class="{ not: !v.does }">{{ v.says }}</dd>
        </div>
      </dl>
      <p v-if="how.blowOut.now" class="caution">{{ words.blownOut }}</p>
      <CadenceScore v-if="beats" :cadence="how.cadence" />
    </section>
    <section v-if="tied.length || how.ready.length || how.feel.length" class="two">
      <div v-if="tied.length || how.ready.length">
        <h3>{{ words.beforeTheFirstCast }}</h3>
        <ul>
          <li v-for="line in tied" :key="line">{{ line }}</li>
          <li v-for="n in how.ready" :key="n.id">{{ noteWords(n).says }}</li>
        </ul>
      </div>
      <div>
        <h3>{{ words.feelFor }}</h3>
        <ul>
          <li v-for="n in how.feel" :key="n.id">{{ noteWords(n).says }}</li>
        </ul>
      </div>
    </section>
    <section>
      <h3>{{ words.whatTheyTellYou }}</h3>
      <table>
        <tbody>
          <tr v-for="t in how.tells" :key="t.id">
            <th scope="row">{{ noteWords(t).heard }}</th>
            <td>{{ noteWords(t).says }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section>
      <h3>{{ words.nothingChangeInThis }}</h3>
      <ol>
        <li v-for="n in how.changes" :key="n.id">{{ noteWords(n).says }}</li>
      </ol>
    </section>
    <section v-if="law.length || how.cautions.length" class="mind">
      <p v-for="l in law" :key="l" class="caution"><b>{{ words.rulesHere }}</b> {{ l }}</p>
      <p v-for="n in how.cautions" :key="n.id" class="caution"><b>{{ words.careful }}</b> {{ noteWords(n).says }}</p>
      <p class="quiet">{{ words.localRulesComeFirst }}</p>
    </section>
  </div>
</template>

<style scoped>
.how {
  display: grid;
  gap: var(--space-20);
}
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
.guide {
  display: inline-block;
  margin-bottom: var(--space-8);
  font-size: var(--text-3);
}
.line {
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-24);
  margin: 0 0 var(--space-12);
}
dt {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
dd {
  margin: 0;
  font-weight: 650;
  font-size: var(--text-5);
}
.not {
  color: rgb(var(--v-theme-error));
}
dd small {
  font-weight: 400;
}
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-24);
}
ul,
ol {
  margin: 0;
  padding-left: var(--space-20);
  display: grid;
  gap: var(--space-4);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: var(--space-6) 0;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
th {
  font-weight: 650;
  width: 34%;
  padding-right: var(--space-16);
}
.mind {
  display: grid;
  gap: var(--space-6);
}
@media (max-width: 600px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  th {
    width: 42%;
  }
}
</style>
